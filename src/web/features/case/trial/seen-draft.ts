import * as z from 'zod';
import { START_OUTCOMES, type StartSigns } from '../../../../core/startup';

/** What the form for further signs of a start holds: every field as it is typed, empty where nothing was seen. */
export const seenDraftSchema = z.object({
  messages: z.array(z.enum(START_OUTCOMES)),
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
  restarts: '',
  cutOutAfter: '',
  answersAgain: 'none',
};

/**
 * The signs that a filled form stands for, beside the lights, codes and beeps noted before; null where nothing was noted.
 */
export function signsOfDraft(draft: SeenDraft, before: StartSigns | null): StartSigns | null {
  const {
    messages: _messages,
    restarts: _restarts,
    cutOutAfter: _after,
    answersAgain: _answers,
    ...signals
  } = before ?? {};
  const signs: StartSigns = {
    ...signals,
    ...(draft.messages.length > 0 ? { messages: draft.messages } : {}),
    ...(draft.restarts ? { restarts: Number(draft.restarts) } : {}),
    ...(draft.cutOutAfter ? { cutOutAfter: Number(draft.cutOutAfter.replace(',', '.')) } : {}),
    ...(draft.answersAgain === 'none' ? {} : { answersAgain: draft.answersAgain === 'answers' }),
  };
  return Object.keys(signs).length > 0 ? signs : null;
}

/** The form as it was filled for these signs. */
export const draftOfSigns = ({ messages, restarts, cutOutAfter, answersAgain }: StartSigns): SeenDraft => ({
  messages: [...(messages ?? [])],
  restarts: restarts === undefined ? '' : String(restarts),
  cutOutAfter: cutOutAfter === undefined ? '' : String(cutOutAfter),
  answersAgain: answersAgain === undefined ? 'none' : answersAgain ? 'answers' : 'silent',
});
