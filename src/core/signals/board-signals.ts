import type { BoardBookEntry, LightSays, SignalStage, StageLight } from '../firmware';
import type { Stage } from '../startup';

/** The tables of a board from which its signals are read. */
export type SignalTables = Pick<BoardBookEntry, 'codes' | 'beeps' | 'stageLights'>;

/** The lights that most boards with stage lights have, for a board that is not in the book. */
export const generalLights: readonly StageLight[] = [
  { label: 'Processor', link: 'processor' },
  { label: 'Memory', link: 'memory' },
  { label: 'Graphics', link: 'graphics' },
  { label: 'Boot', link: 'load' },
];

/** One light as it is seen when the start has stopped changing; one that is dark is left out. */
export interface LitLight {
  /** As printed beside it. */
  readonly label: string;
  readonly shows: 'on' | 'blinks';
}

/** The lights of a board: its own, or those of most boards. */
export const lightsOf = ({ stageLights }: Pick<SignalTables, 'stageLights'>): readonly StageLight[] =>
  stageLights && stageLights.length > 0 ? stageLights : generalLights;

export const stageOfLight = ({ link }: StageLight): Stage => (link === 'load' ? 'boot' : link);

/** What a light says that is seen so. */
export const saysOf = ({ stays = 'failed', blinks = 'busy' }: StageLight, shows: LitLight['shows']): LightSays =>
  shows === 'on' ? stays : blinks;

export const signalStageWords: Readonly<Record<SignalStage, string>> = {
  processor: 'processor',
  memory: 'memory',
  graphics: 'graphics',
  boot: 'boot device',
  'all-well': 'all is well',
};
