/** @jest-environment jsdom */
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { foldCase, type CaseEvent, type CaseState } from '../../../../core/casework';
import { eventsOf } from '../../../../core/casework/testing-log';
import type { Role } from '../../../../contracts';
import { renderInShell } from '../../../testing-screen';
import { BenchSheet, lastEntryToStrike } from './BenchSheet';

// jsdom has none; the sheet over the screen asks it.
Object.assign(globalThis, { CSS: { escape: (text: string) => text, supports: () => false } });

const base = (n: number) => ({ id: `00000000-0000-4000-8000-0000000005${n}`, at: '2026-01-05T11:00:00Z', by: 'Runa' });
const log = eventsOf({ reported: 'dead', trials: [['start', 'dead']] });
const note: CaseEvent = { ...base(10), kind: 'note-added', text: 'Cord is warm' };
const closed: CaseEvent = {
  ...base(11),
  kind: 'case-closed',
  ending: 'returned',
  fault: null,
  cause: 'Unknown',
  done: 'Given back',
};
function stateOf(...more: readonly CaseEvent[]): CaseState {
  const folded = foldCase([...log, ...more]);
  if (!folded.ok) throw new Error(folded.problem.message);
  return folded.state;
}

function sheet(state: CaseState, { role = 'technician', waiting = [] }: { role?: Role; waiting?: CaseEvent[] } = {}) {
  const struck: string[] = [];
  renderInShell(
    <QueryClientProvider client={new QueryClient()}>
      <BenchSheet
        caseId="one"
        state={state}
        doubts={[]}
        waiting={waiting}
        onStrike={(entry, reason) => struck.push(entry, reason)}
      />
    </QueryClientProvider>,
    { role },
  );
  return struck;
}
const undo = () => screen.queryByRole('button', { name: 'Undo the last entry' });

test('every entry stands on the strip, in order, with what is only on this device marked', () => {
  sheet(stateOf(note), { waiting: [note] });
  const cards = screen.getAllByRole('listitem').map(({ textContent }) => textContent);
  expect(cards).toHaveLength(3);
  expect(cards[0]).toContain('The owner says');
  expect(cards[2]).toContain('Cord is warm');
  expect(cards.map((words) => words.includes('waiting'))).toEqual([false, false, true]);
});

test('undo takes back the last entry that can be crossed out', () => {
  const struck = sheet(stateOf(note));
  fireEvent.click(undo() as HTMLElement);
  expect(struck).toEqual([note.id, 'Undone at the bench']);
});

test('what was crossed out already, and the opening, are not taken back', () => {
  const crossed: CaseEvent = { ...base(12), kind: 'entry-struck', entry: note.id, reason: 'Wrong machine' };
  const state = stateOf(note, crossed);
  expect(lastEntryToStrike(state, 'lead')?.event.kind).toBe('trial-done');
});

test('on a closed case nothing is taken back: it is opened again first', () => {
  const state = stateOf(note, closed);
  expect(lastEntryToStrike(state, 'lead')).toBeNull();
  sheet(state, { role: 'lead' });
  expect(undo()).toHaveProperty('disabled', true);
});

test('who only reads has nothing to undo', () => {
  sheet(stateOf(note), { role: 'reader' });
  expect(undo()).toBeNull();
});

describe('the whole sheet', () => {
  const open = (state: CaseState, role: Role = 'technician') => {
    const struck = sheet(state, { role });
    fireEvent.click(screen.getByRole('button', { name: 'Open the whole bench sheet' }));
    return struck;
  };
  const crossOut = (of: string) => screen.queryByRole('button', { name: `Cross out: ${of}` });

  test('an entry is crossed out with a reason, by those who may, and on no closed case', () => {
    const struck = open(stateOf(note));
    fireEvent.click(crossOut('Note') as HTMLElement);
    expect(struck).toEqual([]);
    fireEvent.click(screen.getByRole('button', { name: 'Seen wrongly' }));
    expect(struck).toEqual([note.id, 'Seen wrongly']);
    cleanup();
    open(stateOf(note), 'reader');
    expect(crossOut('Note')).toBeNull();
    cleanup();
    open(stateOf(note, closed), 'lead');
    expect([crossOut('Note'), crossOut('Closed')]).toEqual([null, null]);
  });

  test('what was crossed out can count again', () => {
    const crossed: CaseEvent = { ...base(12), kind: 'entry-struck', entry: note.id, reason: 'Wrong machine' };
    const struck = open(stateOf(note, crossed));
    fireEvent.click(screen.getByRole('button', { name: 'Take back: Note' }));
    expect(struck).toEqual([crossed.id, 'Taken back']);
  });

  test('what is worth knowing of how an entry was recorded is said, and no more', () => {
    const recorded = { at: '2026-01-06T09:00:00Z', by: 'Edda', person: base(13).id };
    open(
      stateOf(
        { ...note, recorded },
        { ...base(14), kind: 'note-added', text: 'From there', recorded: { ...recorded, imported: true } },
        {
          ...base(15),
          kind: 'note-added',
          text: 'Odd clock',
          recorded: { ...recorded, deviceAt: '2999-01-01T00:00:00Z' },
        },
      ),
    );
    const words = screen.getAllByRole('row').map(({ textContent }) => textContent);
    expect(words.map((row) => row.includes('imported by Edda'))).toEqual([false, false, false, true, false]);
    expect(words.map((row) => row.includes('the clock of the device said'))).toEqual([
      false,
      false,
      false,
      false,
      true,
    ]);
  });
});
