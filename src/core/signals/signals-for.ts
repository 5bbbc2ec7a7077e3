import type { BoardBeep, BoardBookEntry, BoardCode } from '../firmware';
import { STAGES, type Stage, type StartOutcome } from '../startup';
import { lightsOf, saysOf, stageOfLight } from './board-signals';

/** What a board shows and sounds where a start has one outcome. */
export interface BoardSignals {
  /** Each light that is lit, with how. */
  readonly lights: readonly { readonly label: string; readonly shows: 'on' | 'blinks' }[];
  readonly codes: readonly BoardCode[];
  readonly beeps: readonly BoardBeep[];
}

const stageOf: Partial<Record<StartOutcome, Stage>> = {
  'at-processor': 'processor',
  'at-memory': 'memory',
  'at-graphics': 'graphics',
  'no-boot': 'boot',
};

/** The signals to expect with an outcome, by this board's own names and sounds; empty where it has none for it. */
export function signalsFor(
  board: Pick<BoardBookEntry, 'codes' | 'beeps' | 'stageLights'>,
  outcome: StartOutcome,
): BoardSignals {
  const stage = stageOf[outcome] ?? (outcome === 'works' || outcome === 'dark' ? 'all-well' : null);
  if (stage === null) return { lights: [], codes: [], beeps: [] };
  return {
    lights: stage === 'all-well' || !board.stageLights ? [] : litAt(board, stage),
    codes: (board.codes ?? []).filter((code) => code.stage === stage),
    beeps: (board.beeps ?? []).filter((beep) => beep.stage === stage),
  };
}

/** The light that says that it failed there; where lights say what is passed, those of the stages before. */
function litAt(board: Pick<BoardBookEntry, 'stageLights'>, stage: Stage): BoardSignals['lights'] {
  const lights = lightsOf(board);
  const shows = (['on', 'blinks'] as const).flatMap((how) =>
    lights
      .filter((light) => stageOfLight(light) === stage && saysOf(light, how) === 'failed')
      .map(({ label }) => ({ label, shows: how })),
  );
  if (shows.length > 0) return shows;
  return lights
    .filter((light) => STAGES.indexOf(stageOfLight(light)) < STAGES.indexOf(stage) && saysOf(light, 'on') === 'passed')
    .map(({ label }) => ({ label, shows: 'on' as const }));
}
