import { nameInWords, nameOf, placementOf, type Change, type PartKind } from '../machine';
import {
  boardBeside,
  boardFromBeside,
  findSwitchPins,
  powerBack,
  putIn,
  setupKeyWords,
  supplyBeside,
  supplyFromBeside,
  takeOut,
  trainsAfter,
  type AtPart,
  type Bench,
  type Movement,
  type Trial,
} from '../trials';

/** Starts as movements: what changes, part by part, then how it is started and what is watched. */

/** More moves than this are said in short: nobody reads forty movements. */
const mostMoves = 4;

/** Movements of a start, up to and with watching it. */
export function startMovements(trial: Trial, bench: Bench): readonly Movement[] {
  const places = trial.changes.filter((change) => change.kind === 'place');
  if (places.length > mostMoves || trial.changes.some(({ kind }) => kind === 'surface'))
    return trial.steps.map((text) => ({ text }));
  const moved = trial.changes.flatMap((change) => changeMovements(change, bench));
  if (moved.length === 0 && trial.ref.kind !== 'bridge-pins') return trial.steps.map((text) => ({ text }));
  return [...moved, ...(trial.cautions.includes('unplug') ? powerBack(bench) : []), ...pressAndWatch(trial, bench)];
}

/** What is not built in for a test. */
const beside: Partial<Record<PartKind, { readonly lent: () => Movement[]; readonly home: () => Movement[] }>> = {
  supply: { lent: supplyBeside, home: supplyFromBeside },
  board: { lent: boardBeside, home: boardFromBeside },
};

/** The settings of a machine that is to run under load, and so starts: its own setup loads the defaults. */
const defaultsInSetup = ({ board }: Bench): Movement[] => [
  { text: `Start it. ${setupKeyWords(board)}` },
  {
    text: 'Load the defaults, memory profile off, and save.',
    feel: 'It restarts.',
    avoid: 'Note first what was set: boot mode, boot order, profile.',
  },
];

function changeMovements(change: Change, bench: Bench): Movement[] {
  if (change.kind === 'settings') return change.to === 'defaults' ? defaultsInSetup(bench) : [];
  if (change.kind !== 'place') return [];
  const part = bench.machine.parts.find(({ id }) => id === change.part);
  if (!part) return [];
  const at = { ...bench, part };
  const before = placementOf(bench.configuration, part.id).state;
  const off = before === 'out' ? [] : takeOut(at);
  switch (change.to.state) {
    case 'out':
      return off;
    case 'as-found':
      return before === 'spare'
        ? (beside[part.kind]?.home() ?? [...off, { text: `Put the own ${part.name} in again.` }, ...putIn(at)])
        : [...(before === 'moved' ? off : []), ...putIn(at, part.slot ? slotName(bench, part.slot) : null)];
    case 'moved':
      return part.kind === 'module'
        ? [...off, ...putIn(at, slotName(bench, change.to.to))]
        : part.kind === 'display-cable'
          ? [cableTo(change.to.to)]
          : [{ text: `Move ${nameInWords(part)} to ${nameOf(bench.machine, change.to.to)}.` }];
    case 'spare':
      return beside[part.kind]?.lent() ?? exchanged(at, off);
    case 'new':
      return exchanged(at, off);
  }
}

const exchanged = (at: AtPart, off: readonly Movement[]): Movement[] => [
  ...off,
  { text: `Take the known-good one instead of ${nameInWords(at.part)}; compare rating and plugs.` },
  ...putIn(at),
];

const cableTo = (to: string): Movement =>
  /board/.test(to)
    ? { text: "Plug the monitor cable into the board's own output.", drawing: { kind: 'outputs', use: 'board' } }
    : { text: `Plug the monitor cable into ${to}.`, drawing: { kind: 'outputs', use: 'card' } };

const slotName = ({ machine }: Bench, slot: string): string => nameOf(machine, slot).replace(/^slot /, '');

const pressAndWatch = (trial: Trial, bench: Bench): Movement[] => [
  ...pressWords(trial, bench),
  { text: watchWords(trial, bench) },
];

function pressWords({ changes }: Trial, bench: Bench): Movement[] {
  // From setup it goes on by itself.
  if (changes.some(({ kind }) => kind === 'settings')) return [];
  const hasSwitch = bench.machine.parts.some(({ kind }) => kind === 'case-switch');
  if (hasSwitch && !changes.some((change) => change.kind === 'start' && change.to === 'bridge'))
    return [{ text: 'Press the case button once.' }];
  return [
    findSwitchPins(bench),
    {
      text: 'Touch both with the blade for one second, then let go.',
      feel: 'The processor fan turns. No turn: try twice more.',
      avoid: 'Touch nothing else: the board is live.',
    },
  ];
}

function watchWords({ observe, changes }: Trial, { machine }: Bench): string {
  if (observe.kind === 'start' && observe.depth === 'load')
    return 'Put processor and graphics card under full load and watch it for five minutes.';
  return trainsAfter(machine, changes)
    ? 'Watch fans, lights and screen for up to three minutes: it may restart a few times.'
    : 'Watch fans, lights and screen for a minute.';
}
