import type { Choice } from '../../components/ChoiceGrid';
import { START_OUTCOME_LABELS, type StartOutcome } from '../../../core/startup';

const group = (title: string, ids: readonly StartOutcome[]): { title: string; choices: Choice[] } => ({
  title,
  choices: ids.map((id) => ({ id, label: START_OUTCOME_LABELS[id] })),
});

/** What happens on pressing the button, in the order of the chain. */
export const reportedGroups = [
  group('It does not run', ['dead', 'twitch', 'loop']),
  group('It runs, no picture', ['fans-full', 'at-processor', 'at-memory', 'at-graphics', 'blank', 'dark']),
  group('A warning, then it stops', ['message-fan', 'message-usb', 'message-keyboard', 'message-settings']),
  group('It gets further', ['no-boot', 'system-stops', 'cuts-out', 'works']),
];

export const notKnown: Choice = { id: 'unknown', label: 'Not known' };
