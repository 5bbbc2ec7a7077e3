import { acceptedNames, type BareFlash, type Light } from '../boards/release';

/** How the simulated board was set up, and what is wrong with it, if anything. */
export interface PracticeSetUp {
  /** Names in the root of the stick; null where no stick is in the port. */
  readonly stickFiles: readonly string[] | null;
  readonly isInRightPort: boolean;
  readonly plugs: readonly string[];
  /** The image is for this board. */
  readonly isRightImage: boolean;
  readonly heldSeconds: number;
  /** Share of the usual range that this run takes: 0 the fastest, 1 the slowest. */
  readonly slowness: number;
}

/** What the light does from one moment on. */
export interface LightStretch {
  readonly fromSeconds: number;
  readonly light: Light;
  readonly periodSeconds: number | null;
}

export interface PracticeRun {
  readonly stretches: readonly LightStretch[];
  readonly endsAtSeconds: number;
  /** The new version is on afterwards. */
  readonly isFlashed: boolean;
  /** When the supply is heard to click: on, and off again at the end. */
  readonly clicksAtSeconds: readonly number[];
  /** The light of the processor's stage stays on meanwhile: there is no processor. It means nothing. */
  readonly hasStageLight: boolean;
}

const usualPeriod = 0.8;
const blinksBeforeGivingUp = 5;
/** The share of its period for which a blink is on. */
const onShare = 0.5;

const off = (fromSeconds: number): LightStretch => ({ fromSeconds, light: 'off', periodSeconds: null });

/** What a board with these flash facts does after its button was held: a stand-in for a board on the bench. */
export function practiceRun(flash: BareFlash, setUp: PracticeSetUp): PracticeRun {
  const hasPower = flash.plugs.every((plug) => setUp.plugs.includes(plug));
  if (!hasPower || setUp.heldSeconds < flash.holdSeconds)
    return { stretches: [off(0)], endsAtSeconds: 0, isFlashed: false, clicksAtSeconds: [], hasStageLight: false };
  const blinking = flash.phases.filter(({ light }) => light === 'blink');
  const firstPeriod = blinking[0]?.periodSeconds ?? usualPeriod;
  const isFound =
    setUp.isInRightPort &&
    setUp.stickFiles?.some((name) =>
      acceptedNames(flash).some((accepted) => accepted.toUpperCase() === name.toUpperCase()),
    );
  if (!isFound || !setUp.isRightImage) {
    const endsAtSeconds = blinksBeforeGivingUp * firstPeriod * (isFound ? 2 : 1);
    return {
      stretches: [{ fromSeconds: 0, light: 'blink', periodSeconds: firstPeriod }, off(endsAtSeconds)],
      endsAtSeconds,
      isFlashed: false,
      clicksAtSeconds: [0],
      hasStageLight: true,
    };
  }
  const stretches: LightStretch[] = [];
  let at = 0;
  for (const { periodSeconds = usualPeriod, fromSeconds = 0, toSeconds = fromSeconds } of blinking) {
    stretches.push({ fromSeconds: at, light: 'blink', periodSeconds });
    at += fromSeconds + setUp.slowness * (toSeconds - fromSeconds);
  }
  const last = flash.phases.find(({ phase }) => phase === 'finished')?.light ?? 'off';
  stretches.push({ fromSeconds: at, light: last === 'steady' ? 'steady' : 'off', periodSeconds: null });
  return { stretches, endsAtSeconds: at, isFlashed: true, clicksAtSeconds: [0, at], hasStageLight: true };
}

/** True while the light is on. */
export function isLit({ stretches }: PracticeRun, seconds: number): boolean {
  const now = stretches.findLast(({ fromSeconds }) => fromSeconds <= seconds);
  if (!now) return false;
  if (now.light !== 'blink') return now.light === 'steady';
  const period = now.periodSeconds ?? usualPeriod;
  return (seconds - now.fromSeconds) % period < onShare * period;
}
