import type { TrialView } from '../../../core/diagnosis';
import type { Procedure } from '../../../core/procedures';
import { CAUTIONS, type Movement } from '../../../core/trials';

/** A trial as it is read aloud: what it is, what to mind, the steps one by one; with a procedure every movement of it. */
export const spokenTrial = (trial: TrialView, procedure: Procedure | null = null): string[] => [
  `${trial.title}.`,
  ...trial.cautions.map((id) => CAUTIONS[id]),
  ...(procedure
    ? [...procedure.preparation, ...procedure.movements, ...procedure.afterwards].map(
        (movement, i) => `${i + 1}. ${spoken(movement)}`,
      )
    : trial.steps.map((step, i) => `${i + 1}. ${step}`)),
];

const spoken = ({ text, feel, avoid }: Movement): string =>
  [text, ...(feel ? [`Right when: ${feel}`] : []), ...(avoid ? [avoid] : [])].join(' ');
