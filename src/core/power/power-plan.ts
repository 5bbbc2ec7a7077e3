import type { Consumer } from './consumer';
import type { LeadElement } from './lead-graph';
import type { Derating, SupplyLabel } from './supply-label';
import type { EfficiencyPoint } from './wall-meter';
import type { WattsRange } from './watts-distribution';

/** A machine's power as it is planned or was noted: what draws, what feeds it, over which leads. */
export interface PowerPlan {
  readonly name: string;
  readonly consumers: readonly Consumer[];
  /** Null where no supply is chosen yet. */
  readonly supply: SupplyLabel | null;
  readonly derating: Derating;
  /** Empty where nobody looked at the leads. */
  readonly leads: readonly LeadElement[];
  readonly efficiency: readonly EfficiencyPoint[];
  /** What was measured over what was estimated; 1 to 1 where nothing was measured. */
  readonly calibration: WattsRange;
}
