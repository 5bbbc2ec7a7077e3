import type { FileAttached } from '../../core/casework';
import { createFileQueue, type FileQueueState, type QueuedFile, type SentFile } from './file-queue';

const blob = new Blob(['x']);
const attached = (file: string): FileAttached => ({
  kind: 'file-attached',
  id: `entry of ${file}`,
  at: '2026-01-05T10:00:00Z',
  by: 'Runa',
  file,
  as: 'picture',
  name: 'Photo',
  bytes: 1,
  sha256: '0'.repeat(64),
});
const photo = (key: string) => ({ key, caseId: 'case', event: attached(key), bytes: blob, preview: null });

/** A device that keeps files, and a server that answers as it is told. */
function device(kept = new Map<string, QueuedFile>(), { canKeep = true } = {}) {
  const sent: string[] = [];
  const recorded: string[] = [];
  const answers: SentFile[] = [];
  const timers: (() => void)[] = [];
  /** When what is recorded is safe. */
  const entries = { safe: Promise.resolve() };
  let state: FileQueueState = { files: [], isAway: false, unkept: new Set() };
  const queue = createFileQueue({
    storage: {
      all: async () => [...kept.values()],
      put: async (file) => {
        if (!canKeep) throw new Error('no room');
        kept.set(file.key, file);
      },
      remove: async (key) => void kept.delete(key),
    },
    send: ({ key }) => {
      sent.push(key);
      return Promise.resolve(answers.shift() ?? { kind: 'stored' });
    },
    record: (_caseId, event) => {
      recorded.push(event.file);
      return entries.safe;
    },
    onChange: (now) => (state = now),
    later: (work) => {
      timers.push(work);
      return () => undefined;
    },
  });
  const settle = () => new Promise((resolve) => setTimeout(resolve, 5));
  return { queue, kept, sent, recorded, entries, answers, timers, settle, state: () => state };
}

test('files are kept, sent in order, and each gets its entry only once its bytes are there', async () => {
  const { queue, kept, sent, recorded, settle, state } = device();
  await queue.begin('p');
  await queue.add([photo('1'), photo('2')]);
  await settle();
  expect([sent, recorded, kept.size, state().files]).toEqual([['1', '2'], ['1', '2'], 0, []]);
});

test('while nobody answers they wait on the device, and nothing is written into the log', async () => {
  const { queue, kept, recorded, answers, timers, settle, state } = device();
  await queue.begin('p');
  answers.push({ kind: 'away' }, { kind: 'away' });
  await queue.add([photo('1')]);
  await settle();
  expect([kept.size, recorded, state().isAway, state().files.length]).toEqual([1, [], true, 1]);
  timers.at(-1)?.();
  await settle();
  timers.at(-1)?.();
  await settle();
  expect([kept.size, recorded, state().isAway]).toEqual([0, ['1'], false]);
});

test('a closed tab loses none: the next visit of the same person sends them, another person does not', async () => {
  const first = device();
  first.answers.push({ kind: 'away' });
  await first.queue.begin('runa');
  await first.queue.add([photo('1')]);
  await first.settle();
  const other = device(first.kept);
  await other.queue.begin('ebbe');
  expect([other.sent, other.state().files]).toEqual([[], []]);
  const again = device(first.kept);
  await again.queue.begin('runa');
  expect([again.sent, again.recorded, first.kept.size]).toEqual([['1'], ['1'], 0]);
});

test('what is refused is not sent again, says why, and stays until it is let go', async () => {
  const { queue, kept, sent, recorded, answers, settle, state } = device();
  await queue.begin('p');
  answers.push({ kind: 'refused', message: 'Too large' });
  await queue.add([photo('1'), photo('2')]);
  await settle();
  expect([sent, recorded]).toEqual([['1', '2'], ['2']]);
  expect(state().files).toMatchObject([{ key: '1', refused: 'Too large' }]);
  queue.hurry();
  await settle();
  expect(sent).toHaveLength(2);
  await queue.drop('1');
  expect([kept.size, state().files]).toEqual([0, []]);
});

test('what the device cannot keep goes on in memory and is named', async () => {
  const { queue, answers, recorded, timers, settle, state } = device(new Map(), { canKeep: false });
  await queue.begin('p');
  answers.push({ kind: 'away' });
  await queue.add([photo('1')]);
  await settle();
  expect([...state().unkept]).toEqual(['1']);
  timers.at(-1)?.();
  await settle();
  expect([recorded, state().unkept.size]).toEqual([['1'], 0]);
});

test('the bytes stay on the device until the entry is safe: a tab that closes between the two loses nothing', async () => {
  const { queue, kept, recorded, entries, settle } = device();
  let keepEntry: () => void = () => undefined;
  entries.safe = new Promise((resolve) => (keepEntry = resolve));
  await queue.begin('p');
  await queue.add([photo('1')]);
  await settle();
  expect([recorded, kept.size]).toEqual([['1'], 1]);
  // As another visit would: sent again, recorded again under the same ids.
  const again = device(kept);
  await again.queue.begin('p');
  expect([again.sent, again.recorded]).toEqual([['1'], ['1']]);
  keepEntry();
  await settle();
  expect(kept.size).toBe(0);
});
