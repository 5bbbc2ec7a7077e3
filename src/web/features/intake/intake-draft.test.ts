import { fullBoard } from '../../../contracts/testing-board';
import { foldCase } from '../../../core/casework';
import { caseEventSchema } from '../../../contracts';
import { completeMachine } from '../../../core/machine';
import { emptyDraft, intakeSchema, openedFromDraft, type IntakeDraft } from './intake-draft';

const draft: IntakeDraft = { ...emptyDraft, machine: ' Kiosk ', owner: 'Museum', complaint: 'Dead', reported: 'dead' };
const opened = (change: Partial<IntakeDraft> = {}) =>
  openedFromDraft({ ...draft, ...change }, { by: 'Runa', now: new Date('2026-01-05T12:00:00Z') });

test('an empty form says what to write in each field', () => {
  const parsed = intakeSchema.safeParse(emptyDraft);
  expect(parsed.error?.issues.map(({ path }) => path[0])).toEqual(['machine', 'owner', 'complaint', 'reported']);
});

test('a complete form becomes an event that the server takes', () => {
  expect(caseEventSchema.safeParse(opened())).toMatchObject({ success: true });
  expect(opened().machine.name).toBe('Kiosk');
});

test('parts on the bench need nothing reported, and come without case and front leads', () => {
  const bench: IntakeDraft = { ...draft, what: 'bench', reported: '', frontUsb: 2 };
  expect(intakeSchema.safeParse(bench).success).toBe(true);
  const { machine, reported } = opened(bench);
  expect([machine.onBench, reported]).toEqual([true, null]);
  expect(machine.parts.some(({ kind }) => kind === 'front-usb')).toBe(false);
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
  expect(opened({ reported: 'unknown' }).reported).toBeNull();
});

test('a board of the book brings its slots, its lights and the sockets that share lanes', () => {
  const opened = openedFromDraft(
    { ...emptyDraft, machine: 'M', board: 'x' },
    { by: 'R', now: new Date(0), board: fullBoard },
  );
  expect(opened.machine.board).toMatchObject({
    slots: [{ name: 'A2', channel: 'A' }],
    stageLights: true,
    sharing: [{ filled: 'M.2 2', switchesOff: ['SATA 3', 'SATA 4'] }],
    sockets: { sata: ['SATA 1', 'SATA 2', 'SATA 3', 'SATA 4'], m2: ['M.2 1', 'M.2 2'] },
  });
  const twoSlots = { ...fullBoard, memorySlots: [...(fullBoard.memorySlots ?? []), { name: 'B2', channel: 'B' }] };
  const machine = openedFromDraft(
    { ...emptyDraft, machine: 'M' },
    { by: 'R', now: new Date(0), board: twoSlots },
  ).machine;
  expect(completeMachine(machine)).toMatchObject({ ok: true });
});
