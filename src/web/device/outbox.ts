import { mayAppendAfter, type CaseEvent } from '../../core/casework';

/** Events that were written together: they are stored together or not at all. */
export interface Batch {
  /** Sorts by when it was written on this device; no two are alike. */
  readonly key: string;
  readonly personId: string;
  readonly caseId: string;
  readonly events: readonly CaseEvent[];
  /** What its writer had seen of the case. Missing in what an earlier version left: then all that is known counts as seen. */
  readonly seen?: Seen;
}

/** The part of a log that somebody has seen. */
export interface Seen {
  /** Up to this sequence ... */
  readonly sequence: number;
  /** ... and of what came later these: what was on its way from here, and what a decision was made about. */
  readonly ids: readonly string[];
}

/** Where batches are kept until they are stored: survives a closed tab. */
export interface OutboxStorage {
  readonly all: () => Promise<Batch[]>;
  readonly put: (batch: Batch) => Promise<void>;
  readonly remove: (key: string) => Promise<void>;
}

/** What became of a batch that was sent. */
export type Sent =
  | { readonly kind: 'stored' }
  /** Somebody else wrote first; what they wrote is in view now. */
  | { readonly kind: 'conflict'; readonly theirs: readonly CaseEvent[] }
  | { readonly kind: 'refused'; readonly message: string }
  /** Nobody answered, or nobody who could judge it: it is sent again. */
  | { readonly kind: 'away'; readonly reason?: string };

export type Trouble =
  | { readonly kind: 'refused'; readonly message: string; readonly events: readonly CaseEvent[] }
  | { readonly kind: 'conflict'; readonly theirs: readonly CaseEvent[] }
  /** Theirs and mine were put in order without asking: said plainly. */
  | { readonly kind: 'appended-after'; readonly theirs: readonly CaseEvent[] };

export interface OutboxState {
  /** What is not stored yet, by case, in order. */
  readonly waiting: Readonly<Record<string, readonly CaseEvent[]>>;
  readonly isAway: boolean;
  /** Why, where the server says so: null where nobody answers. */
  readonly awayReason: string | null;
  readonly troubles: Readonly<Record<string, Trouble>>;
}

export interface OutboxParts {
  readonly storage: OutboxStorage;
  /** Sends a batch behind all that is known of its case. */
  readonly send: (batch: Batch) => Promise<Sent>;
  readonly onChange: (state: OutboxState) => void;
  /** The sequence of the last event that this window shows of a case; null where it shows none. */
  readonly shown: (caseId: string) => number | null;
  /** A key behind all that were given before. */
  readonly newKey: () => string;
  /** Calls back after some milliseconds; returns how to cancel it. */
  readonly later: (work: () => void, ms: number) => () => void;
}

export interface Outbox {
  /** Takes up what an earlier visit of this person left, and sends it. */
  readonly begin: (personId: string) => Promise<void>;
  /**
   * Keeps events and sends them, one batch after the other. Resolves true once they are stored, or are safely kept while
   * nobody answers; false if they were refused or wait for a decision.
   */
  readonly write: (caseId: string, events: readonly CaseEvent[]) => Promise<boolean>;
  /** Sends at once what waits. */
  readonly hurry: () => void;
  /** Of entries that conflict with those of others: appends mine after theirs anyway. */
  readonly appendAfter: (caseId: string) => Promise<void>;
  /** Takes back what is not stored of a case. */
  readonly leaveOut: (caseId: string) => Promise<void>;
  /** The word about a case was read. */
  readonly dismiss: (caseId: string) => void;
}

const firstRetryMs = 1000;
const longestRetryMs = 15_000;

/** What the outbox knows at the moment; the pieces below read and change it. */
interface Desk extends OutboxParts {
  queue: Batch[];
  troubles: Record<string, Trouble>;
  personId: string;
  isAway: boolean;
  awayReason: string | null;
  isSending: boolean;
  retryMs: number;
  cancelRetry: () => void;
  /** Who waits to hear what became of a batch. */
  readonly answers: Map<string, (isSafe: boolean) => void>;
  /** Batches that the device has kept, or could not keep: what is sent before would be lost with the tab. */
  readonly ready: Set<string>;
}

export function createOutbox(parts: OutboxParts): Outbox {
  const desk: Desk = {
    ...parts,
    queue: [],
    troubles: {},
    personId: '',
    isAway: false,
    awayReason: null,
    isSending: false,
    retryMs: firstRetryMs,
    cancelRetry: () => undefined,
    answers: new Map(),
    ready: new Set(),
  };
  return {
    async begin(person) {
      desk.personId = person;
      desk.queue = desk.queue.filter((batch) => batch.personId === person);
      await takeUp(desk);
    },
    write: (caseId, events) => write(desk, caseId, events),
    hurry() {
      desk.retryMs = firstRetryMs;
      void takeUp(desk);
    },
    async appendAfter(caseId) {
      const trouble = desk.troubles[caseId];
      const theirs = trouble?.kind === 'conflict' ? trouble.theirs : [];
      for (const batch of desk.queue.filter((one) => one.caseId === caseId)) await markSeen(desk, batch, theirs);
      setTrouble(desk, caseId, null);
      report(desk);
      await run(desk);
    },
    async leaveOut(caseId) {
      for (const batch of desk.queue.filter((one) => one.caseId === caseId)) {
        await take(desk, batch);
        answer(desk, batch.key, false);
      }
      setTrouble(desk, caseId, null);
      report(desk);
    },
    dismiss(caseId) {
      if (isStuck(desk, caseId)) return;
      setTrouble(desk, caseId, null);
      report(desk);
    },
  };
}

