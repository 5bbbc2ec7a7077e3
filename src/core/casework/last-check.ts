import { isComplaintGone, observedStart, reproducedComplaint, type EvidenceStep } from '../diagnosis';
import { nameInWords, pieceIn, type PartKind } from '../machine';
import type { CaseState } from './case-state';
import { isAgreed } from './consent';
import type { Ending } from './event';

/** One thing to look at before the machine leaves. */
export interface CheckPoint {
  readonly id: string;
  /** What is to be true, as a sentence. */
  readonly label: string;
  /** The log shows it. */
  readonly isShown: boolean;
}

/** What has to be right before a machine leaves, by what was touched and how the case ends. */
export function lastCheck(state: CaseState, ending: Ending): CheckPoint[] {
  const points = [...(runs.includes(ending) ? runningPoints(state) : []), ...alwaysPoints(state, ending)];
  return points.filter((point): point is CheckPoint => point !== null);
}

/** Endings with which a machine that works goes home. */
const runs: readonly Ending[] = ['repaired', 'work-around'];

type Point = CheckPoint | null;
const point = (id: string, label: string, isShown = false): CheckPoint => ({ id, label, isShown });

function runningPoints(state: CaseState): Point[] {
  if (state.machine.onBench) return [];
  const since = sinceLastWork(state);
  const works = since.filter((step) => observedStart(step) === 'works');
  const underLoad = works.some(({ trial }) => trial.observe.kind === 'start' && trial.observe.depth === 'load');
  const complaint = reproducedComplaint(state.steps);
  const touched = touchedKinds(state);
  const open = state.caseOpen;
  const drives = state.machine.parts.filter(({ kind, loose }) => kind === 'drive' && !loose);
  const outputs = state.machine.parts.filter(({ kind }) => kind === 'display-cable');
  return [
    point(
      'starts',
      `It starts${works.length > 1 ? `, ${works.length} times since the last change` : ''}`,
      works.length > 0,
    ),
    point('load', 'It keeps running under full load', underLoad),
    point(
      'complaint',
      'What the owner complained of is gone',
      complaint !== null && works.some((step) => isComplaintGone(complaint, step) === true),
    ),
    outputs.length > 1 || touched.has('card') || touched.has('display-cable')
      ? point('picture', 'There is a picture at each output in use', false)
      : null,
    drives.length > 0 ? point('system', 'The system starts and opens', underLoad) : null,
    ...(open ? drives.map((drive) => point(`drive-${drive.id}`, `Seen and opened: ${nameInWords(drive)}`)) : []),
    touched.has('module') ? point('memory', 'Memory shows its full size and its speed', hasSpeeds(state)) : null,
    touched.has('cooler') || touched.has('processor')
      ? point('temperature', 'The temperature under load is right')
      : null,
    open ? point('fans', 'All fans turn, and nothing rubs') : null,
    open ? point('cables', 'No cable is near a fan') : null,
    open ? point('cover', 'The cover is on, and it was started once with it on') : null,
  ];
}

function alwaysPoints(state: CaseState, ending: Ending): Point[] {
  const { firmware } = state;
  const spares = state.machine.parts.filter(({ id }) => pieceIn(state.configuration, id) === 'spare');
  return [
    ...spares.map((part) => point(`spare-${part.id}`, `The spare in the place of ${nameInWords(part)} is out again`)),
    ending === 'work-around'
      ? point('workaround', 'The owner agrees that the workaround stays', isAgreed(state, 'workaround'))
      : null,
    firmware.flashes.length > 0
      ? point('firmware', 'The firmware version was read after the flash', firmware.verified !== null)
      : null,
  ];
}

/** The steps since anything was last done to the machine, with that one. */
function sinceLastWork({ steps }: CaseState): readonly EvidenceStep[] {
  const last = steps.findLastIndex(
    ({ trial, outcome }) => outcome !== 'could-not' && (trial.repair !== null || trial.changes.length > 0),
  );
  return steps.slice(Math.max(0, last));
}

/** Kinds of part that were moved, changed or worked on. */
function touchedKinds({ steps, machine }: CaseState): ReadonlySet<PartKind> {
  const ids = steps.flatMap(({ trial, handling, outcome }) =>
    outcome === 'could-not'
      ? []
      : [
          ...handling.filter(({ act }) => act !== 'drain').map(({ part }) => part),
          ...trial.changes.flatMap((change) => (change.kind === 'place' ? [change.part] : [])),
          ...(trial.repair ? [trial.repair.part.id] : []),
        ],
  );
  return new Set(machine.parts.filter(({ id }) => ids.includes(id)).map(({ kind }) => kind));
}

const hasSpeeds = ({ machine, partFacts }: CaseState): boolean =>
  machine.parts.filter(({ kind, loose }) => kind === 'module' && !loose).every(({ id }) => partFacts[id]?.runningMts);
