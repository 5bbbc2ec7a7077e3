import { START_OUTCOME_LABELS, type Stage, type StartSigns } from '../../../core/startup';
import { counted, decimal, listOf, secondsInWords, uncapitalized } from '../../components/format';

export const stageWords: Readonly<Record<Stage, string>> = {
  processor: 'processor',
  memory: 'memory',
  graphics: 'graphics',
  boot: 'boot device',
};

/** What else was seen of a start, in a few words each; empty where nothing was. */
export function signsInWords({
  messages = [],
  light,
  code,
  beeps,
  restarts,
  cutOutAfter,
  answersAgain,
}: StartSigns): string[] {
  return [
    ...(messages.length > 0
      ? [`also ${listOf(messages.map((message) => uncapitalized(START_OUTCOME_LABELS[message])))}`]
      : []),
    ...(light ? [`light at ${stageWords[light.stage]} ${light.stays ? 'stays on' : 'goes on and off'}`] : []),
    ...(code ? [`code ${code.text}${code.moves ? ', still changing' : ''}${meaning(code.stage)}`] : []),
    ...(beeps ? [`beeps ${beeps.pattern}${meaning(beeps.stage)}`] : []),
    ...(restarts === undefined ? [] : [restarts === 0 ? 'no restart' : counted(restarts, 'restart')]),
    ...(cutOutAfter === undefined
      ? []
      : [
          `off after ${Number.isInteger(cutOutAfter) ? secondsInWords(cutOutAfter) : `${decimal(cutOutAfter, 1)} seconds`}`,
        ]),
    ...(answersAgain === undefined
      ? []
      : [answersAgain ? 'answers the button again' : 'does not answer the button again']),
  ];
}

const meaning = (stage: Stage | 'all-well' | null): string =>
  stage === null ? '' : ` (${stage === 'all-well' ? 'all well' : stageWords[stage]})`;
