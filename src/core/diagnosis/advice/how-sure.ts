import { isSmallPart, repairOf, type RepairClass, type RepairStake } from '../../faults';

/** From this probability on, 0 to 1, nothing is taken to be left in the machine that could act. */
export const sureItIsRight = 0.95;

/**
 * So likely must a repair be before it is done without more tests, by what is at stake: engineering judgement, tried on
 * simulated machines (docs/benchmarks.md).
 */
export const sureEnoughFor: Readonly<Record<RepairStake, number>> = {
  nothing: 0.75,
  work: 0.75,
  'for-good': 0.95,
  part: 0.985,
};
const sureEnoughForSmallPart = 0.95;
/** Of a part, where every test that is left costs more than it saves. */
const sureEnoughWhereNoTestPays = 0.97;
/** The probability from which a repair is done without more tests; `testsPay`: one is left that saves more than it takes. */
export const sureEnough = (repairClass: RepairClass, testsPay = true): number => {
  const { stake } = repairOf(repairClass.repair);
  if (stake !== 'part') return sureEnoughFor[stake];
  if (isSmallPart(repairClass)) return sureEnoughForSmallPart;
  return testsPay ? sureEnoughFor.part : sureEnoughWhereNoTestPays;
};
/** With nothing left that tells the rest apart, so likely must a repair be to be tried all the same. */
const worthTryingFor: Readonly<Record<RepairStake, number>> = { nothing: 0.02, work: 0.05, 'for-good': 0.2, part: 0.8 };

const worthTryingSmallPart = 0.75;
/** The probability from which a repair is tried when nothing else is left to do. */
export const worthTrying = (repairClass: RepairClass): number => {
  const { stake } = repairOf(repairClass.repair);
  return stake === 'part' && isSmallPart(repairClass) ? worthTryingSmallPart : worthTryingFor[stake];
};
