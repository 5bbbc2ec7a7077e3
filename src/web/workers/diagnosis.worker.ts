import { createCaseDiagnoser, foldOn, foldStored, type CaseEvent, type CaseState } from '../../core/casework';
import type { Diagnosis, StrategyPrice, TrialView } from '../../core/diagnosis';
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
 * The diagnosis comes first, with most of its other trials in brief and without the evidence of its last suspects: they
 * are nine tenths of it, and handing them over takes time. They follow whole, with what each strategy would take.
 */
export type DiagnosisAnswer =
  | {
      readonly kind: 'diagnosis';
      readonly ticket: number;
      readonly diagnosis: Diagnosis | null;
      readonly milliseconds: number;
    }
  | {
      readonly kind: 'rest';
      readonly ticket: number;
      readonly alternatives: readonly TrialView[];
      readonly suspects: Diagnosis['suspects'];
      readonly prices: readonly StrategyPrice[];
    };

const diagnose = createCaseDiagnoser();
const answer = (message: DiagnosisAnswer) => self.postMessage(message);
const plainStart = formatTrialId({ kind: 'start' });

/** The log in hand. Its events stay the same objects from request to request, so that what hangs on them is kept. */
let log: readonly CaseEvent[] = [];
let state: CaseState | null = null;

const brief = (trial: TrialView): TrialView => ({
  ...trial,
  purpose: '',
  steps: [],
  cautions: [],
  touches: [],
  outcomes: [],
});

/** How many suspects come with their evidence at once: as many as are listed, and some more. */
const maxWithEvidence = 12;

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
  const diagnosis = folded ? diagnose(folded, shelfLacks) : null;
  const milliseconds = performance.now() - startedAt;
  if (!diagnosis) {
    answer({ kind: 'diagnosis', ticket, diagnosis, milliseconds });
    return;
  }
  const { alternatives, suspects } = diagnosis;
  const first = alternatives.map((trial) => (trial.id === plainStart || trial.id === chosen ? trial : brief(trial)));
  const ranked = suspects.map((suspect, rank) => (rank < maxWithEvidence ? suspect : { ...suspect, evidence: [] }));
  const reduced = { ...diagnosis, alternatives: first, suspects: ranked };
  answer({ kind: 'diagnosis', ticket, diagnosis: reduced, milliseconds });
  resting = setTimeout(
    () => answer({ kind: 'rest', ticket, alternatives, suspects, prices: diagnose.strategyPrices() }),
    restAfterMs,
  );
};
