import { foldCase, type Entry, type EventBody } from '../casework';
import { eventId, eventsOf } from '../casework/testing-log';
import { entryWords } from './entry-words';

function words(...bodies: EventBody[]) {
  const more = bodies.map((body, i) => ({ ...body, id: eventId(10 + i), at: '2026-01-05T10:00:00Z', by: 'T' }));
  const folded = foldCase([...eventsOf({ reported: 'dead' }), ...more]);
  if (!folded.ok) throw new Error(folded.problem.message);
  return folded.state.entries.map(entryWords).map(({ done, seen }) => `${done}: ${seen}`);
}

test('every kind of entry reads as what was done and what was seen', () => {
  expect(
    words(
      { kind: 'trial-done', trial: 'measure/vsb/supply', outcome: 'within', volts: 5.04 },
      { kind: 'trial-done', trial: 'look/rocker/supply', outcome: 'not-sure' },
      { kind: 'note-added', text: 'Smells of salt' },
      { kind: 'entry-struck', entry: eventId(11), reason: 'Misread' },
      { kind: 'case-parked', waitingFor: 'a spare' },
      { kind: 'case-resumed' },
      { kind: 'case-closed', ending: 'given-up', fault: null, cause: 'Unknown', done: 'All of the above.' },
      { kind: 'case-reopened', reason: 'A spare has come' },
    ),
  ).toEqual([
    'The owner says: Nothing at all',
    'Measure +5 VSB at the 24-pin plug: 5.04 V: within limits',
    'Check the rocker switch of the supply: Not sure',
    'Note: Smells of salt',
    'Crossed out an entry: Misread',
    'Parked: Waiting for a spare',
    'Resumed: ',
    'Closed: Unknown',
    'Reopened: A spare has come',
  ]);
});

/** One entry by itself, as the sheet has it. */
function said(event: EventBody): string {
  const base = { id: eventId(1), at: '2026-01-05T10:00:00Z', by: 'T' };
  const entry: Entry = { event: { ...base, ...event }, struckBy: null, trial: null, changes: '', unread: null };
  const { done, seen } = entryWords(entry);
  return `${done}: ${seen}`;
}

const flash: EventBody = {
  kind: 'firmware-flashed',
  method: 'menu',
  purpose: 'update',
  from: '1.10',
  to: '1.24',
  end: 'finished',
};

