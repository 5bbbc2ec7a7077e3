import { randomUUID } from 'node:crypto';
import type pg from 'pg';
import type * as z from 'zod';
import type { answerEstimateSchema, CaseDetail, OwnerView } from '../../contracts';
import { estimateAnswer, type CaseEvent, type CaseState } from '../../core/casework';
import { ownerStateWords } from '../../core/record';
import { caseNumber, inARow } from '../../core/wording';
import { enterShop, inShop, inTransaction, present } from '../database/in-shop';
import { findOwnerLink, touchOwnerLink, type OwnerLinkRow } from '../repositories/owner-links';
import { findPerson } from '../repositories/people';
import { findShop, readShopSettings } from '../repositories/shops';
import { createAttempts } from './attempts';
import { createCaseService, readCase, type CaseServiceDependencies } from './case-service';
import { foldDetail } from './fold-detail';
import { makePaper, type MadePaper } from './make-paper';
import { Refusal } from './refusal';
import { hashSecret } from './secrets';

/** What an owner can see and say by a link, without an account. A wrong token has to wait longer and longer. */
export interface OwnerDoor {
  look(token: string, from: string): Promise<OwnerView>;
  /** Answers the estimate that the owner saw. Failure: 409 where another one was given meanwhile, or it is answered. */
  answer(request: z.infer<typeof answerEstimateSchema>, from: string): Promise<OwnerView>;
  /** The owner's sheet, once the case is closed. */
  sheet(token: string, from: string): Promise<MadePaper>;
}

type OwnerDoorParts = Pick<CaseServiceDependencies, 'pool' | 'logs' | 'announce'> & { readonly now: () => Date };

interface Found {
  readonly link: OwnerLinkRow;
  readonly detail: CaseDetail;
  readonly state: CaseState;
  readonly shop: string;
  readonly currency: string;
  /** Who made the link. */
  readonly maker: string;
}

export function createOwnerDoor(parts: OwnerDoorParts): OwnerDoor {
  const { pool, now } = parts;
  const attempts = createAttempts(pool, now);
  const find = async (token: string, from: string): Promise<Found> => {
    const found = await attempts.judge([['code', from]], () => findByToken(pool, token, now()));
    if (!found) throw noSuchLink();
    return found;
  };
  return {
    look: async (token, from) => viewOf(await find(token, from)),
    async answer(request, from) {
      const found = await find(request.token, from);
      await writeAnswer(parts, found, request);
      return viewOf(await find(request.token, from));
    },
    async sheet(token, from) {
      const { link, detail, state, shop } = await find(token, from);
      if (state.stage !== 'closed') throw notReady();
      const rates = await inShop(pool, link.shopId, async (db) => (await readShopSettings(db)).rates);
      return makePaper(detail, 'owner', { shop, rates, link: '' });
    },
  };
}

async function findByToken(pool: pg.Pool, token: string, now: Date): Promise<Found | null> {
  const tokenHash = hashSecret(token);
  return inTransaction(pool, async (db) => {
    await present(db, 'link', tokenHash);
    const link = await findOwnerLink(db, tokenHash);
    if (!link || link.expiresAt < now) return null;
    await enterShop(db, link.shopId);
    await touchOwnerLink(db, tokenHash, now);
    const detail = await readCase(db, link.caseId);
    const { rates } = await readShopSettings(db);
    return {
      link,
      detail,
      state: foldDetail(detail),
      shop: (await findShop(db))?.name ?? '',
      currency: rates.currency,
      maker: (await findPerson(db, link.madeBy))?.name ?? '',
    };
  });
}

function viewOf({ detail, state, shop, currency }: Found): OwnerView {
  const { estimate } = state.money;
  const answer = estimateAnswer(state);
  return {
    shop,
    number: caseNumber(detail.number),
    machine: state.opened.machine.name,
    complaint: state.opened.complaint,
    openedAt: state.opened.at,
    state: ownerStateWords(state),
    waitingUntil: state.stage === 'parked' ? state.waitingUntil : null,
    estimate: estimate && {
      id: estimate.id,
      low: estimate.low,
      high: estimate.high,
      currency,
      givenAt: estimate.at,
      words: estimate.words ?? null,
      answer: answer && { isAccepted: answer.isAgreed, at: answer.at },
    },
    isOpen: state.stage !== 'closed',
    hasSheet: state.stage === 'closed',
  };
}

const maxAttempts = 5;

/** The answer goes into the log like any entry; what the shop writes meanwhile does not stand in its way. */
async function writeAnswer(
  { pool, now, logs, announce }: OwnerDoorParts,
  { link, state, detail, currency, maker }: Found,
  { estimate: asked, isAccepted, words = '' }: z.infer<typeof answerEstimateSchema>,
): Promise<void> {
  const { estimate } = state.money;
  if (estimate?.id !== asked || state.stage === 'closed') throw otherEstimate();
  if (estimateAnswer(state)) throw alreadyAnswered();
  const by = 'The owner, by link';
  const event: CaseEvent = {
    kind: 'consent-noted',
    id: randomUUID(),
    at: now().toISOString(),
    by,
    to: 'over-limit',
    isAgreed: isAccepted,
    way: 'in-writing',
    words: inARow([
      `${isAccepted ? 'Accepts' : 'Declines'} the estimate of ${estimate.low} to ${estimate.high} ${currency}, by the link of ${maker}`,
      words.trim(),
    ]),
    answers: estimate.id,
    ...(isAccepted ? { upTo: Number(estimate.high) } : {}),
  };
  const cases = createCaseService({
    pool,
    shopId: link.shopId,
    actor: { personId: link.madeBy, name: by, role: 'technician', byLink: true },
    now,
    ...(logs ? { logs } : {}),
    ...(announce ? { announce } : {}),
  });
  let expectedSequence = detail.events.length;
  for (let attempt = 1; ; attempt++)
    try {
      await cases.append(link.caseId, { expectedSequence, events: [event] });
      return;
    } catch (error) {
      if (!(error instanceof Refusal) || error.code !== 'stale' || attempt === maxAttempts) throw error;
      expectedSequence += error.more.newerEvents?.length ?? 0;
    }
}

const noSuchLink = () =>
  new Refusal(404, 'no-such-link', 'This link does not open a case', {
    detail: 'It is too old, or the shop took it back. Ask the shop for a new one.',
  });
const otherEstimate = () =>
  new Refusal(409, 'other-estimate', 'The estimate has changed', {
    detail: 'Load the page again and look at the newest one.',
  });
const alreadyAnswered = () =>
  new Refusal(409, 'answered', 'The estimate is answered already', {
    detail: 'To say something else, call the shop.',
  });
const notReady = () =>
  new Refusal(409, 'not-ready', 'The sheet is not ready yet', { detail: 'It is made when the case is closed.' });
