import type { Trial } from './trial';

/** A technician's eyes: probability of misreading an outcome. Starting judgement. */
const technicianMisreads = 0.015;
/** The same where all that can be seen is plain: a rocker at O, a bent pin, liquid. Starting judgement. */
const misreadsWhatIsPlain = 0.003;

/** Probability, 0 to 1, that a technician who observes this writes down what was not to be seen. */
export function misreadProbabilityOf({ observe }: Pick<Trial, 'observe'>): number {
  const isPlain = observe.kind === 'look' && observe.look.options.every((option, o) => o === 0 || option.isPlain);
  return isPlain ? misreadsWhatIsPlain : technicianMisreads;
}
