import type { FileAttached } from '../../core/casework';
import { firstRetryMs, longestRetryMs } from './queue-tools';

/** A photo or another file that is on its way to the server, and the entry that is written once it is there. */
export interface QueuedFile {
  /** Sorts by when it was added on this device; no two are alike. */
  readonly key: string;
  readonly personId: string;
  readonly caseId: string;
  readonly event: FileAttached;
  readonly bytes: Blob;
  /** The small picture for a strip; null where there is none. */
  readonly preview: Blob | null;
  /** Why the server refused it. It is not sent again: it stays to be seen and saved. */
  readonly refused?: string;
}

/** Where files are kept until they are stored: survives a closed tab. */
export interface FileStorage {
  readonly all: () => Promise<QueuedFile[]>;
  readonly put: (file: QueuedFile) => Promise<void>;
  readonly remove: (key: string) => Promise<void>;
}

/** What became of a file that was sent. `away`: nobody answered, or nobody who could judge it. */
export type SentFile =
  { readonly kind: 'stored' } | { readonly kind: 'refused'; readonly message: string } | { readonly kind: 'away' };

export interface FileQueueState {
  /** What is not stored yet, in order. */
  readonly files: readonly QueuedFile[];
  readonly isAway: boolean;
  /** Keys of files that this device could not keep: they go with the tab. */
  readonly unkept: ReadonlySet<string>;
}

export interface FileQueueParts {
  readonly storage: FileStorage;
  readonly send: (file: QueuedFile) => Promise<SentFile>;
  /** Writes the entry of a file that is stored. Resolves once the outbox has it safe, whatever becomes of it there. */
  readonly record: (caseId: string, event: FileAttached) => Promise<unknown>;
  readonly onChange: (state: FileQueueState) => void;
  /** Calls back after some milliseconds; returns how to cancel it. */
  readonly later: (work: () => void, ms: number) => () => void;
}

export interface FileQueue {
  /** Takes up what an earlier visit of this person left, and sends it. */
  readonly begin: (personId: string) => Promise<void>;
  /** Keeps files and sends them one after the other. Resolves once they are kept. */
  readonly add: (files: readonly Omit<QueuedFile, 'personId'>[]) => Promise<void>;
  /** Sends at once what waits. */
  readonly hurry: () => void;
  /** Lets one go for good. */
  readonly drop: (key: string) => Promise<void>;
}

interface Work extends FileQueueParts {
  files: QueuedFile[];
  person: string;
  isAway: boolean;
  isSending: boolean;
  retryMs: number;
  cancelRetry: () => void;
  readonly unkept: Set<string>;
}

/**
 * Files go before their entries: what the log speaks of is there. Both are harmless to send again, so that a device that
 * breaks off between the two goes on where it stood.
 */
export function createFileQueue(parts: FileQueueParts): FileQueue {
  const work: Work = {
    ...parts,
    files: [],
    person: '',
    isAway: false,
    isSending: false,
    retryMs: firstRetryMs,
    cancelRetry: () => undefined,
    unkept: new Set(),
  };
  return {
    async begin(personId) {
      work.person = personId;
      work.files = work.files.filter((file) => file.personId === personId);
      await takeUp(work);
    },
    async add(added) {
      const own = added.map((file) => ({ ...file, personId: work.person }));
      await Promise.all(own.map((file) => keep(work, file)));
      work.files = [...work.files, ...own];
      report(work);
      void run(work);
    },
    hurry() {
      work.retryMs = firstRetryMs;
      void takeUp(work);
    },
    drop: (key) => drop(work, key),
  };
}

const report = ({ files, isAway, unkept, onChange }: Work): void =>
  onChange({ files, isAway, unkept: new Set(unkept) });

/** On the device if it can be; what it cannot keep goes on in memory, and is named. */
async function keep({ storage, unkept }: Work, file: QueuedFile): Promise<void> {
  await storage.put(file).then(
    () => unkept.delete(file.key),
    () => unkept.add(file.key),
  );
}

async function drop(work: Work, key: string): Promise<void> {
  work.files = work.files.filter((file) => file.key !== key);
  work.unkept.delete(key);
  report(work);
  await work.storage.remove(key).catch(() => undefined);
}

/** @returns whether the next may be sent at once */
async function judge(work: Work, file: QueuedFile, sent: SentFile): Promise<boolean> {
  work.isAway = sent.kind === 'away';
  if (sent.kind === 'away') {
    work.cancelRetry = work.later(() => void run(work), work.retryMs);
    work.retryMs = Math.min(2 * work.retryMs, longestRetryMs);
    return false;
  }
  work.retryMs = firstRetryMs;
  if (sent.kind === 'refused') {
    const marked = { ...file, refused: sent.message };
    work.files = work.files.map((one) => (one.key === file.key ? marked : one));
    await keep(work, marked);
  } else {
    // The file goes from the device only once its entry is safe.
    await work.record(file.caseId, file.event);
    await drop(work, file.key);
  }
  return true;
}

async function run(work: Work): Promise<void> {
  if (work.isSending) return;
  work.isSending = true;
  work.cancelRetry();
  try {
    for (;;) {
      const file = work.files.find((one) => one.personId === work.person && one.refused === undefined);
      if (!file) {
        work.isAway = false;
        break;
      }
      if (!(await judge(work, file, await work.send(file)))) break;
      report(work);
    }
  } finally {
    work.isSending = false;
    report(work);
  }
}

/** What this window or another one of this browser has kept. */
async function takeUp(work: Work): Promise<void> {
  const all = await work.storage.all().catch(() => []);
  const known = new Set(work.files.map(({ key }) => key));
  const mine = all.filter((file) => file.personId === work.person && !known.has(file.key));
  work.files = [...work.files, ...mine].sort((a, b) => (a.key < b.key ? -1 : 1));
  report(work);
  await run(work);
}
