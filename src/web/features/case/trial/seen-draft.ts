import * as z from 'zod';
import { STAGES, START_OUTCOMES, type StartSigns } from '../../../../core/startup';

const stageOrNone = z.enum([...STAGES, 'none']);

/** What the form for further signs of a start holds: every field as it is typed, empty where nothing was seen. */
export const seenDraftSchema = z.object({
  messages: z.array(z.enum(START_OUTCOMES)),
  light: stageOrNone,
  stays: z.enum(['stays', 'changes']),
  code: z
    .string()
    .trim()
    .regex(/^[0-9A-Za-z]{0,4}$/, 'Up to four letters and digits, as the display shows them.'),
  codeMoves: z.enum(['stands', 'moves']),
  codeStage: stageOrNone,
  beeps: z
    .string()
    .trim()
    .regex(/^[SLsl ]{0,24}$/, 'S for a short tone, L for a long one, a space for a pause.'),
  beepStage: z.enum([...STAGES, 'all-well', 'none']),
  restarts: z
    .string()
    .trim()
    .regex(/^\d{0,2}$/, 'Enter a number up to 99.'),
  cutOutAfter: z
    .string()
    .trim()
    .regex(/^\d{0,5}([.,]\d)?$/, 'Enter seconds.'),
  answersAgain: z.enum(['none', 'answers', 'silent']),
});
export type SeenDraft = z.infer<typeof seenDraftSchema>;

export const emptySeen: SeenDraft = {
  messages: [],
  light: 'none',
  stays: 'stays',
  code: '',
  codeMoves: 'stands',
  codeStage: 'none',
  beeps: '',
  beepStage: 'none',
  restarts: '',
  cutOutAfter: '',
  answersAgain: 'none',
};

const known = <T extends string>(value: T | 'none'): T | null => (value === 'none' ? null : value);

/** The signs that a filled form stands for; null where nothing was noted. */
export function signsOfDraft(draft: SeenDraft): StartSigns | null {
  const light = known(draft.light);
  const signs: StartSigns = {
    ...(draft.messages.length > 0 ? { messages: draft.messages } : {}),
    ...(light ? { light: { stage: light, stays: draft.stays === 'stays' } } : {}),
    ...(draft.code
      ? { code: { text: draft.code.toUpperCase(), moves: draft.codeMoves === 'moves', stage: known(draft.codeStage) } }
      : {}),
    ...(draft.beeps ? { beeps: { pattern: draft.beeps.toUpperCase(), stage: known(draft.beepStage) } } : {}),
    ...(draft.restarts ? { restarts: Number(draft.restarts) } : {}),
    ...(draft.cutOutAfter ? { cutOutAfter: Number(draft.cutOutAfter.replace(',', '.')) } : {}),
    ...(draft.answersAgain === 'none' ? {} : { answersAgain: draft.answersAgain === 'answers' }),
  };
  return Object.keys(signs).length > 0 ? signs : null;
}

/** The form as it was filled for these signs. */
export const draftOfSigns = ({
  messages,
  light,
  code,
  beeps,
  restarts,
  cutOutAfter,
  answersAgain,
}: StartSigns): SeenDraft => ({
  messages: [...(messages ?? [])],
  light: light?.stage ?? 'none',
  stays: light?.stays === false ? 'changes' : 'stays',
  code: code?.text ?? '',
  codeMoves: code?.moves ? 'moves' : 'stands',
  codeStage: code?.stage ?? 'none',
  beeps: beeps?.pattern ?? '',
  beepStage: beeps?.stage ?? 'none',
  restarts: restarts === undefined ? '' : String(restarts),
  cutOutAfter: cutOutAfter === undefined ? '' : String(cutOutAfter),
  answersAgain: answersAgain === undefined ? 'none' : answersAgain ? 'answers' : 'silent',
});