test.each<[string, EventBody, string]>([
  [
    'an update, with what was saved first',
    { ...flash, backup: { name: 'before.bin', sha256: '0'.repeat(64) } },
    'Flashed 1.10 → 1.24: Finished. The image before is saved as before.bin',
  ],
  [
    'a recovery from an image that nobody knew',
    { ...flash, purpose: 'recover', from: null, to: null },
    'Recovered unknown → second image: Finished',
  ],
  [
    'a roll-back that gave up, and why',
    { ...flash, purpose: 'roll-back', to: '1.08', end: 'gave-up', reason: 'The stick cannot be read' },
    'Rolled back 1.10 → 1.08: Failed: nothing was written. The stick cannot be read',
  ],
  [
    'an image that the book does not have',
    { ...flash, end: 'unsure', againstBook: 'It is the one that came with the board' },
    'Flashed 1.10 → 1.24: Unclear how it ended. Against the board book: It is the one that came with the board',
  ],
  [
    'the version read back',
    { kind: 'firmware-verified', version: '1.24', setAgain: ['memory profile'], done: ['defaults loaded'] },
    'Version after the flash: 1.24, memory profile, defaults loaded',
  ],
  [
    'a board whose version could not be read',
    { kind: 'board-noted', board: 'kestrel', model: 'Kestrel 4', revision: 'B', installed: null },
    'Board: Kestrel 4, revision B, version not known',
  ],
  [
    'one that waits until a day',
    { kind: 'case-parked', waitingFor: 'a cell', until: '2026-02-06T09:30:00' },
    'Parked: Waiting for a cell until Fri 6 Feb 09:30',
  ],
  [
    'what the owner adds later',
    { kind: 'circumstances-set', circumstances: ['spill'], source: 'owner' },
    'The owner adds: Liquid spilled',
  ],
  [
    'that nothing special was found',
    { kind: 'circumstances-set', circumstances: [], source: 'bench' },
    'Found at the bench: Nothing special',
  ],
  [
    'a try of which nobody knows the end',
    { kind: 'owner-tried', trial: 'out/drive', outcome: 'not-sure' },
    'The owner tried: Not known what it did',
  ],
  [
    'a try that helped',
    { kind: 'owner-tried', trial: 'out/drive', outcome: 'works' },
    'The owner tried: Starts and keeps running',
  ],
  ['power taken away', { kind: 'switched-off' }, 'Switched off: Cord out, drained'],
  [
    'a machine that was written down wrongly',
    {
      kind: 'machine-corrected',
      board: { speaker: true, stageLights: false, form: 'Mini-ITX' },
      builtInGraphics: false,
      added: [{ id: 'fan', kind: 'fan' }],
    },
    'Machine corrected: Has a speaker, no stage lights, size Mini-ITX, graphics in the processor: no, also has case fan',
  ],
  [
    'the speed of a module, and what was paid for it',
    {
      kind: 'part-noted',
      part: 'module-1',
      make: 'Auklet',
      serial: 'A-17',
      ratedMts: 3200,
      runningMts: 2666,
      paid: 14,
    },
    'Noted: Auklet, serial A-17, rated 3200 MT/s, runs at 2666 MT/s and paid 14',
  ],
  [
    'tools and spares that are not at hand',
    { kind: 'lacking-set', tools: ['supply tester'], spares: ['supply'] },
    'Missing: supply tester and spare supply',
  ],
  ['that all is at hand', { kind: 'lacking-set', tools: [], spares: [] }, 'Missing: Nothing is missing'],
  ['another order of tests', { kind: 'strategy-chosen', strategy: 'outside-in' }, 'Test order: Outside in'],
  [
    'consent to clear a password, with the proof',
    {
      kind: 'consent-noted',
      to: 'password-clearing',
      isAgreed: true,
      way: 'in-person',
      words: 'Clear it.',
      shown: 'the bill',
    },
    'Password cleared: agreed in person: Clear it. Shown: the bill',
  ],
  [
    'a limit that was raised',
    { kind: 'consent-noted', to: 'over-limit', isAgreed: true, way: 'telephone', words: 'Go on', upTo: 180 },
    'More than was agreed: agreed by telephone: Go on. Up to 180',
  ],
  [
    'what was measured at the power bench',
    { kind: 'power-measured', reading: { quantity: 'v12', at: 'load', value: 11.4 } },
    '+12 V, under load: 11.4 V',
  ],
  [
    'a supply without a readable label, and what it feeds',
    { kind: 'power-noted', sheet: { consumers: [{ kind: 'processor', baseWatts: 95 }] } },
    'Power noted: No label and 1 consumer',
  ],
  [
    'a spare that left the shelf',
    { kind: 'part-lent', item: 's1', name: 'Bench supply 2', part: 'supply', serial: 'B2' },
    'Spare from the shelf: Bench supply 2, serial B2',
  ],
  [
    'one that failed and is back',
    { kind: 'part-home', item: 's1', result: 'failed' },
    'Spare back on the shelf: Failed',
  ],
  [
    'a part bought in a lot, under warranty',
    {
      kind: 'part-moved',
      way: 'bought',
      name: 'Module',
      lot: { paid: '30.00', of: 2 },
      seller: 'the market',
      warrantyUntil: '2027-02-01',
    },
    'Bought: Module, in a lot of 2 for 30.00, from the market, warranty until 2027-02-01',
  ],
  [
    'a part given back',
    { kind: 'part-moved', way: 'to-owner', name: 'Old drive', note: 'with its data' },
    'Given to the owner: Old drive, with its data',
  ],
  [
    'minutes put right',
    { kind: 'time-corrected', person: 'Runa', minutes: 75, reason: 'Forgot the lunch' },
    'Work of Runa: 75 minutes: Forgot the lunch',
  ],
  ['an estimate', { kind: 'estimate-given', low: '40.00', high: '60.00' }, 'Estimate given: 40.00 to 60.00'],
  [
    'what was decided',
    { kind: 'decision-noted', choice: 'work-around', worth: {}, words: 'The port stays off' },
    'Decided: Work around it. The port stays off',
  ],
])('the sheet reads %s', (_what, event, sentence) => expect(said(event)).toBe(sentence));
