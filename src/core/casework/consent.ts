import type { Diagnosis } from '../diagnosis';
import { parseRepairClassId, repairClassOf, type RepairClass } from '../faults';
import { parseTrialId } from '../trials';
import type { CaseProblem, CaseState } from './case-state';
import type { CaseEvent, ConsentKind, ConsentNoted } from './event';
import { advance, refuse, type Stepped } from './stepped';

/** Notes what was agreed or refused; what was said before of the same no longer counts. */
export function noteConsent(state: CaseState, event: ConsentNoted): Stepped {
  if (event.to === 'password-clearing' && event.isAgreed && !event.shown)
    return refuse(['shown'], 'no-proof', 'expected what was shown as proof of ownership, found nothing');
  if (event.to === 'over-limit' && event.isAgreed && event.upTo === undefined)
    return refuse(['upTo'], 'no-limit', 'expected what it may cost now, found nothing');
  return advance({ ...state, consents: [...state.consents.filter(({ to }) => to !== event.to), event] });
}

/** Whether the last word on something was that it is agreed. */
export const isAgreed = ({ consents }: Pick<CaseState, 'consents'>, kind: ConsentKind): boolean =>
  consents.find(({ to }) => to === kind)?.isAgreed ?? false;

/** What the owner said to the estimate that was given last; null where it is not answered. */
export const estimateAnswer = ({ consents, money }: Pick<CaseState, 'consents' | 'money'>): ConsentNoted | null =>
  consents.find(({ answers }) => answers !== undefined && answers === money.estimate?.id) ?? null;

/** What a repair may wait for; the others are noted where they are given. */
export type AskedConsent = 'password-clearing' | 'data-may-be-lost' | 'over-limit';

/** Why a repair waits for somebody's word. */
export const CONSENT_REASONS: Readonly<Record<AskedConsent, string>> = {
  'password-clearing': 'A password is cleared only for an owner who showed proof. Note what was shown first.',
  'data-may-be-lost': 'It may cost the data on the machine. Note first that the owner agrees.',
  'over-limit': 'It costs more than was agreed. Note first that the owner agrees.',
};

/** What has to be agreed before a repair is done, and is not yet; null where nothing is. */
export function consentFor(state: CaseState, { repair, price }: RepairClass): AskedConsent | null {
  const { dataConsent } = state.opened;
  if (repair === 'clear-password') return isAgreed(state, 'password-clearing') ? null : 'password-clearing';
  if (repair === 'restore-system' && dataConsent !== undefined && dataConsent !== 'may-be-lost')
    return isAgreed(state, 'data-may-be-lost') ? null : 'data-may-be-lost';
  const limit = agreedLimit(state);
  return limit !== null && price > 0 && spentOf(state) + price > limit ? 'over-limit' : null;
}

/** What it may cost without asking; null where nobody said. */
export function agreedLimit({ consents, opened }: Pick<CaseState, 'consents' | 'opened'>): number | null {
  const raised = consents.find(({ to, isAgreed: agreed }) => to === 'over-limit' && agreed);
  return raised?.upTo ?? opened.spendingLimit ?? null;
}

/** What the repairs so far usually cost, in the shop's currency. */
const spentOf = ({ entries }: CaseState): number =>
  entries.reduce((sum, { event, trial, struckBy }) => {
    const isDone = struckBy === null && event.kind === 'trial-done' && event.outcome !== 'could-not';
    return sum + (isDone ? (trial?.repair?.price ?? 0) : 0);
  }, 0);

/** The first of new entries that clears a password on a log without proof; null where none does. */
export function clearedWithoutProof(state: CaseState, more: readonly CaseEvent[]): CaseProblem | null {
  let isProven = isAgreed(state, 'password-clearing');
  const log = [...state.entries.map(({ event }) => event), ...more];
  const isProof = (id: string) =>
    log.some((event) => event.id === id && event.kind === 'consent-noted' && event.to === 'password-clearing');
  for (const [index, event] of more.entries()) {
    if (event.kind === 'consent-noted' && event.to === 'password-clearing') isProven = event.isAgreed;
    if (event.kind === 'entry-struck' && isProof(event.entry)) isProven = false;
    if (event.kind !== 'trial-done' || event.outcome === 'could-not' || isProven) continue;
    const ref = parseTrialId(event.trial);
    if (ref?.kind === 'repair' && ref.repair === 'clear-password')
      return {
        event: index,
        path: ['trial'],
        code: 'no-proof',
        message: 'expected consent-noted with proof of ownership first, found a password cleared without it',
      };
  }
  return null;
}

/** What the likeliest repair waits for; null where it waits for nobody's word. */
export function consentAsked(state: CaseState, { repairs: [top] }: Pick<Diagnosis, 'repairs'>): AskedConsent | null {
  const ref = top ? parseRepairClassId(top.repair) : null;
  const part = ref && state.machine.parts.find(({ id }) => id === ref.part);
  return ref && part ? consentFor(state, repairClassOf(ref.repair, part)) : null;
}
