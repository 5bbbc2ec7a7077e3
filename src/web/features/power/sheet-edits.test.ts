import type { PowerSheet } from '../../../core/power';
import { parseFigure, parseRails, parseRange } from './parse-figures';
import {
  edited,
  editConsumer,
  editSupply,
  newId,
  removeConsumer,
  withLead,
  withoutLead,
  type Edited,
} from './sheet-edits';

const watts = { max: 5000, unit: 'watts' };
const sheet: PowerSheet = {
  consumers: [
    { id: 'card', kind: 'graphics-card', boardWatts: 200 },
    { id: 'board', kind: 'board' },
  ],
  supply: { watts: 430, v12Amps: [18, 16] },
  leads: [
    { id: 'out', kind: 'output', connector: 'drive-4' },
    { id: 'split', kind: 'splitter', connector: 'drive-4', from: ['out'] },
    { id: 'to-card', kind: 'adapter', connector: 'card-8', from: ['split'] },
    { id: 'in', kind: 'input', connector: 'card-8', from: ['to-card'], consumer: 'card' },
  ],
};
const sheetOf = (next: Edited): PowerSheet => {
  if (!next.ok) throw new Error(next.message);
  return next.sheet;
};
const refused = (next: Edited): string => (next.ok ? 'taken' : next.message);

test.each([
  ['90 to 120', [90, 120]],
  ['90-120', [90, 120]],
  ['90–120', [90, 120]],
  ['120', [120, 120]],
  ['1,5 to 3', [1.5, 3]],
  ['', null],
])('"%s" is a range', (text, value) => expect(parseRange(text, watts)).toEqual({ ok: true, value }));

test.each(['120 to 90', '-5', 'a lot', '1 to 2 to 3', '6000', 'NaN', '1e3'])('"%s" is none', (text) => {
  const read = parseRange(text, watts);
  expect(read.ok ? 'taken' : read.message).toMatch(/^expected .*found/);
});

test('rails are figures with a plus between them; a lone figure may have a comma', () => {
  expect(parseRails('18 + 16', { max: 300, unit: 'amperes' })).toEqual({ ok: true, value: [18, 16] });
  expect(parseRails('18 + ', { max: 300, unit: 'amperes' }).ok).toBe(false);
  expect(parseFigure('2,5', watts)).toEqual({ ok: true, value: 2.5 });
  expect(parseFigure('−5', { min: -10, max: 0, unit: 'degrees' })).toEqual({ ok: true, value: -5 });
});

test('an emptied figure is as usual again, and what is wrong changes nothing', () => {
  const own = sheetOf(editConsumer(sheet, 1, { typical: [10, 20] }));
  expect(sheetOf(editConsumer(own, 1, { typical: undefined })).consumers[1]).toEqual({ id: 'board', kind: 'board' });
  expect(refused(editConsumer(sheet, 0, { boardWatts: -3 }))).not.toBe('taken');
  expect(refused(editSupply(sheet, { watts: 0 }))).not.toBe('taken');
  expect(sheetOf(editSupply(sheet, { vsbAmps: 2 })).supply).toEqual({ watts: 430, v12Amps: [18, 16], vsbAmps: 2 });
});

test('a consumer takes its inputs along, and what fed nothing else', () => {
  const left = sheetOf(removeConsumer(sheet, 0, 'card'));
  expect(left.consumers.map(({ id }) => id)).toEqual(['board']);
  expect(left.leads).toEqual([]);
  expect(refused(removeConsumer(left, 0, 'board'))).not.toBe('taken');
});

test('a chain closes over a splitter that is taken out', () => {
  const leads = withoutLead(sheet.leads ?? [], 'split');
  expect(leads.find(({ id }) => id === 'to-card')?.from).toEqual(['out']);
  expect(edited(sheet, { leads }).ok).toBe(true);
});

test.each([
  [{ id: 'out', kind: 'lead', connector: 'drive-4', from: ['split'] } as const, /feeds itself/],
  [{ id: 'new', kind: 'lead', connector: 'sata-power', from: ['out'] } as const, /goes into/],
  [
    { id: 'new', kind: 'input', connector: 'card-8', from: ['to-card'], consumer: 'nobody' } as const,
    /id of a consumer/,
  ],
  [{ id: 'new', kind: 'adapter', connector: 'card-8' } as const, /what feeds/],
])('%j is refused with what is wrong', (lead, message) => expect(refused(withLead(sheet, lead))).toMatch(message));

test('a lead is put in place of the one with its id, and a new one gets an id of its own', () => {
  const changed = sheetOf(withLead(sheet, { id: 'out', kind: 'output', connector: 'drive-4', limitWatts: 90 }));
  expect(changed.leads?.[0]?.limitWatts).toBe(90);
  expect(changed.leads).toHaveLength(4);
  expect(newId([{ id: 'lead-1' }, { id: 'lead-2' }], 'lead')).toBe('lead-3');
});
