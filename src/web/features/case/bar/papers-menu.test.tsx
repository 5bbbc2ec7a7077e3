/** @jest-environment jsdom */
import { cleanup, fireEvent, screen } from '@testing-library/react';
import type { CaseEvent } from '../../../../core/casework';
import { useFileQueueStore } from '../../../device/file-queue-store';
import { useOutboxStore } from '../../../device/outbox-store';
import { renderInShell } from '../../../testing-screen';
import { PapersMenu } from './PapersMenu';

/** What a paper that is made now would lack. */

const note = (id: string): CaseEvent => ({ kind: 'note-added', id, at: '2026-01-05T10:00:00Z', by: 'Runa', text: 'x' });
const photo = (key: string, refused?: string) => ({
  key,
  personId: 'p',
  caseId: 'c',
  event: { kind: 'file-attached', id: key, at: '2026-01-05T10:00:00Z', by: 'Runa', file: key, as: 'picture' } as never,
  bytes: new Blob(['x']),
  preview: null,
  ...(refused === undefined ? {} : { refused }),
});

afterEach(() => {
  cleanup();
  useOutboxStore.setState({ waiting: {} });
  useFileQueueStore.setState({ files: [] });
});

function open() {
  renderInShell(<PapersMenu caseId="c" canList={false} />);
  fireEvent.click(screen.getByRole('button', { name: 'Papers' }));
}

test('with all on the server the papers stand alone', () => {
  open();
  expect(screen.getByRole('link', { name: /Technical record PDF/ })).toBeTruthy();
  expect(screen.queryByRole('status')).toBeNull();
});

test('one entry that waits is said, and those of other cases are not', () => {
  useOutboxStore.setState({ waiting: { c: [note('1')], other: [note('2'), note('3')] } });
  open();
  expect(screen.getByRole('status').textContent).toBe('1 entry not saved yet: a paper made now lacks it.');
});

test('a photo counts until it is there; one that the server refused is not waited for', () => {
  useOutboxStore.setState({ waiting: { c: [note('1')] } });
  useFileQueueStore.setState({ files: [photo('2'), photo('3', 'It is no picture.')] });
  open();
  expect(screen.getByRole('status').textContent).toBe('2 entries not saved yet: a paper made now lacks them.');
});