function report({ queue, isAway, awayReason, troubles, onChange }: Desk): void {
  const waiting: Record<string, CaseEvent[]> = {};
  for (const { caseId, events } of queue) waiting[caseId] = [...(waiting[caseId] ?? []), ...events];
  onChange({ waiting, isAway, awayReason, troubles });
}

function answer({ answers }: Desk, key: string, isSafe: boolean): void {
  answers.get(key)?.(isSafe);
  answers.delete(key);
}

const isStuck = ({ troubles }: Desk, caseId: string): boolean => troubles[caseId]?.kind === 'conflict';

function setTrouble(desk: Desk, caseId: string, trouble: Trouble | null): void {
  const others = Object.fromEntries(Object.entries(desk.troubles).filter(([id]) => id !== caseId));
  desk.troubles = trouble ? { ...others, [caseId]: trouble } : others;
}

/** A decision was made about these: they are no crossing any more, even after a reload. */
async function markSeen(desk: Desk, batch: Batch, theirs: readonly CaseEvent[]): Promise<void> {
  if (!batch.seen) return;
  const seen: Seen = { ...batch.seen, ids: [...batch.seen.ids, ...theirs.map(({ id }) => id)] };
  const marked: Batch = { ...batch, seen };
  desk.queue = desk.queue.map((one) => (one.key === batch.key ? marked : one));
  await desk.storage.put(marked).catch(() => undefined);
}

/** Out of the queue and off the device. */
async function take(desk: Desk, batch: Batch): Promise<void> {
  desk.queue = desk.queue.filter(({ key }) => key !== batch.key);
  desk.ready.delete(batch.key);
  await desk.storage.remove(batch.key).catch(() => undefined);
}

/** @returns whether the next may be sent at once */
async function judge(desk: Desk, batch: Batch, sent: Sent): Promise<boolean> {
  desk.isAway = sent.kind === 'away';
  desk.awayReason = sent.kind === 'away' ? (sent.reason ?? null) : null;
  switch (sent.kind) {
    case 'away':
      for (const key of [...desk.answers.keys()]) if (desk.ready.has(key)) answer(desk, key, true);
      desk.cancelRetry = desk.later(() => void run(desk), desk.retryMs);
      desk.retryMs = Math.min(2 * desk.retryMs, longestRetryMs);
      return false;
    case 'stored':
      await take(desk, batch);
      answer(desk, batch.key, true);
      break;
    case 'refused':
      await take(desk, batch);
      setTrouble(desk, batch.caseId, { kind: 'refused', message: sent.message, events: batch.events });
      answer(desk, batch.key, false);
      break;
    case 'conflict':
      // Sent again it comes behind theirs; where that needs a decision, it waits for one.
      if (mayAppendAfter(sent.theirs, batch.events)) {
        await markSeen(desk, batch, sent.theirs);
        setTrouble(desk, batch.caseId, { kind: 'appended-after', theirs: sent.theirs });
      } else {
        setTrouble(desk, batch.caseId, { kind: 'conflict', theirs: sent.theirs });
        for (const { caseId, key } of desk.queue) if (caseId === batch.caseId) answer(desk, key, false);
      }
      break;
  }
  desk.retryMs = firstRetryMs;
  return true;
}

async function run(desk: Desk): Promise<void> {
  if (desk.isSending) return;
  desk.isSending = true;
  desk.cancelRetry();
  try {
    for (;;) {
      const batch = desk.queue.find((one) => one.personId === desk.personId && !isStuck(desk, one.caseId));
      if (!batch) {
        desk.isAway = false;
        break;
      }
      // In order: what comes behind it waits with it, and its being kept sets this going again.
      if (!desk.ready.has(batch.key)) break;
      const goesOn = await judge(desk, batch, await desk.send(batch));
      report(desk);
      if (!goesOn) break;
    }
  } finally {
    desk.isSending = false;
    report(desk);
  }
}

/** What this window or another one of this browser has kept. */
async function takeUp(desk: Desk): Promise<void> {
  const before = desk.queue;
  const all = await desk.storage.all().catch(() => []);
  // Meanwhile some may have been written and others stored: neither are taken up a second time.
  const known = new Set([...before, ...desk.queue].map(({ key }) => key));
  const kept = all.filter((batch) => batch.personId === desk.personId && !known.has(batch.key));
  for (const { key } of kept) desk.ready.add(key);
  desk.queue = [...desk.queue, ...kept].sort((a, b) => (a.key < b.key ? -1 : 1));
  report(desk);
  await run(desk);
}

function write(desk: Desk, caseId: string, events: readonly CaseEvent[]): Promise<boolean> {
  const sequence = desk.shown(caseId);
  const onTheWay = desk.queue.filter((one) => one.caseId === caseId).flatMap((one) => one.events.map(({ id }) => id));
  const batch: Batch = {
    key: desk.newKey(),
    personId: desk.personId,
    caseId,
    events,
    ...(sequence === null ? {} : { seen: { sequence, ids: onTheWay } }),
  };
  desk.queue = [...desk.queue, batch];
  const trouble = desk.troubles[caseId]?.kind;
  if (trouble === 'refused' || trouble === 'appended-after') setTrouble(desk, caseId, null);
  report(desk);
  const settled = new Promise<boolean>((resolve) => desk.answers.set(batch.key, resolve));
  void desk.storage
    .put(batch)
    .catch(() => undefined)
    .then(() => {
      desk.ready.add(batch.key);
      if (isStuck(desk, caseId)) answer(desk, batch.key, false);
      else if (desk.isAway) answer(desk, batch.key, true);
      return run(desk);
    });
  return settled;
}
