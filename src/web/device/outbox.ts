import { mayAppendAfter, type CaseEvent } from '../../core/casework';

/** Events that were written together: they are stored together or not at all. */
export interface Batch {
  /** Sorts by when it was written on this device; no two are alike. */
  readonly key: string;
  readonly personId: string;
  readonly caseId: string;
  readonly events: readonly CaseEvent[];
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
  readonly appendAfter: (caseId: string) => void;
  /** Takes back what is not stored of a case. */
  readonly leaveOut: (caseId: string) => Promise<void>;
  /** The word about a case was read. */
  readonly dismiss: (caseId: string) => void;
}

const firstRetryMs = 1000;
const longestRetryMs = 15_000;

export function createOutbox({ storage, send, onChange, newKey, later }: OutboxParts): Outbox {
  let queue: Batch[] = [];
  let troubles: Record<string, Trouble> = {};
  let personId = '';
  let isAway = false;
  let awayReason: string | null = null;
  let isSending = false;
  let retryMs = firstRetryMs;
  let callOff = (): void => undefined;
  const answers = new Map<string, (isSafe: boolean) => void>();
  /** Batches that the device has kept, or could not keep: what is sent before would be lost with the tab. */
  const ready = new Set<string>();

  const tell = () => {
    const waiting: Record<string, CaseEvent[]> = {};
    for (const { caseId, events } of queue) waiting[caseId] = [...(waiting[caseId] ?? []), ...events];
    onChange({ waiting, isAway, awayReason, troubles });
  };
  const answer = (key: string, isSafe: boolean) => {
    answers.get(key)?.(isSafe);
    answers.delete(key);
  };
  const isStuck = (caseId: string) => troubles[caseId]?.kind === 'conflict';
  const setTrouble = (caseId: string, trouble: Trouble | null) => {
    troubles = Object.fromEntries(Object.entries(troubles).filter(([id]) => id !== caseId));
    if (trouble) troubles = { ...troubles, [caseId]: trouble };
  };
  const take = async (batch: Batch) => {
    queue = queue.filter(({ key }) => key !== batch.key);
    ready.delete(batch.key);
    await storage.remove(batch.key).catch(() => undefined);
  };

  /** @returns whether the next may be sent at once */
  async function judge(batch: Batch, sent: Sent): Promise<boolean> {
    isAway = sent.kind === 'away';
    awayReason = sent.kind === 'away' ? (sent.reason ?? null) : null;
    switch (sent.kind) {
      case 'away':
        for (const key of [...answers.keys()]) if (ready.has(key)) answer(key, true);
        callOff = later(() => void run(), retryMs);
        retryMs = Math.min(2 * retryMs, longestRetryMs);
        return false;
      case 'stored':
        await take(batch);
        answer(batch.key, true);
        break;
      case 'refused':
        await take(batch);
        setTrouble(batch.caseId, { kind: 'refused', message: sent.message, events: batch.events });
        answer(batch.key, false);
        break;
      case 'conflict':
        // Sent again it comes behind theirs; where that needs a decision, it waits for one.
        if (mayAppendAfter(sent.theirs, batch.events))
          setTrouble(batch.caseId, { kind: 'appended-after', theirs: sent.theirs });
        else {
          setTrouble(batch.caseId, { kind: 'conflict', theirs: sent.theirs });
          for (const { caseId, key } of queue) if (caseId === batch.caseId) answer(key, false);
        }
        break;
    }
    retryMs = firstRetryMs;
    return true;
  }

  async function run(): Promise<void> {
    if (isSending) return;
    isSending = true;
    callOff();
    try {
      for (;;) {
        const batch = queue.find((one) => one.personId === personId && !isStuck(one.caseId));
        if (!batch) {
          isAway = false;
          break;
        }
        // In order: what comes behind it waits with it, and its being kept sets this going again.
        if (!ready.has(batch.key)) break;
        const goesOn = await judge(batch, await send(batch));
        tell();
        if (!goesOn) break;
      }
    } finally {
      isSending = false;
      tell();
    }
  }

  /** What this window or another one of this browser has kept. */
  async function takeUp(): Promise<void> {
    const before = queue;
    const all = await storage.all().catch(() => []);
    // Meanwhile some may have been written and others stored: neither are taken up a second time.
    const known = new Set([...before, ...queue].map(({ key }) => key));
    const kept = all.filter((batch) => batch.personId === personId && !known.has(batch.key));
    for (const { key } of kept) ready.add(key);
    queue = [...queue, ...kept].sort((a, b) => (a.key < b.key ? -1 : 1));
    tell();
    await run();
  }

  return {
    async begin(person) {
      personId = person;
      queue = queue.filter((batch) => batch.personId === person);
      await takeUp();
    },
    write(caseId, events) {
      const batch: Batch = { key: newKey(), personId, caseId, events };
      queue = [...queue, batch];
      if (troubles[caseId]?.kind === 'refused' || troubles[caseId]?.kind === 'appended-after') setTrouble(caseId, null);
      tell();
      const settled = new Promise<boolean>((resolve) => answers.set(batch.key, resolve));
      void storage
        .put(batch)
        .catch(() => undefined)
        .then(() => {
          ready.add(batch.key);
          if (isStuck(caseId)) answer(batch.key, false);
          else if (isAway) answer(batch.key, true);
          return run();
        });
      return settled;
    },
    hurry() {
      retryMs = firstRetryMs;
      void takeUp();
    },
    appendAfter(caseId) {
      setTrouble(caseId, null);
      tell();
      void run();
    },
    async leaveOut(caseId) {
      for (const batch of queue.filter((one) => one.caseId === caseId)) {
        await take(batch);
        answer(batch.key, false);
      }
      setTrouble(caseId, null);
      tell();
    },
    dismiss(caseId) {
      if (isStuck(caseId)) return;
      setTrouble(caseId, null);
      tell();
    },
  };
}
