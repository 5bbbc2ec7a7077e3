export { assessPower } from './assess-power';
export type { PowerAssessment, Verdict } from './assess-power';
export { powerBudget } from './budget';
export type { Estimate, LimitStanding, PowerBudget } from './budget';
export { CONNECTOR_FACTS, CONNECTORS, SENSE_WATTS } from './connector';
export type { ConnectorKind, SenseCoding } from './connector';
export { CONSUMER_KINDS, LOADS } from './consumer';
export type { Consumer, ConsumerKind, Draw, FigureSource, Load } from './consumer';
export { SCHOOL_NAMES } from './headroom';
export type { School, SchoolAsks, WouldFit } from './headroom';
export { LEAD_KINDS, leadProblems, nameOf } from './lead-graph';
export type { LeadElement, LeadKind, LeadProblem } from './lead-graph';
export { leadLoads, unsafeChains, weakestOf } from './lead-loads';
export type { LoadedElement, LoadedRail, UnsafeChain } from './lead-loads';
export { countPlugs } from './plug-count';
export type { Plugs, PlugStanding } from './plug-count';
export type { PowerPlan } from './power-plan';
export { consumerId, leadName, planOf } from './power-sheet';
export type { PowerSheet, SheetAdapter, SheetConsumer, SheetLead, SheetRange, SheetSupply } from './power-sheet';
export { sheetProblems } from './sheet-problems';
export type { SheetProblem } from './sheet-problems';
export { standingOf } from './power-standing';
export { plugNeeds, usualLeads } from './usual-leads';
export { withoutOrphans } from './lead-orphans';
export { CARD_FEEDS, feedCard } from './feed-card';
export type { CardFeed } from './feed-card';
export { consumersOfMachine } from './consumers-of-machine';
export { calibrateByTrace } from './calibrate-by-trace';
export type { TraceCalibration } from './calibrate-by-trace';
export { RAILS } from './rail';
export type { Rail } from './rail';
export {
  currentBeside,
  factsOf,
  isCurrent,
  MEASURED_QUANTITIES,
  measuredBy,
  RAIL_LOADS,
  trialQuantityOf,
} from './measured-quantity';
export type { MeasuredQuantity, QuantityFacts, RailLoad } from './measured-quantity';
export { probabilityWithin, railDrop, railLimits, spreadOf, usualClamp, usualMeter } from './reading';
export type { Limits, MeterAccuracy, RailDrop } from './reading';
export { shareLeft, usualDerating } from './supply-label';
export type { Derating, Limit, SupplyLabel } from './supply-label';
export { readTraceCsv } from './trace-csv';
export type { ReadTrace, TraceProblem } from './trace-csv';
export { graphicsDraw, processorDraw, USUAL_DRAWS, USUAL_RAILS } from './usual-draws';
export {
  calibrationOf,
  cutOutsOf,
  efficiencyCurve,
  markedCutOuts,
  outputFromWall,
  phaseWatts,
  TRACE_PHASES,
  USUAL_EFFICIENCY,
} from './wall-meter';
export type { CutOut, EfficiencyPoint, MarkedPhase, PhaseWatts, TracePhase, WallReading } from './wall-meter';
export { meanOfRanges, probabilityAbove, quantileOf, sumOfRanges } from './watts-distribution';
export type { WattsDistribution, WattsRange } from './watts-distribution';
export { CLEAR, IDENTIFY, METER_QUERIES, parseIdentity, parseReading } from './scpi';
export type { MeterIdentity, MeterQuantity, ParsedReading } from './scpi';
export { suggestPhases } from './suggest-phases';
export { thinTrace } from './thin-trace';
