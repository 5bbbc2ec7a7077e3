import { mayAppendAfter, type CaseEvent } from '../../core/casework';
import {
  answer,
  isStuck,
  keep,
  markSeen,
  refuse,
  report,
  setTrouble,
  showRefused,
  take,
  type Desk,
} from './outbox-desk';
import type { Batch, Outbox, OutboxParts, Sent } from './outbox-types';

export type { Batch, Outbox, OutboxParts, OutboxState, OutboxStorage, Seen, Sent, Trouble } from './outbox-types';

const firstRetryMs = 1000;
const longestRetryMs = 15_000;

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
    unkept: new Set(),
    refused: [],
  };
  return {
    async begin(person) {
      desk.personId = person;
      desk.queue = desk.queue.filter((batch) => batch.personId === person);
      desk.refused = [];
      desk.troubles = {};
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
    async dismiss(caseId) {
      if (isStuck(desk, caseId)) return;
      for (const { key } of desk.refused.filter((batch) => batch.caseId === caseId))
        await desk.storage.remove(key).catch(() => undefined);
      desk.refused = desk.refused.filter((batch) => batch.caseId !== caseId);
      setTrouble(desk, caseId, null);
      report(desk);
    },
  };
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
      await refuse(desk, batch, sent.message);
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
  const mine = all.filter((batch) => batch.personId === desk.personId && !known.has(batch.key));
  for (const batch of mine) if (batch.refused !== undefined) showRefused(desk, batch);
  const kept = mine.filter((batch) => batch.refused === undefined);
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
  if (trouble === 'appended-after') setTrouble(desk, caseId, null);
  report(desk);
  const settled = new Promise<boolean>((resolve) => desk.answers.set(batch.key, resolve));
  void keep(desk, batch).then(() => {
    desk.ready.add(batch.key);
    if (desk.unkept.has(batch.key)) report(desk);
    if (isStuck(desk, caseId)) answer(desk, batch.key, false);
    else if (desk.isAway) answer(desk, batch.key, true);
    return run(desk);
  });
  return settled;
}
