import { createCaseDiagnoser, foldOn, foldStored, type CaseEvent, type CaseState } from '../../core/casework';
import type { Diagnosis, DiagnosisRest, StrategyPrice } from '../../core/diagnosis';
import type { PartKind } from '../../core/machine';
import { formatTrialId } from '../../core/trials';

/** The log to diagnose: as many events of the last one as still stand, and those that come behind them. */
export interface DiagnosisRequest {
  readonly ticket: number;
  readonly keep: number;
  readonly events: readonly CaseEvent[];
  /** The trial that is chosen, if any: it is sent whole at once. */
  readonly chosen: string | null;
  /** Kinds of part of which the shop has no spare. */
  readonly shelfLacks: readonly PartKind[];
}

/**
 * What is read first comes first: to compute and hand over the other trials whole, and the evidence of the last suspects,
 * takes as long again. They follow, with what each strategy would take.
 */
export type DiagnosisAnswer =
  | {
      readonly kind: 'diagnosis';
      readonly ticket: number;
      readonly diagnosis: Diagnosis | null;
      readonly milliseconds: number;
    }
  | ({
      readonly kind: 'rest';
      readonly ticket: number;
      readonly prices: readonly StrategyPrice[];
    } & DiagnosisRest);

const diagnose = createCaseDiagnoser();
const answer = (message: DiagnosisAnswer) => self.postMessage(message);
const plainStart = formatTrialId({ kind: 'start' });

/** The log in hand. Its events stay the same objects from request to request, so that what hangs on them is kept. */
let log: readonly CaseEvent[] = [];
let state: CaseState | null = null;

/** How long the screen has the cores to itself to draw the answer; a newer request meanwhile makes the rest needless. */
const restAfterMs = 80;
let resting: ReturnType<typeof setTimeout> | undefined;

/** Takes a request into the log, at the cost of what is new where it only grew. */
function take({ keep, events }: DiagnosisRequest): CaseState | null {
  const hasGrown = state !== null && keep === log.length;
  log = [...log.slice(0, keep), ...events];
  const grown = hasGrown && state ? foldOn(state, events) : null;
  const folded = grown?.ok ? grown : foldStored(log);
  state = folded.ok ? folded.state : null;
  return state;
}

self.onmessage = ({ data }: MessageEvent<DiagnosisRequest>) => {
  const { ticket, chosen, shelfLacks } = data;
  clearTimeout(resting);
  const startedAt = performance.now();
  const folded = take(data);
  const diagnosis = folded ? diagnose.first(folded, shelfLacks, chosen ? [plainStart, chosen] : [plainStart]) : null;
  const milliseconds = performance.now() - startedAt;
  answer({ kind: 'diagnosis', ticket, diagnosis, milliseconds });
  if (diagnosis) resting = setTimeout(() => answerRest(ticket), restAfterMs);
};

function answerRest(ticket: number): void {
  const rest = diagnose.rest();
  if (rest) answer({ kind: 'rest', ticket, ...rest, prices: diagnose.strategyPrices() });
}
