import type { BuildStepId } from './build-step-id';
import {
  applyChanges,
  differ,
  nameInWords,
  nameOf,
  type Change,
  type Configuration,
  type Machine,
  type Part,
} from '../machine';
import { capitalized, listOf } from '../wording';
import { expectStart, START_OUTCOMES, type StartOutcome } from '../startup';
import { firstSlot, minimalChanges, moduleThatStays } from './minimal';

/** What a start of a sound machine would show in a configuration: the likeliest first. */
export interface ExpectedSignal {
  readonly outcome: StartOutcome;
  readonly probability: number;
}

/** What to expect of a sound machine in a configuration, from one in twenty upwards. */
export function expectedSignals(machine: Machine, configuration: Configuration): ExpectedSignal[] {
  const probabilities = expectStart(machine, configuration, [], { trustSpares: true });
  return START_OUTCOMES.map((outcome, o) => ({ outcome, probability: probabilities[o] ?? 0 }))
    .filter(({ probability }) => probability >= 0.05)
    .sort((a, b) => b.probability - a.probability);
}

/** One step of building up on the bench: what goes in, and what a sound machine then shows. */
export interface BuildStep {
  readonly id: BuildStepId;
  readonly title: string;
  readonly adds: readonly Part[];
  /** From the configuration that was asked about. */
  readonly changes: readonly Change[];
  readonly configuration: Configuration;
  readonly expect: readonly ExpectedSignal[];
}

const out = { state: 'out' } as const;
const place = (part: Part, to: Extract<Change, { kind: 'place' }>['to']): Change => ({
  kind: 'place',
  part: part.id,
  to,
});

/**
 * The build-up on the bench: board with processor, cooler and power; then one module; then graphics, where a card is
 * needed; then one drive. Each step is started by bridging the pins and has the signal to expect.
 */
export function buildUpSteps(machine: Machine, configuration: Configuration): BuildStep[] {
  const first = (kind: Part['kind']) => machine.parts.find((part) => part.kind === kind);
  const card = machine.builtInGraphics ? undefined : first('card');
  const module = moduleThatStays(machine, configuration) ?? first('module');
  const drive = first('drive');
  const slot = firstSlot(machine);
  const added: readonly (Change | null)[] = [
    module ? place(module, module.slot === slot ? { state: 'as-found' } : { state: 'moved', to: slot }) : null,
    card ? place(card, { state: 'as-found' }) : null,
    drive ? place(drive, { state: 'as-found' }) : null,
  ];
  const bare = applyChanges(configuration, [
    { kind: 'surface', to: 'bench' },
    { kind: 'start', to: 'bridge' },
    ...minimalChanges(machine, configuration),
    ...machine.parts.filter(({ kind }) => kind === 'module' || kind === 'drive').map((part) => place(part, out)),
    ...(card ? [place(card, out)] : []),
  ]);
  /** The bare board with the first things added, up to a step. */
  const upTo = (count: number) =>
    applyChanges(
      bare,
      added.slice(0, count).filter((change) => change !== null),
    );
  const step = (id: BuildStepId, title: string, adds: readonly Part[], to: Configuration): BuildStep => ({
    id,
    title,
    adds,
    changes: differ(configuration, to),
    configuration: to,
    expect: expectedSignals(machine, to),
  });
  const powered = machine.parts.filter(({ kind }) =>
    ['board', 'processor', 'cooler', 'supply', 'adapter'].includes(kind),
  );
  const base = ['board', 'processor', 'cooler', 'power'];
  const inside = (...more: readonly string[]) => capitalized(listOf([...base, ...more]));
  const memory = module ? [`${nameInWords(module)} in ${nameOf(machine, slot)}`] : [];
  const graphics = card ? [nameInWords(card)] : [];
  return [
    step('processor', `${inside()}, nothing else`, powered, upTo(0)),
    ...(module ? [step('memory', inside(...memory), [module], upTo(1))] : []),
    ...(card ? [step('graphics', inside(...memory, ...graphics), [card], upTo(2))] : []),
    ...(drive ? [step('drive', inside(...memory, ...graphics, nameInWords(drive)), [drive], upTo(3))] : []),
  ];
}
