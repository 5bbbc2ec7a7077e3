import { caseEventSchema } from '../../../../contracts';
import type { PartFacts } from '../../../../core/casework';
import { identityWords } from '../../../../core/record';
import { partNoteOf, priceProblem, type PartLabelDraft } from './part-note';

const blank: PartLabelDraft = { make: '', model: '', serial: '', rating: '', condition: '', paid: '' };
const known: PartFacts = {
  ratedMts: null,
  runningMts: null,
  paid: 20,
  make: 'Brine & Daughters',
  model: null,
  serial: null,
  rating: null,
  condition: null,
};

test('only what is new is noted, trimmed, and the server takes it', () => {
  const note = partNoteOf(
    'supply',
    { ...blank, make: 'Brine & Daughters', serial: ' K-0 ', condition: 'used', paid: '20' },
    known,
  );
  expect(note).toEqual({ kind: 'part-noted', part: 'supply', serial: 'K-0', condition: 'used' });
  const event = { ...note, id: '00000000-0000-4000-8000-000000000001', at: '2026-01-05T10:00:00Z', by: 'R' };
  expect(caseEventSchema.safeParse(event).success).toBe(true);
});

test('nothing typed, or nothing new, is no note', () => {
  expect(partNoteOf('supply', blank, undefined)).toBeNull();
  expect(partNoteOf('supply', { ...blank, paid: '20,0' }, known)).toBeNull();
});

test.each([
  ['', null],
  ['12,50', null],
  ['0', null],
  ['-1', 'Enter an amount, 0 or more.'],
  ['much', 'Enter an amount, 0 or more.'],
  ['1000001', 'Enter an amount, 0 or more.'],
])('a price of "%s" is %p', (text, problem) => expect(priceProblem(text)).toBe(problem));

test('a part is told by make and model, rating, number and condition, whatever of it is known', () => {
  expect(identityWords({ make: 'Brine', model: 'K 650', rating: '650 W', serial: '12', condition: 'worn' })).toEqual([
    'Brine K 650',
    '650 W',
    'serial 12',
    'worn',
  ]);
  expect(identityWords({ ...known, make: null })).toEqual([]);
});
