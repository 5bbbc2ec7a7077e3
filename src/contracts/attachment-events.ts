import * as z from 'zod';
import { ATTACHMENT_KINDS, MOST_MARKS, MOST_MARK_TEXT } from '../core/attachments';
import { SIGNED_PAPERS, SIGNERS } from '../core/casework';
import { words } from './words';

const fraction = z.number().min(0).max(1);
const point = z.tuple([fraction, fraction]).describe("Across and down, as parts of the picture's width and height.");
const markSchema = z.discriminatedUnion('shape', [
  z.strictObject({ shape: z.literal('arrow'), from: point, to: point }),
  z.strictObject({
    shape: z.literal('circle'),
    at: point,
    radius: fraction.describe("As a part of the picture's width."),
  }),
  z.strictObject({ shape: z.literal('text'), at: point, text: words(MOST_MARK_TEXT) }),
]);

const pixels = z.number().int().min(1).max(65_535);

/** What events say of photos and other files, besides who and when. */
export const fileAttachedBody = {
  kind: z.literal('file-attached'),
  file: z.uuid().describe('Under it the bytes are kept with the case.'),
  as: z.enum(ATTACHMENT_KINDS).describe('Of a digest only name, size and hash are kept.'),
  name: words(120).describe('What it shows, or how the file is called.'),
  bytes: z
    .number()
    .int()
    .min(1)
    .max(2 ** 40),
  sha256: z
    .string()
    .regex(/^[0-9a-f]{64}$/, 'expected SHA-256 in lower-case hexadecimal digits')
    .describe('SHA-256 of the bytes.'),
  width: pixels.optional(),
  height: pixels.optional(),
  of: z.uuid().optional().describe('The entry that it belongs to.'),
  signs: z
    .strictObject({ paper: z.enum(SIGNED_PAPERS), by: z.enum(SIGNERS) })
    .optional()
    .describe('Of a signature: what is signed, and by whom.'),
  showsOwner: z.boolean().optional().describe("It shows the owner's own things: erased with the owner's data."),
};

export const pictureMarkedBody = {
  kind: z.literal('picture-marked'),
  file: z.uuid(),
  marks: z.array(markSchema).max(MOST_MARKS).describe('All that is drawn on it from now on.'),
  name: words(120).optional(),
  showsOwner: z.boolean().optional(),
};
