import { START_OUTCOME_LABELS, type CodeSign, type LightSign, type Stage, type StartSigns } from '../startup';
import { counted, decimal, listOf, secondsInWords, uncapitalized } from '../wording';

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
  dark,
  code,
  beeps,
  silent,
  restarts,
  cutOutAfter,
  answersAgain,
}: StartSigns): string[] {
  return [
    ...(messages.length > 0
      ? [`also ${listOf(messages.map((message) => uncapitalized(START_OUTCOME_LABELS[message])))}`]
      : []),
    ...(light ? [lightInWords(light)] : []),
    ...(dark ? ['no light is lit'] : []),
    ...(code ? [codeInWords(code)] : []),
    ...(beeps ? [`beeps ${beeps.pattern}${meaning(beeps.stage)}`] : []),
    ...(silent ? ['a speaker is on, and silent'] : []),
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

function lightInWords({ stage, stays, label, sequence = [] }: LightSign): string {
  if (sequence.length > 0) return `lights ${sequence.map((one) => stageWords[one]).join(', ')}, over and over`;
  const name = label === undefined ? `light at ${stageWords[stage]}` : `light ${label} (${stageWords[stage]})`;
  return `${name} ${stays ? 'stays on' : 'goes on and off'}`;
}

function codeInWords({ text, moves, stage, unchangedSeconds = 0 }: CodeSign): string {
  const stands = unchangedSeconds >= 5 ? `, unchanged for ${secondsInWords(unchangedSeconds)}` : '';
  return `code ${text}${moves ? ', still changing' : stands}${meaning(stage)}`;
}
