/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import type { CaseEvent } from '../../../core/casework';
import { useOutboxStore } from '../../device/outbox-store';
import { renderInShell } from '../../testing-screen';
import { SaveNotice } from './SaveNotice';

const note = (id: string, by = 'Runa'): CaseEvent => ({
  kind: 'note-added',
  id,
  at: '2026-01-05T10:00:00Z',
  by,
  text: 'x',
});
const quiet = { waiting: {}, isAway: false, awayReason: null, troubles: {} };
beforeEach(() => useOutboxStore.setState(quiet));

const wordsWith = (state: Partial<typeof quiet>) => {
  useOutboxStore.setState({ ...quiet, ...state });
  return renderInShell(<SaveNotice caseId="one" />).container.textContent;
};

test('nothing is said while all is stored', () => {
  expect(wordsWith({})).toBe('');
});

test('while nobody answers it says how many entries are kept, in singular and plural', () => {
  expect(wordsWith({ isAway: true, waiting: { one: [note('a')] } })).toContain(
    'The server does not answer. 1 entry is kept on this device and sent when it is back.',
  );
  expect(wordsWith({ isAway: true, waiting: { one: [note('a'), note('b')] } })).toContain('2 entries are kept');
});

test('where the server says why, its words stand there', () => {
  const awayReason = 'Too many requests at once. Wait 5 seconds.' as unknown as null;
  expect(wordsWith({ isAway: true, awayReason, waiting: { one: [note('a')] } })).toContain('Wait 5 seconds.');
});

test('who wrote first is named, and both ways on are offered', () => {
  const troubles = { one: { kind: 'conflict', theirs: [note('a', 'Runa'), note('b', 'Ebbe')] } };
  const words = wordsWith({ troubles, waiting: { one: [note('c')] } });
  expect(words).toContain('Runa and Ebbe wrote 2 entries first');
  expect(screen.getByRole('button', { name: 'Add mine after these' })).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Leave mine out' })).toBeTruthy();
});

test('what was refused says why', () => {
  const troubles = { one: { kind: 'refused', message: 'The case is closed.', events: [note('a')] } };
  expect(wordsWith({ troubles })).toContain('1 entry of yours could not be stored. The case is closed.');
});
