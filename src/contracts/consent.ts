import * as z from 'zod';
import { CONSENT_KINDS, CONSENT_WAYS } from '../core/casework';
import { words } from './words';

/** What was agreed to or refused, besides who wrote it down and when. */
export const consentBody = {
  kind: z.literal('consent-noted'),
  to: z.enum(CONSENT_KINDS),
  isAgreed: z.boolean(),
  way: z.enum(CONSENT_WAYS),
  words: words(400).describe('What was agreed, and by whom where it was not the owner.'),
  shown: words(200).optional().describe('Of a password: what was shown as proof of ownership.'),
  answers: z.uuid().optional().describe('The estimate that it answers.'),
  upTo: z.number().min(0).max(1_000_000).optional().describe('What it may cost now.'),
};
