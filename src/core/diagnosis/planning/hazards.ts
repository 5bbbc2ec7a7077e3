import { isOriginalIn, type Configuration, type Machine } from '../../machine';
import type { Circumstance, RepairId } from '../../faults';
import { isSilent, LOOKS, type Trial } from '../../trials';
import type { DiagnosisInput, EvidenceStep } from '../evidence-step';

/**
 * What must be dealt with before anything is powered. A rule and not a cost: it holds whatever a powered test would tell.
 */
interface Hazard {
  readonly id: 'liquid' | 'burnt' | 'damaged-cord' | 'damaged-adapter' | 'foreign-lead' | 'wrong-plug';
  /** Said at the counter: it holds until the looks have found nothing. Null for what nobody says there. */
  readonly reported: { readonly as: readonly Circumstance[]; readonly why: string } | null;
  /** Seen elsewhere, it counts like what was said. */
  readonly hintedBy?: { readonly look: string; readonly as: string; readonly why: string };
  /** Seen: it holds until the part is repaired, exchanged or out. */
  readonly sightings: readonly { readonly look: string; readonly as: string }[];
  /** The looks that take back what was only said; those that the machine has. */
  readonly looks: readonly string[];
  /** The repair that ends it with the part in place; null: the part has to go. */
  readonly endedBy: RepairId | null;
  readonly whySeen: string;
}

const HAZARDS: readonly Hazard[] = [
  {
    id: 'liquid',
    reported: {
      as: ['spill'],
      why: 'Liquid was spilled: nothing is powered until the board has been looked at.',
    },
    hintedBy: {
      look: 'switch-feel',
      as: 'sticky',
      why: 'Where the switch is wet the board may be: nothing is powered until it has been looked at.',
    },
    sightings: [{ look: 'board-signs', as: 'traces' }],
    looks: ['board-signs'],
    endedBy: 'dry-board',
    whySeen: 'There is liquid on the board: nothing is powered until it is clean and dry.',
  },
  {
    id: 'burnt',
    reported: {
      as: ['smoke', 'breaker-trips'],
      why: 'Smoke, a burnt smell or a tripped breaker: nothing is powered until supply, board and leads have been looked at.',
    },
    sightings: [
      { look: 'supply-signs', as: 'burnt' },
      { look: 'board-signs', as: 'damage' },
      { look: 'card-leads', as: 'scorched' },
    ],
    looks: ['supply-signs', 'board-signs', 'card-leads'],
    endedBy: null,
    whySeen: 'A part is burnt or broken: nothing is powered while it is in the machine.',
  },
  {
    id: 'damaged-cord',
    reported: null,
    sightings: [{ look: 'cord', as: 'damaged' }],
    looks: [],
    endedBy: 'replace',
    whySeen: 'The mains cord is damaged: bin it, and power nothing with it.',
  },
  {
    id: 'damaged-adapter',
    reported: null,
    sightings: [{ look: 'adapter-cord', as: 'damaged' }],
    looks: [],
    endedBy: null,
    whySeen: 'The cord of the DC adapter is damaged: nothing is powered with it.',
  },
  {
    id: 'foreign-lead',
    reported: null,
    sightings: [{ look: 'supply-leads', as: 'other-supply' }],
    looks: [],
    endedBy: 'own-leads',
    whySeen: 'A lead of another supply may be wired differently and burn what it feeds: nothing is powered with it.',
  },
  {
    id: 'wrong-plug',
    reported: null,
    sightings: [{ look: 'power-plugs', as: 'wrong-lead' }],
    looks: [],
    endedBy: 'right-plug',
    whySeen:
      'The lead in the processor socket is wired for something else: nothing is powered before the right one is in.',
  },
];

/** The hazards of the machine as it stands. */
export const openHazards = (input: DiagnosisInput): ActiveHazard[] => hazardsOf(input, input.configuration);

/** A hazard that holds for a machine: why, and what would end it. */
export interface ActiveHazard {
  readonly hazard: Hazard;
  readonly why: string;
  /** Why the looks that are left are made. */
  readonly whyLook: string;
  /** Ids of looks that are still to be made because of what was said, also where it was seen elsewhere. */
  readonly looksLeft: readonly string[];
  /** Ids of the parts at which it was seen. */
  readonly parts: readonly string[];
}

/** The hazards of a machine in a configuration, which may be the one that a trial would bring about. */
export function hazardsOf(
  { machine, circumstances, steps }: Pick<DiagnosisInput, 'machine' | 'circumstances' | 'steps'>,
  configuration: Configuration,
): ActiveHazard[] {
  const told = steps.filter(({ outcome }) => !isSilent(outcome));
  return HAZARDS.flatMap((hazard): ActiveHazard[] => {
    const parts = partsSeen(hazard, told).filter((id) => isOriginalIn(configuration, id));
    const { hintedBy } = hazard;
    const isHinted = told.some(({ trial, outcome }) => hintedBy?.as === outcome && isLook(trial, hintedBy.look));
    const isReported = hazard.reported?.as.some((one) => circumstances.includes(one)) ?? false;
    const isRepaired = told.some(({ trial }) => trial.repair?.repair === hazard.endedBy);
    const looksLeft =
      (isReported || isHinted) && !isRepaired
        ? hazard.looks.filter((look) => has(machine, look) && !told.some(({ trial }) => isLook(trial, look)))
        : [];
    const whyLook = (isHinted && !isReported ? hintedBy?.why : hazard.reported?.why) ?? hazard.whySeen;
    if (parts.length === 0 && looksLeft.length === 0) return [];
    return [{ hazard, why: parts.length > 0 ? hazard.whySeen : whyLook, whyLook, looksLeft, parts }];
  });
}

const has = ({ parts }: Machine, look: string): boolean =>
  LOOKS.some(({ id, at }) => id === look && parts.some(({ kind }) => kind === at));

const isLook = ({ ref }: Trial, look: string): boolean => ref.kind === 'look' && ref.look === look;

/** The parts at which it was seen last, and that were not repaired since. */
function partsSeen({ sightings, endedBy }: Hazard, steps: readonly EvidenceStep[]): string[] {
  const seen = new Set<string>();
  for (const { trial, outcome } of steps) {
    const { ref } = trial;
    if (ref.kind === 'look' && sightings.some(({ look }) => look === ref.look)) {
      if (sightings.some(({ look, as }) => look === ref.look && as === outcome)) seen.add(ref.part);
      else seen.delete(ref.part);
    }
    if (trial.repair && endedBy !== null && trial.repair.repair === endedBy) seen.delete(trial.repair.part.id);
  }
  return [...seen];
}

/** A trial that ends the hazard with its first movement, so that its start is safe. */
export const endsHazard = ({ repair }: Trial, { hazard, parts }: ActiveHazard): boolean =>
  hazard.endedBy !== null &&
  repair?.repair === hazard.endedBy &&
  (parts.length === 0 || parts.includes(repair.part.id));
