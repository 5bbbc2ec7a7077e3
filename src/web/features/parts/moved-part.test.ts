import { emptyMoved, movedPartOf, type MovedDraft } from './moved-part';

const draft = (more: Partial<MovedDraft>): MovedDraft => ({ ...emptyMoved, name: 'Cooler', ...more });

test.each<[string, Partial<MovedDraft>, object]>([
  ['nothing but its name', {}, { kind: 'part-moved', way: 'bought', name: 'Cooler' }],
  ['a price with a comma', { price: ' 12,5 ' }, { price: '12.5' }],
  ['one of a lot', { price: '90', of: '3' }, { lot: { paid: '90', of: 3 } }],
  [
    'what it is and from whom',
    { way: 'to-seller', part: 'supply', serial: ' K-7 ', seller: 'Quay market' },
    { serial: 'K-7' },
  ],
])('%s becomes an entry', (_what, more, expected) => {
  const read = movedPartOf(draft(more));
  expect(read).toMatchObject({ ok: true, body: expected });
});

test.each<[Partial<MovedDraft>, string]>([
  [{ name: ' ' }, 'name'],
  [{ price: '12.345' }, 'price'],
  [{ price: '-3' }, 'price'],
  [{ price: '90', of: '0' }, 'of'],
  [{ price: '90', of: '2.5' }, 'of'],
  [{ of: '3' }, 'price'],
  [{ warrantyUntil: '31.3.2027' }, 'warrantyUntil'],
])('%o is refused at its field', (more, field) => {
  const read = movedPartOf(draft(more));
  expect(read.ok ? [] : Object.keys(read.errors)).toEqual([field]);
});
