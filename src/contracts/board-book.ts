import * as z from 'zod';
import {
  FLASH_PHASES,
  LIGHTS,
  LIGHTS_RUN,
  LIGHT_SAYS,
  RESET_WAYS,
  SIGNAL_STAGES,
  type BoardBookEntry,
} from '../core/firmware';
import { words } from './words';

export const BOARD_BOOK_FORMAT = 'jovial-probe/board';
export const BOARD_BOOK_VERSION = 1;

const version = words(40);

const releaseSchema = z.strictObject({
  version: version.describe('As the board shows it.'),
  date: z.iso.date().describe('Day of release, ISO 8601.'),
  notes: words(4000).optional(),
  minimumPredecessor: version.optional().describe('The least version that must be installed before this one.'),
  irreversible: z.boolean().optional().describe('Once it is on, no older one can be put back. Default: false.'),
  preRelease: z.boolean().optional().describe('Default: false.'),
  security: z.boolean().optional().describe('It closes a security hole. Default: false.'),
  fixes: z.array(words(400)).max(100).optional().describe('Complaints that it fixes.'),
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

const seconds = z.number().min(0).max(7200);
const slotName = words(12);

const severity = z.enum(['bad', 'warning', 'note']);
const readsSchema = z
  .strictObject({
    shortNamesOnly: z.boolean().optional().describe('It looks at 8.3 names only.'),
    noTable: severity.optional().describe('What a file system without a partition table is to it. Default: a warning.'),
    largePartition: severity.optional().describe('What a partition over 32 GiB is to it. Default: a warning.'),
    alone: z.boolean().optional().describe('The image has to be alone on the stick.'),
  })
  .describe('What sticks it is known to read.');

const flashSchema = z.strictObject({
  port: words(200).describe('The one port that works, in the words of the manual.'),
  button: words(200),
  holdSeconds: seconds.describe('How long the button is held.'),
  fileName: words(100).describe('The exact name that it looks for in the root of the stick.'),
  otherFileNames: z.array(words(100)).max(8).optional().describe('Other names that it accepts as well.'),
  reads: readsSchema.optional(),
  plugs: z.array(words(60)).max(10).describe('Power plugs that must be connected.'),
  phases: z
    .array(
      z.strictObject({
        phase: z.enum(FLASH_PHASES),
        light: z.enum(LIGHTS),
        periodSeconds: z.number().min(0.1).max(20).optional().describe('From one blink to the next.'),
        fromSeconds: seconds.optional().describe('Usual time of this phase, at least.'),
        toSeconds: seconds.optional().describe('Usual time of this phase, at most.'),
      }),
    )
    .max(6)
    .describe('What the light does, in order.'),
  worstSeconds: seconds.describe('After this time the flash has failed.'),
  gaveUpWithinSeconds: seconds.describe(
    'A light that stops within this time of its first blink means that the board refused.',
  ),
  harmlessLights: words(200).optional().describe('Lights that may stay on meanwhile and mean nothing.'),
});

const pinCount = z.number().int().min(1).max(40);
const headerSchema = z
  .strictObject({
    name: words(60),
    purpose: words(120),
    rows: pinCount,
    columns: pinCount,
    pins: z
      .array(
        z.strictObject({
          row: pinCount,
          column: pinCount,
          label: z.string().trim().max(20).describe('Empty for the place without a pin.'),
        }),
      )
      .max(80),
  })
  .superRefine(({ rows, columns, pins }, context) => {
    pins.forEach(({ row, column }, i) => {
      if (row > rows || column > columns)
        context.addIssue({
          code: 'custom',
          path: ['pins', i],
          message: `expected a place within ${rows} by ${columns}, found ${row}, ${column}`,
        });
      if (pins.findIndex((pin) => pin.row === row && pin.column === column) !== i)
        context.addIssue({ code: 'custom', path: ['pins', i], message: 'expected each place once, found it again' });
    });
  });

const signalStage = z
  .enum(SIGNAL_STAGES)
  .optional()
  .describe('The stage at which it stands, or that all is well; left out where it is neither.');

const stageLightSchema = z.strictObject({
  label: words(20).describe('As printed beside it.'),
  link: z.enum(['processor', 'memory', 'graphics', 'load']),
  colour: words(20).optional(),
  stays: z.enum(LIGHT_SAYS).optional().describe('What it says while it stays on. Default: failed.'),
  blinks: z.enum(LIGHT_SAYS).optional().describe('What it says while it blinks. Default: busy.'),
  rightOfTen: z
    .number()
    .int()
    .min(1)
    .max(10)
    .optional()
    .describe('How often of ten times it names the right stage. Default: 9.'),
});

/** A board with its revisions, their releases and what else the bench needs to know of it, as a file. */
export const boardBookFileSchema = z.strictObject({
  format: z.literal(BOARD_BOOK_FORMAT),
  version: z.literal(BOARD_BOOK_VERSION),
  model: words(120).describe('As printed on the board and the box.'),
  revisions: z.array(revisionSchema).min(1).max(50),
  setupKey: words(40).optional().describe("Opens the firmware's menu."),
  menuPath: words(200).optional().describe('The way to the update in that menu.'),
  completePc: words(120).optional().describe('It belongs to a complete PC of this maker: images come from there.'),
  firstStart: z
    .strictObject({ usualSeconds: seconds, worstSeconds: seconds })
    .refine(({ usualSeconds, worstSeconds }) => usualSeconds <= worstSeconds, {
      path: ['worstSeconds'],
      message: 'expected no less than the usual time',
    })
    .optional()
    .describe('How long its first start after a flash takes.'),
  menuFlash: z.boolean().optional().describe('Firmware can be updated from its own menu. Default: true.'),
  flash: flashSchema.optional().describe('How it flashes itself without a processor; left out where it cannot.'),
  secondImage: words(400).optional().describe('How to start from a second image; left out where there is none.'),
  resets: z
    .array(z.strictObject({ how: z.enum(RESET_WAYS), where: words(200), seconds }))
    .max(10)
    .optional()
    .describe('Ways to clear the settings.'),
  memorySlots: z
    .array(z.strictObject({ name: slotName, channel: words(4) }))
    .min(1)
    .max(16)
    .optional()
    .describe("In the manual's order of filling."),
  sharing: z
    .array(z.strictObject({ filled: slotName, switchesOff: z.array(slotName).max(16) }))
    .max(16)
    .optional()
    .describe('Sockets that are switched off while another is filled.'),
  stageLights: z.array(stageLightSchema).max(8).optional().describe('In the order in which they lie.'),
  lightsPlace: z
    .strictObject({ where: words(80), run: z.enum(LIGHTS_RUN) })
    .optional()
    .describe('Where the stage lights are, and how their row runs.'),
  speaker: z
    .strictObject({ fitted: z.boolean(), header: words(40).optional() })
    .optional()
    .describe('Whether a speaker is fitted, and the header for one.'),
  codes: z
    .array(
      z.strictObject({
        code: z
          .string()
          .trim()
          .regex(/^[0-9A-Fa-f]{2}$/, 'expected two hexadecimal digits'),
        meaning: words(200),
        stage: signalStage,
        waitSeconds: seconds.optional().describe('It may stay so long while all is well.'),
      }),
    )
    .max(256)
    .optional()
    .describe('What the display shows.'),
  beeps: z
    .array(
      z.strictObject({
        pattern: z
          .string()
          .trim()
          .regex(/^[SLsl](?: *[SLsl]){0,23}$/, 'expected S and L with blanks between'),
        meaning: words(200),
        stage: signalStage,
        repeats: z.boolean().optional().describe('It sounds again and again.'),
      }),
    )
    .max(64)
    .optional()
    .describe('What the speaker sounds: S short, L long.'),
  headers: z.array(headerSchema).max(40).optional(),
}) satisfies z.ZodType<BoardBookEntry>;

export type BoardBookFile = z.infer<typeof boardBookFileSchema>;

/** A board of the shop's book in a list: enough to tell boards apart. */
export const boardSummarySchema = z.strictObject({
  id: z.uuid(),
  edition: z.number().int().positive(),
  model: z.string(),
  revisions: z.array(z.strictObject({ revision: z.string(), versions: z.array(z.string()) })),
  canFlashBare: z.boolean(),
  updatedAt: z.iso.datetime(),
});
export const boardListSchema = z.strictObject({ boards: z.array(boardSummarySchema) });

export const boardDetailSchema = z.strictObject({
  id: z.uuid(),
  edition: z.number().int().positive(),
  updatedAt: z.iso.datetime(),
  board: boardBookFileSchema,
});

/** Writes a board, whole. */
export const putBoardSchema = z.strictObject({
  expectedEdition: z.number().int().nonnegative().describe('The edition that the writer has seen; 0 for a new board.'),
  board: boardBookFileSchema,
});

export type BoardSummary = z.infer<typeof boardSummarySchema>;
export type BoardDetail = z.infer<typeof boardDetailSchema>;
export type PutBoard = z.infer<typeof putBoardSchema>;
