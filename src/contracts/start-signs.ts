import * as z from 'zod';
import { STAGES, START_OUTCOMES } from '../core/startup';
import { words } from './words';

const stage = z.enum(STAGES);

/** What else was seen and heard of a start, besides its outcome. */
export const startSignsSchema = z
  .strictObject({
    messages: z.array(z.enum(START_OUTCOMES)).max(4).optional().describe('Further messages on the screen.'),
    light: z
      .strictObject({
        stage,
        stays: z.boolean(),
        label: words(20).optional().describe('As printed beside it.'),
        rightOfTen: z.int().min(1).max(10).optional().describe('How often of ten times it is right. Default: 9.'),
        sequence: z
          .array(stage)
          .max(40)
          .optional()
          .describe('The stages as their lights came on, where it does not stand.'),
      })
      .optional()
      .describe('A stage light, and whether it stayed on.'),
    dark: z.literal(true).optional().describe('The board has stage lights, and none was lit.'),
    code: z
      .strictObject({
        text: words(8),
        moves: z.boolean(),
        stage: z.enum([...STAGES, 'all-well']).nullable(),
        unchangedSeconds: z.number().min(0).max(36000).optional().describe('How long it had stood so.'),
      })
      .optional()
      .describe('What a code display showed, whether it still changed, and the stage that it stands for, if known.'),
    beeps: z
      .strictObject({
        pattern: words(48),
        stage: z.enum([...STAGES, 'all-well']).nullable(),
        general: z
          .literal(true)
          .optional()
          .describe("What many boards mean by it; this board's own list is not known."),
      })
      .optional()
      .describe(
        'S for a short tone, L for a long one, a space for a pause; and what the pattern stands for, if known.',
      ),
    silent: z.literal(true).optional().describe('A speaker is on the board, and it made no sound.'),
    restarts: z.int().min(0).max(99).optional().describe('How often it restarted before it ran on or stopped.'),
    cutOutAfter: z
      .number()
      .min(0)
      .max(36000)
      .optional()
      .describe('Seconds until it went off by itself: from its start, or from when the load began.'),
    answersAgain: z.boolean().optional().describe('Whether it answered the button again after it had gone off.'),
  })
  .describe('For a start: what else was seen and heard of it.');
