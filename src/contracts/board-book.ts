import * as z from 'zod';
import type { BoardBookEntry } from '../core/firmware';

export const BOARD_BOOK_FORMAT = 'jovial-probe/board';
export const BOARD_BOOK_VERSION = 1;

const words = (max: number) => z.string().trim().min(1).max(max);
const version = words(40);

const releaseSchema = z.strictObject({
  version: version.describe('As the board shows it.'),
  date: z.iso.date().describe('Day of release, ISO 8601.'),
  notes: words(4000).optional(),
  minimumPredecessor: version.optional().describe('The least version that must be installed before this one.'),
  irreversible: z.boolean().optional().describe('Once it is on, no older one can be put back. Default: false.'),
  preRelease: z.boolean().optional().describe('Default: false.'),
  security: z.boolean().optional().describe('It closes a security hole. Default: false.'),
  fixes: z.array(words(400)).max(100).optional().describe('Complaints that it mends.'),
  processorsAdded: z.array(words(80)).max(500).optional().describe('Processors that it is the first to know.'),
  file: words(255).optional(),
  bytes: z
    .number()
    .int()
    .positive()
    .max(2 ** 30)
    .optional(),
  sha256: z
    .string()
    .regex(/^[0-9a-f]{64}$/i, 'expected 64 hexadecimal digits')
    .optional(),
});

const revisionSchema = z
  .strictObject({
    revision: words(40).describe('As printed on the board.'),
    processors: z.array(words(80)).max(500).describe('Processors that the first firmware knew.'),
    releases: z.array(releaseSchema).min(1).max(5000).describe('Oldest first.'),
  })
  .superRefine(({ releases }, context) => {
    const at = new Map([...releases].map((release, i) => [release.version, i] as const).reverse());
    releases.forEach((release, i) => {
      if (at.get(release.version) !== i)
        context.addIssue({
          code: 'custom',
          path: ['releases', i, 'version'],
          message: `expected each version once, found "${release.version}" again`,
        });
      const least = release.minimumPredecessor;
      if (least !== undefined && (at.get(least) ?? i) >= i)
        context.addIssue({
          code: 'custom',
          path: ['releases', i, 'minimumPredecessor'],
          message: `expected a version earlier in the list, found "${least}"`,
        });
    });
  });

/** A board with its revisions and their releases, as a file. */
export const boardBookFileSchema = z.strictObject({
  format: z.literal(BOARD_BOOK_FORMAT),
  version: z.literal(BOARD_BOOK_VERSION),
  model: words(120).describe('As printed on the board and the box.'),
  revisions: z.array(revisionSchema).min(1).max(50),
}) satisfies z.ZodType<BoardBookEntry>;

export type BoardBookFile = z.infer<typeof boardBookFileSchema>;
