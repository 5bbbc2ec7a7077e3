import { mayAppendAfter, type CaseEvent } from '../../core/casework';
import {
  addRefused,
  answer,
  isStuck,
  keep,
  markSeen,
  refuse,
  report,
  setTrouble,
  take,
  type OutboxWork,
} from './outbox-work';
import { firstRetryMs, longestRetryMs } from './queue-tools';
import type { Batch, Outbox, OutboxParts, Sent } from './outbox-types';

export type { Batch, Outbox, OutboxParts, OutboxState, OutboxStorage, Seen, Sent, Trouble } from './outbox-types';

export function createOutbox(parts: OutboxParts): Outbox {
  const work: OutboxWork = {
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
    unkept: new Set(),
    refused: [],
  };
  return {
    async begin(person) {
      work.personId = person;
      work.queue = work.queue.filter((batch) => batch.personId === person);
      work.refused = [];
      work.troubles = {};
      await takeUp(work);
    },
    write: (caseId, events) => write(work, caseId, events),
    hurry() {
      work.retryMs = firstRetryMs;
      void takeUp(work);
    },
    async appendAfter(caseId) {
      const trouble = work.troubles[caseId];
      const theirs = trouble?.kind === 'conflict' ? trouble.theirs : [];
      for (const batch of work.queue.filter((one) => one.caseId === caseId)) await markSeen(work, batch, theirs);
      setTrouble(work, caseId, null);
      report(work);
      await run(work);
    },
    async leaveOut(caseId) {
      for (const batch of work.queue.filter((one) => one.caseId === caseId)) {
        await take(work, batch);
        answer(work, batch.key, false);
      }
      setTrouble(work, caseId, null);
      report(work);
    },
    async dismiss(caseId) {
      if (isStuck(work, caseId)) return;
      if (work.troubles[caseId]) {
        setTrouble(work, caseId, null);
        report(work);
        return;
      }
      for (const { key } of work.refused.filter((batch) => batch.caseId === caseId))
        await work.storage.remove(key).catch(() => undefined);
      work.refused = work.refused.filter((batch) => batch.caseId !== caseId);
      report(work);
    },
  };
}

/** @returns whether the next may be sent at once */
async function judge(work: OutboxWork, batch: Batch, sent: Sent): Promise<boolean> {
  work.isAway = sent.kind === 'away';
  work.awayReason = sent.kind === 'away' ? (sent.reason ?? null) : null;
  switch (sent.kind) {
    case 'away':
      for (const key of [...work.answers.keys()]) if (work.ready.has(key)) answer(work, key, true);
      work.cancelRetry = work.later(() => void run(work), work.retryMs);
      work.retryMs = Math.min(2 * work.retryMs, longestRetryMs);
      return false;
    case 'stored':
      await take(work, batch);
      answer(work, batch.key, true);
      break;
    case 'refused':
      await refuse(work, batch, sent.message);
      answer(work, batch.key, false);
      break;
    case 'conflict':
      // Sent again it comes behind theirs; where that needs a decision, it waits for one.
      if (mayAppendAfter(sent.theirs, batch.events)) {
        await markSeen(work, batch, sent.theirs);
        setTrouble(work, batch.caseId, { kind: 'appended-after', theirs: sent.theirs });
      } else {
        setTrouble(work, batch.caseId, { kind: 'conflict', theirs: sent.theirs });
        for (const { caseId, key } of work.queue) if (caseId === batch.caseId) answer(work, key, false);
      }
      break;
  }
  work.retryMs = firstRetryMs;
  return true;
}

async function run(work: OutboxWork): Promise<void> {
  if (work.isSending) return;
  work.isSending = true;
  work.cancelRetry();
  try {
    for (;;) {
      const batch = work.queue.find((one) => one.personId === work.personId && !isStuck(work, one.caseId));
      if (!batch) {
        work.isAway = false;
        break;
      }
      // In order: what comes behind it waits with it, and its being kept sets this going again.
      if (!work.ready.has(batch.key)) break;
      const goesOn = await judge(work, batch, await work.send(batch));
      report(work);
      if (!goesOn) break;
    }
  } finally {
    work.isSending = false;
    report(work);
  }
}

/** What this window or another one of this browser has kept. */
async function takeUp(work: OutboxWork): Promise<void> {
  const before = work.queue;
  const all = await work.storage.all().catch(() => []);
  // Meanwhile some may have been written and others stored: neither are taken up a second time.
  const known = new Set([...before, ...work.queue].map(({ key }) => key));
  const mine = all.filter((batch) => batch.personId === work.personId && !known.has(batch.key));
  addRefused(
    work,
    mine.filter((batch) => batch.refused !== undefined),
  );
  const kept = mine.filter((batch) => batch.refused === undefined);
  for (const { key } of kept) work.ready.add(key);
  work.queue = [...work.queue, ...kept].sort((a, b) => (a.key < b.key ? -1 : 1));
  report(work);
  await run(work);
}

function write(work: OutboxWork, caseId: string, events: readonly CaseEvent[]): Promise<boolean> {
  const sequence = work.shown(caseId);
  const onTheWay = work.queue.filter((one) => one.caseId === caseId).flatMap((one) => one.events.map(({ id }) => id));
  const batch: Batch = {
    key: work.newKey(),
    personId: work.personId,
    caseId,
    events,
    ...(sequence === null ? {} : { seen: { sequence, ids: onTheWay } }),
  };
  work.queue = [...work.queue, batch];
  if (work.troubles[caseId]?.kind === 'appended-after') setTrouble(work, caseId, null);
  report(work);
  const settled = new Promise<boolean>((resolve) => work.answers.set(batch.key, resolve));
  void keep(work, batch).then(() => {
    work.ready.add(batch.key);
    if (work.unkept.has(batch.key)) report(work);
    if (isStuck(work, caseId)) answer(work, batch.key, false);
    else if (work.isAway) answer(work, batch.key, true);
    return run(work);
  });
  return settled;
}
