/** @jest-environment jsdom */
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { attachmentOf } from '../../../../core/casework';
import { renderInShell } from '../../../testing-screen';
import { PictureViewer } from './PictureViewer';
import type { ShownFile } from './shown-files';

afterEach(cleanup);

const photo = (n: number): ShownFile => ({
  ...attachmentOf({
    kind: 'file-attached',
    id: `entry ${n}`,
    at: '2026-01-05T10:00:00Z',
    by: 'Runa',
    file: `file ${n}`,
    as: 'picture',
    name: `View ${n}`,
    bytes: 10,
    sha256: String(n).repeat(64),
    width: 400,
    height: 300,
  }),
  queued: null,
});
const photos = [photo(1), photo(2), photo(3)];

function open(shown = photos[1] ?? photo(2), mayWrite = true) {
  const onMark = jest.fn();
  const onShow = jest.fn();
  const onClose = jest.fn();
  renderInShell(
    <PictureViewer
      caseId="case"
      photos={photos}
      shown={shown}
      numberOf={({ file }) => photos.findIndex((one) => one.file === file) + 1}
      onShow={onShow}
      onClose={onClose}
      {...(mayWrite ? { onMark } : {})}
    />,
  );
  return { onMark, onShow, onClose };
}

test('arrow keys leaf, and what was changed is kept on the way', () => {
  const { onMark, onShow } = open();
  fireEvent.keyDown(document.body, { key: 'ArrowRight' });
  expect(onShow).toHaveBeenLastCalledWith(photos[2]);
  expect(onMark).not.toHaveBeenCalled();
  fireEvent.change(screen.getByLabelText('What it shows'), { target: { value: 'The left side' } });
  // A letter key in a field is a letter, and moves nothing.
  fireEvent.keyDown(screen.getByLabelText('What it shows'), { key: 'ArrowRight' });
  expect(onShow).toHaveBeenCalledTimes(1);
  fireEvent.keyDown(document.body, { key: 'ArrowLeft' });
  expect(onMark).toHaveBeenCalledWith('file 2', { marks: [], name: 'The left side', showsOwner: false });
  expect(onShow).toHaveBeenLastCalledWith(photos[0]);
});

test('it ends at both ends, zooms within its bounds, and says what closing does', () => {
  const { onMark, onClose } = open(photos[0]);
  expect(screen.getByRole('button', { name: 'Previous photo' }).hasAttribute('disabled')).toBe(true);
  for (let n = 0; n < 9; n++) fireEvent.keyDown(document.body, { key: '+' });
  expect(screen.getByRole('button', { name: 'Larger' }).hasAttribute('disabled')).toBe(true);
  fireEvent.keyDown(document.body, { key: '0' });
  expect(screen.getByRole('button', { name: 'Smaller' }).hasAttribute('disabled')).toBe(true);
  fireEvent.click(screen.getByLabelText('Shows the owner’s own things'));
  fireEvent.click(screen.getByRole('button', { name: 'Save and close' }));
  expect(onMark).toHaveBeenCalledWith('file 1', { marks: [], name: 'View 1', showsOwner: true });
  expect(onClose).toHaveBeenCalledTimes(1);
});

test('who may not write, and a photo that is not sent yet, can only be looked at', () => {
  open(photos[0], false);
  expect(screen.queryByLabelText('What it shows')).toBeNull();
  expect(screen.getByText(/View 1\./)).toBeTruthy();
  cleanup();
  const { event } = { event: { ...photos[0], kind: 'file-attached' } };
  const queued = { key: '1', personId: 'p', caseId: 'case', event, bytes: new Blob(['x']), preview: null };
  URL.createObjectURL = () => 'blob:x';
  URL.revokeObjectURL = () => undefined;
  open({ ...photo(1), queued: queued as never });
  expect(screen.queryByLabelText('What it shows')).toBeNull();
  expect(screen.getByText(/Not sent yet: it is on this device/)).toBeTruthy();
});
