import { isOriginalIn, type Configuration, type Machine } from '../machine';
import {
  distributionOf,
  expectNoPicture,
  expectStageSignal,
  type Break,
  type LinkId,
  type StartDistribution,
  type StartOutcome,
} from '../startup';
import type { Presentation } from './fault-mode';
import type { FaultInstance } from './instantiate';

/** True if the fault, being present, can act in this configuration. */
export function canAct(fault: FaultInstance, machine: Machine, configuration: Configuration): boolean {
  const { mode, part } = fault;
  return mode.actsIn ? mode.actsIn({ machine, configuration, part }) : isOriginalIn(configuration, part.id);
}

/** The link at which a fault stops a start that shows it in the given way. */
export const linkOf = ({ link }: FaultInstance, presentation: Presentation): LinkId => presentation.link ?? link;

/** What a fault that shows in the given way does to a start, as a break of the chain. */
export function breakOf(fault: FaultInstance, presentation: Presentation, machine: Machine): Break {
  return {
    link: linkOf(fault, presentation),
    probability: presentation.stops ?? fault.stopProbability,
    whileStarting: fault.stopsStart,
    shows: showsAs(fault, presentation, machine),
  };
}

const sure = new Map<StartOutcome, StartDistribution>();

/** The distribution of an outcome that is certain; every fault that shows so shares it. */
function surely(outcome: StartOutcome): StartDistribution {
  const known = sure.get(outcome) ?? distributionOf({ [outcome]: 1 });
  sure.set(outcome, known);
  return known;
}

function showsAs(fault: FaultInstance, { as }: Presentation, machine: Machine): StartDistribution {
  if (as === 'no-picture') return expectNoPicture(machine);
  if (as !== 'stage') return surely(as);
  const { link } = fault;
  if (link !== 'processor' && link !== 'memory' && link !== 'graphics')
    throw new Error(`${fault.mode.id}: expected a stage link for the presentation "stage", found "${link}"`);
  return expectStageSignal(link, machine.board);
}
