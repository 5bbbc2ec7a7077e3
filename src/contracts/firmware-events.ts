import * as z from 'zod';
import { FLASH_ENDS, FLASH_PURPOSES } from '../core/casework';
import { FLASH_METHODS } from '../core/firmware';
import { words } from './words';

/** What events say of a board and its firmware, besides who and when. */
export const boardNotedBody = {
  kind: z.literal('board-noted'),
  board: z.uuid().describe("Its id in the shop's board book."),
  model: words(120),
  revision: words(40),
  installed: words(40).nullable().describe('The version that is on now; null where it could not be read.'),
};

export const firmwareFlashedBody = {
  kind: z.literal('firmware-flashed'),
  method: z.enum(FLASH_METHODS),
  purpose: z.enum(FLASH_PURPOSES),
  from: words(40).nullable().describe('The version before; null where nobody knew.'),
  to: words(40).nullable().describe('Null where it came from the second image, whose version nobody knew.'),
  end: z.enum(FLASH_ENDS),
  seconds: z.number().min(0).max(86_400).optional().describe('From the first blink to the end.'),
  reason: words(400).optional().describe('For one that gave up: the likeliest reason.'),
  againstBook: words(400)
    .optional()
    .describe('Why an image that is not the one of the board book was flashed: a decision of a lead.'),
  backup: z
    .strictObject({ name: words(255), sha256: z.string().regex(/^[0-9a-f]{64}$/, 'expected 64 hexadecimal digits') })
    .optional()
    .describe('The image that was on before, saved first.'),
};

export const firmwareVerifiedBody = {
  kind: z.literal('firmware-verified'),
  version: words(40).describe('As it is shown after the flash.'),
  setAgain: z.array(words(120)).max(40).describe('Settings that were set again.'),
  done: z.array(words(120)).max(20).optional().describe('What was done before the first start.'),
};
