import { foldCase, type EventBody } from '../casework';
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
