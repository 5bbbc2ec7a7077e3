import { powerBudget } from './budget';
import type { PowerPlan } from './power-plan';
import { calibrationOf, outputFromWall, type PhaseWatts, type TracePhase } from './wall-meter';
import type { WattsRange } from './watts-distribution';

/** What a phase of the wall meter's trace says of the estimate. */
export interface TraceCalibration {
  readonly phase: TracePhase;
  /** Output of the supply in that phase, in watts. */
  readonly output: WattsRange;
  /** Measured over estimated. */
  readonly factor: WattsRange;
}

/** The phases that a budget foresees, the one that says most first. */
const foreseen: readonly TracePhase[] = ['both', 'graphics-load', 'processor-load'];

/**
 * The factor by which a budget is corrected, from the phase with the most load; null where no phase under load was marked
 * or no label is known, by which the efficiency goes.
 */
export function calibrateByTrace(
  plan: Pick<PowerPlan, 'consumers' | 'supply' | 'efficiency'>,
  phases: readonly PhaseWatts[],
): TraceCalibration | null {
  const { supply, efficiency } = plan;
  const measured = foreseen.flatMap((phase) => phases.filter(({ marked }) => marked.phase === phase))[0];
  if (!supply || !measured) return null;
  const { phase } = measured.marked;
  const output = outputFromWall(measured.median, supply.watts, efficiency);
  const factor = calibrationOf(output, estimateOf(plan, phase));
  return factor && { phase, output, factor };
}

/**
 * What is estimated for a phase: what is put under load at its sustained draw, the rest at the lower half of its typical
 * one, as it idles meanwhile.
 */
function estimateOf({ consumers }: Pick<PowerPlan, 'consumers'>, phase: TracePhase): WattsRange {
  const isLoaded = (kind: string) =>
    phase === 'both' || kind === (phase === 'graphics-load' ? 'graphics-card' : 'processor');
  const { loads } = powerBudget({
    consumers: consumers.map((one) => ({
      ...one,
      draw: { ...one.draw, sustained: isLoaded(one.kind) ? one.draw.sustained : lowerHalf(one.draw.typical) },
    })),
  });
  return loads.sustained;
}

const lowerHalf = ({ low, high }: WattsRange): WattsRange => ({ low, high: (low + high) / 2 });
