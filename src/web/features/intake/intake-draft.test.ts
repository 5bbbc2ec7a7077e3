import { fullBoard } from '../../../contracts/testing-board';
import { foldCase, type CaseEvent, type EventBody } from '../../../core/casework';
import { caseEventSchema } from '../../../contracts';
import { completeMachine } from '../../../core/machine';
import { copyOf } from './copied-machine';
import { emptyDraft, eventsFromDraft, intakeSchema, openedFromDraft, type IntakeDraft } from './intake-draft';

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

test('a small board has two slots, and more modules than slots are said at their field', () => {
  const machine = opened({ power: 'adapter', modules: 1 }).machine;
  expect(machine.board?.slots?.map(({ name }) => name)).toEqual(['A1', 'B1']);
  expect(completeMachine(machine)).toMatchObject({ ok: true });
  expect(opened({ form: 'ATX' }).machine.board?.slots).toBeUndefined();
  const crowded = intakeSchema.safeParse({ ...draft, form: 'Mini-ITX', modules: 3 });
  expect(crowded.error?.issues.map(({ path }) => path[0])).toEqual(['modules']);
});

test('a switch on the board is written where it was ticked, not for a board of the book or parts on the bench', () => {
  const soldered = (change: Partial<IntakeDraft>) =>
    opened({ switchOnBoard: true, ...change }).machine.board?.switchOnBoard;
  expect([soldered({}), soldered({ board: 'x' }), soldered({ what: 'bench' })]).toEqual([true, undefined, undefined]);
  expect(opened().machine.board).not.toHaveProperty('switchOnBoard');
});

test('what is agreed at the counter is written, and only what was said', () => {
  const agreed = opened({ handedIn: ' bag ', spendingLimit: '80,50', dataConsent: 'ask-first' });
  expect(agreed).toMatchObject({ handedIn: 'bag', spendingLimit: 80.5, dataConsent: 'ask-first' });
  expect(caseEventSchema.safeParse(agreed).success).toBe(true);
  expect(Object.keys(opened())).not.toContain('spendingLimit');
  const wrong = intakeSchema.safeParse({ ...draft, spendingLimit: 'much' });
  expect(wrong.error?.issues.map(({ path }) => path[0])).toEqual(['spendingLimit']);
});

test('a machine that was here before is taken over as it was known, with the labels of parts that are still in it', () => {
  const at = '2026-01-05T12:00:00Z';
  const entry = (n: number, body: EventBody): CaseEvent => ({
    ...body,
    id: `00000000-0000-4000-8000-00000000000${n}`,
    at,
    by: 'Runa',
  });
  const folded = foldCase([
    { ...opened({ modules: 1, sataDrives: 1 }), id: '00000000-0000-4000-8000-000000000001' },
    entry(2, { kind: 'part-noted', part: 'module', make: 'Whelk', serial: '77', paid: 9 }),
    entry(3, { kind: 'part-noted', part: 'supply', make: 'Limpet' }),
    entry(4, { kind: 'machine-corrected', board: { stageLights: true } }),
    entry(5, { kind: 'configuration-changed', changes: [{ kind: 'place', part: 'supply', to: { state: 'new' } }] }),
  ]);
  if (!folded.ok) throw new Error(folded.problem.message);
  const copied = copyOf(12, folded.state);
  const events = eventsFromDraft({ ...draft, machine: 'Kiosk again', copied }, { by: 'Ebbe', now: new Date(at) });
  expect(events[0]).toMatchObject({ machine: { name: 'Kiosk again', board: { stageLights: true } } });
  expect(events.slice(1)).toMatchObject([
    { kind: 'part-noted', part: 'module', make: 'Whelk', serial: '77', by: 'Ebbe' },
  ]);
  expect(events[1]).not.toHaveProperty('paid');
  expect(foldCase(events).ok).toBe(true);
});
