import { foldCase } from '../../../core/casework';
import { caseEventSchema } from '../../../contracts';
import { emptyDraft, intakeSchema, openedFromDraft, type IntakeDraft } from './intake-draft';

const draft: IntakeDraft = { ...emptyDraft, machine: ' Kiosk ', owner: 'Museum', complaint: 'Dead', told: 'dead' };
const opened = (change: Partial<IntakeDraft> = {}) =>
  openedFromDraft({ ...draft, ...change }, { by: 'Runa', now: new Date('2026-01-05T12:00:00Z') });

test('an empty form says what to write in each field', () => {
  const parsed = intakeSchema.safeParse(emptyDraft);
  expect(parsed.error?.issues.map(({ path }) => path[0])).toEqual(['machine', 'owner', 'complaint', 'told']);
});

test('a complete form becomes an event that the server takes', () => {
  expect(caseEventSchema.safeParse(opened())).toMatchObject({ success: true });
  expect(opened().machine.name).toBe('Kiosk');
});

test('counts become parts; what is not there is not implied', () => {
  const folded = foldCase([
    opened({ modules: 0, sataDrives: 2, m2Drives: 1, frontUsb: 2, power: 'adapter', card: true }),
  ]);
  if (!folded.ok) throw new Error(folded.problem.message);
  const count = (kind: string) => folded.state.machine.parts.filter((part) => part.kind === kind).length;
  expect([
    count('module'),
    count('drive'),
    count('front-usb'),
    count('supply'),
    count('adapter'),
    count('card'),
  ]).toEqual([0, 3, 2, 0, 1, 1]);
});

test('"nobody can say" is no evidence', () => {
  expect(opened({ told: 'unknown' }).told).toBeNull();
});
