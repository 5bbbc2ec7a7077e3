import type { StageLight } from '../firmware';
import { isLoop, STAGES, type LightSign, type Stage } from '../startup';
import { saysOf, stageOfLight, type LitLight } from './board-signals';

export interface LightsSay {
  readonly sign: LightSign;
  /** What it means, in a few words. */
  readonly meaning: string;
}

const findLight = (lights: readonly StageLight[], label: string): StageLight | undefined =>
  lights.find((light) => light.label.toUpperCase() === label.trim().toUpperCase());

/**
 * Where a start stands by its stage lights. One that says "failed" decides, the earliest of the chain first; else one
 * that is busy; else it stands behind the last that passed. Null where no light of the board is lit.
 */
export function lightsSay(lights: readonly StageLight[], lit: readonly LitLight[]): LightsSay | null {
  const read = lit.flatMap(({ label, shows }) => {
    const light = findLight(lights, label);
    return light ? [{ light, stage: stageOfLight(light), says: saysOf(light, shows) }] : [];
  });
  const inChain = [...read].sort((a, b) => STAGES.indexOf(a.stage) - STAGES.indexOf(b.stage));
  const failed = inChain.find(({ says }) => says === 'failed');
  if (failed) return { sign: signOf(failed.light, failed.stage, true), meaning: 'Stands here' };
  const busy = inChain.find(({ says }) => says === 'busy');
  if (busy) return { sign: signOf(busy.light, busy.stage, false), meaning: 'Still at work here' };
  const passed = inChain.at(-1);
  if (!passed) return null;
  const next = lights.find((light) => STAGES.indexOf(stageOfLight(light)) > STAGES.indexOf(passed.stage));
  return next
    ? { sign: signOf(next, stageOfLight(next), true), meaning: `${passed.light.label} is passed: it stands after it` }
    : { sign: signOf(passed.light, passed.stage, false), meaning: 'All stages are passed' };
}

/**
 * What lights say that came on one after the other, as they were pressed. Where they begin again it loops, and the light
 * before the first that comes again is as far as it gets; otherwise it stands at the last.
 */
export function sequenceSays(lights: readonly StageLight[], labels: readonly string[]): LightsSay | null {
  const read = labels.flatMap((label) => findLight(lights, label) ?? []);
  const last = read.at(-1);
  if (!last) return null;
  const sequence = read.map(stageOfLight);
  if (!isLoop(sequence))
    return { sign: signOf(last, stageOfLight(last), true), meaning: 'It stands at the last of them' };
  const again = sequence.findIndex(
    (stage, i) => i > 0 && stage !== sequence[i - 1] && sequence.slice(0, i).includes(stage),
  );
  const furthest = read[again - 1] ?? last;
  return {
    sign: { ...signOf(furthest, stageOfLight(furthest), false), sequence },
    meaning: `It begins again after ${furthest.label}`,
  };
}

const signOf = ({ label, rightOfTen }: StageLight, stage: Stage, stays: boolean): LightSign => ({
  stage,
  stays,
  label,
  ...(rightOfTen === undefined ? {} : { rightOfTen }),
});
