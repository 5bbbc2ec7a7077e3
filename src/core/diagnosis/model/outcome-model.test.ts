import { applyChanges, asFound } from '../../machine';
import { stateOf } from '../../casework/testing-log';
import { trialsFor } from '../../trials';
import { expectOutcomes } from './expect-outcomes';
import { createSpace, NONE } from './hypothesis-space';
import { actingFaults, cleanProbability, compileTrial, type OutcomeModel } from './outcome-model';

const { machine } = stateOf({
  machine: {
    parts: [
      { id: 'module-1', kind: 'module' },
      { id: 'card', kind: 'card' },
      { id: 'drive', kind: 'drive' },
      { id: 'front-usb', kind: 'front-usb' },
    ],
    board: { stageLights: true },
    builtInGraphics: true,
  },
});
const { variants, faults } = createSpace(machine, [], { maxFaults: 1 });

/** The form that every compiled model promises for two faults in chain order. */
const probability = (model: OutcomeModel, o: number, a: number, b: number): number =>
  b === NONE
    ? cleanProbability(model, o, a === NONE ? null : a)
    : cleanProbability(model, o, a) +
      (model.pass[a] ?? 1) * (cleanProbability(model, o, b) - cleanProbability(model, o, null));

/** Every seventh pair keeps the test short and still meets each fault with others of every link. */
const sets = [
  [NONE, NONE],
  ...variants.map((_, v) => [v, NONE]),
  ...variants.flatMap((_, a) => variants.flatMap((__, b) => (b > a && (a + b) % 7 === 0 ? [[a, b]] : []))),
] as [number, number][];

test.each(trialsFor(machine, asFound).map((trial) => [trial.id, trial] as const))(
  'the compiled model of %s gives the probabilities of the plain one for one and two faults',
  (_id, trial) => {
    const configuration = applyChanges(asFound, trial.changes);
    const model = compileTrial(trial, {
      machine,
      configuration,
      variants,
      acting: actingFaults(faults, machine, configuration),
    });
    const width = trial.outcomes.length;
    for (const [a, b] of sets) {
      const present = [a, b].flatMap((v) => (v === NONE ? [] : [variants[v]?.present])).filter((p) => p !== undefined);
      if (present.some(({ fault }) => fault.somethingElse)) continue;
      const plain = expectOutcomes(trial, { machine, configuration }, present, 0);
      for (let o = 0; o < width; o++) {
        if (Math.abs(probability(model, o, a, b) - (plain[o] ?? 0)) > 1e-12)
          throw new Error(`${present.map(({ fault }) => fault.id).join(' + ')}: ${trial.outcomes[o]?.id} differs`);
      }
    }
  },
);
