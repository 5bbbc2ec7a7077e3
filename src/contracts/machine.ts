import * as z from 'zod';
import { BOARD_FORMS, DECLARED_KINDS, type Change, type DeclaredMachine } from '../core/machine';

const id = z
  .string()
  .min(1)
  .max(60)
  .regex(/^[a-z0-9][a-z0-9-]*$/, 'expected lower-case letters, digits and hyphens');
const shortName = z.string().trim().min(1).max(80);
const slotName = z.string().min(1).max(12);

export const declaredPartSchema = z.strictObject({
  id: id.describe('Used to name the part in trials, for instance "module-1".'),
  kind: z.enum(DECLARED_KINDS),
  name: shortName.optional().describe('What people call it. Default: the kind, numbered where there are several.'),
  slot: slotName
    .optional()
    .describe('For a module: the slot it was found in. Default: the next free one in board order.'),
  bus: z.enum(['sata', 'm2']).optional().describe('For a drive. Default: sata.'),
  socket: slotName
    .optional()
    .describe('For a drive: the socket it was found in. Default: the next free one that is not switched off.'),
  loose: z.boolean().optional().describe('It lies beside the machine, to be proven. Default: false.'),
});

const socketNames = z.array(slotName).max(16);

export const boardFactsSchema = z.strictObject({
  slots: z
    .array(z.strictObject({ name: slotName, channel: z.string().min(1).max(4) }))
    .min(1)
    .max(16)
    .optional()
    .describe("Memory slots in the manual's order of filling. Default: A2, B2, A1, B1."),
  stageLights: z.boolean().optional().describe('Lights for processor, memory, graphics. Default: false.'),
  checkpointDisplay: z.boolean().optional().describe('A two-digit display. Default: false.'),
  speaker: z.boolean().optional().describe('A speaker is fitted. Default: false.'),
  standbyLight: z.boolean().optional().describe('A light for standby power. Default: true.'),
  trainsMemory: z.boolean().optional().describe('First starts are slow. Default: true.'),
  switchOnBoard: z.boolean().optional().describe('The power switch is soldered to the board. Default: false.'),
  form: z.enum(BOARD_FORMS).optional().describe('Default: ATX, or palm-size where there is a DC adapter.'),
  sockets: z
    .strictObject({ sata: socketNames, m2: socketNames })
    .optional()
    .describe('Data sockets for drives as the board names them. Default: SATA 1 to SATA 4 and M.2 1.'),
  sharing: z
    .array(z.strictObject({ filled: slotName, switchesOff: socketNames }))
    .max(16)
    .nullable()
    .optional()
    .describe('Sockets that are switched off while another is filled. Default: not looked up.'),
});

/** A machine as somebody writes it down; what is left out is taken as usual. */
export const declaredMachineSchema = z.strictObject({
  name: shortName,
  parts: z.array(declaredPartSchema).max(80),
  board: boardFactsSchema.optional(),
  builtInGraphics: z
    .boolean()
    .optional()
    .describe('The processor makes a picture by itself. Default: true when no card is listed.'),
  bare: z.boolean().optional().describe('Complete as listed: no module or drive is implied where none is listed.'),
  onBench: z
    .boolean()
    .optional()
    .describe(
      'Parts that lie on the bench to be proven: no case and no switch, nothing is implied that is not listed.',
    ),
}) satisfies z.ZodType<DeclaredMachine>;

const placement = z.discriminatedUnion('state', [
  z.strictObject({ state: z.literal('as-found') }),
  z.strictObject({ state: z.literal('out') }),
  z.strictObject({ state: z.literal('spare') }),
  z.strictObject({ state: z.literal('new') }),
  z.strictObject({ state: z.literal('moved'), to: shortName, spare: z.literal(true).optional() }),
]);

export const changeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('place'), part: id, to: placement }),
  z.strictObject({ kind: z.literal('settings'), to: z.enum(['as-found', 'defaults']) }),
  z.strictObject({ kind: z.literal('start'), to: z.enum(['button', 'bridge']) }),
  z.strictObject({ kind: z.literal('surface'), to: z.enum(['case', 'bench']) }),
]) satisfies z.ZodType<Change>;
