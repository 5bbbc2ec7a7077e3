/** @jest-environment jsdom */
import { randomUUID } from 'node:crypto';
import { cleanup, screen } from '@testing-library/react';
import 'fake-indexeddb/auto';
import type { CaseEvent, FileAttached } from '../../../core/casework';
import { deviceFiles, deviceStorage } from '../../device/device-storage';
import { renderInShell } from '../../testing-screen';
import { SignInPage } from './SignInPage';

/** What the door says of what somebody left on this device. */

const base = () => ({ id: randomUUID(), at: '2026-01-05T10:00:00Z', by: 'Runa' });
const entry = (): CaseEvent => ({ ...base(), kind: 'note-added', text: 'Left here' });
const attached = (): FileAttached => ({
  ...base(),
  kind: 'file-attached',
  file: randomUUID(),
  as: 'picture',
  name: 'Photo',
  bytes: 1,
  sha256: '0'.repeat(64),
});

const leaveEntries = (key: string, ...events: CaseEvent[]) =>
  deviceStorage.put({ key, personId: 'p', caseId: 'c', events });
const leavePhoto = (key: string) =>
  deviceFiles.put({ key, personId: 'p', caseId: 'c', event: attached(), bytes: new Blob(['x']), preview: null });

afterEach(async () => {
  cleanup();
  for (const { key } of await deviceStorage.all()) await deviceStorage.remove(key);
  for (const { key } of await deviceFiles.all()) await deviceFiles.remove(key);
});

const door = () => renderInShell(<SignInPage demoAccounts={[]} />);

test('entries and photos that wait are counted together', async () => {
  await leaveEntries('1', entry(), entry());
  await leavePhoto('2');
  door();
  await screen.findByText(/^2 entries and 1 photo or file on this device are not stored yet\. They wait/);
});

test('a single photo waits as well', async () => {
  await leavePhoto('1');
  door();
  await screen.findByText(/^1 photo or file on this device is not stored yet\. It waits for the person who left it/);
});

test('where nothing was left nothing is said', async () => {
  door();
  await screen.findByLabelText('Sign-in name');
  await deviceFiles.all();
  expect(screen.queryByText(/not stored yet/)).toBeNull();
});
