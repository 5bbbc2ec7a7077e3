import * as z from 'zod';
import { DATA_CONSENTS, ENDINGS, EVENT_VERSION, PART_CONDITIONS, type WritableEvent } from '../core/casework';
import { STRATEGIES } from '../core/diagnosis';
import { CIRCUMSTANCES } from '../core/faults';
import { PART_KINDS } from '../core/machine';
import { START_OUTCOMES } from '../core/startup';
import { boardFactsSchema, changeSchema, declaredMachineSchema, declaredPartSchema } from './machine';
import { fileAttachedBody, pictureMarkedBody } from './attachment-events';
import { consentBody } from './consent';
import { boardNotedBody, firmwareFlashedBody, firmwareVerifiedBody } from './firmware-events';
import { chargeNotedBody, decisionNotedBody, estimateGivenBody, timeCorrectedBody } from './money-events';
import { partHomeBody, partLentBody, partMovedBody } from './part-events';
import { meterAccuracySchema, powerMeasuredBody, powerNotedBody } from './power-events';
import { startSignsSchema } from './start-signs';
import { words } from './words';

const entryId = z.uuid();
/** Beyond these years neither the database nor a calendar follows. */
const years = { from: 1970, to: 2999 } as const;
const moment = z.iso.datetime({ offset: true }).refine(
  (text) => {
    const year = new Date(text).getUTCFullYear();
    return year >= years.from && year <= years.to;
  },
  { message: `expected a moment from ${years.from} to ${years.to}` },
);
const trialId = z.string().min(1).max(200);

const version = z
  .literal(EVENT_VERSION, { error: `expected version ${EVENT_VERSION}: another version of Jovial Probe wrote this` })
  .optional()
  .describe('The version of its shape. Files of version 1 leave it out.');

const recorded = z
  .strictObject({
    at: moment.describe("When it was taken, by the server's clock."),
    by: words(80).describe('Who was signed in.'),
    person: entryId.describe('The id of that person.'),
    imported: z.literal(true).optional().describe('It came with the log of another bench.'),
    deviceAt: moment.optional().describe('What the clock of the device said, where that cannot be.'),
  })
  .optional()
  .describe('What the server adds; what a writer sends in its place does not count.');

const base = {
  id: entryId.describe('A UUID made by the writer; sending it again is harmless.'),
  at: moment.describe('When it happened, ISO 8601 with zone.'),
  by: words(80).describe('Who did it.'),
  recorded,
  v: version,
};

const speedMts = z.number().int().min(100).max(20_000);

const closingDiagnosis = z.strictObject({
  model: words(40).describe('The model version that said it.'),
  rightProbability: z.number().min(0).max(1),
  leading: z.array(z.strictObject({ title: words(200), probability: z.number().min(0).max(1) })).max(5),
});

const bodies = {
  opened: {
    kind: z.literal('case-opened'),
    machine: declaredMachineSchema,
    owner: words(80),
    complaint: words(400).describe("In the owner's words."),
    circumstances: z.array(z.enum(CIRCUMSTANCES)).max(CIRCUMSTANCES.length),
    reported: z.enum(START_OUTCOMES).nullable().describe('What happens on pressing the button, as reported.'),
    handedIn: words(400).optional().describe('What came with the machine.'),
    spendingLimit: z
      .number()
      .min(0)
      .max(1_000_000)
      .optional()
      .describe("What it may cost without asking, in the shop's currency."),
    dataConsent: z.enum(DATA_CONSENTS).optional().describe('What the owner says of the data on it.'),
  },
  trial: {
    kind: z.literal('trial-done'),
    trial: trialId.describe('For instance "start", "bridge-pins", "look/rocker/supply", "out/drive", "spare/supply".'),
    outcome: words(40).describe('One of the outcomes of the trial, or "not-sure" or "could-not".'),
    volts: z.number().min(-30).max(300).optional().describe('For a measurement: the reading.'),
    meter: z
      .strictObject({ name: words(120).optional(), accuracy: meterAccuracySchema.optional() })
      .optional()
      .describe('Where a meter gave the reading by itself: which, and how far it may be off.'),
    seen: startSignsSchema.optional(),
    note: words(1000).optional(),
  },
  changed: { kind: z.literal('configuration-changed'), changes: z.array(changeSchema).min(1).max(40) },
  note: { kind: z.literal('note-added'), text: words(2000) },
  struck: { kind: z.literal('entry-struck'), entry: entryId, reason: words(400) },
  parked: {
    kind: z.literal('case-parked'),
    waitingFor: words(200),
    until: moment.optional().describe('Until when it is thought to wait.'),
  },
  noted: {
    kind: z.literal('part-noted'),
    part: z.string().min(1).max(60),
    ratedMts: speedMts.optional().describe('Of a module: megatransfers a second, as the label says.'),
    runningMts: speedMts.optional().describe('Of a module: megatransfers a second, as the firmware shows it.'),
    paid: z.number().min(0).max(1_000_000).optional().describe("Price paid, in the shop's currency."),
    make: words(80).optional(),
    model: words(80).optional(),
    serial: words(80).optional(),
    rating: words(80).optional().describe('As its label says it, for instance "650 W".'),
    condition: z.enum(PART_CONDITIONS).optional(),
  },
  board: boardNotedBody,
  flashed: firmwareFlashedBody,
  verified: firmwareVerifiedBody,
  power: powerNotedBody,
  measured: powerMeasuredBody,
  consent: consentBody,
  lent: partLentBody,
  home: partHomeBody,
  moved: partMovedBody,
  charge: chargeNotedBody,
  time: timeCorrectedBody,
  estimate: estimateGivenBody,
  decision: decisionNotedBody,
  attached: fileAttachedBody,
  marked: pictureMarkedBody,
  off: { kind: z.literal('switched-off') },
  resumed: { kind: z.literal('case-resumed') },
  closed: {
    kind: z.literal('case-closed'),
    ending: z.enum(ENDINGS),
    fault: z.string().max(120).nullable(),
    cause: words(400),
    done: words(2000),
    diagnosis: closingDiagnosis.optional().describe('What the engine said when the case was closed.'),
    lastCheck: z
      .strictObject({ done: z.array(words(200)).max(60), accepted: z.array(words(200)).max(60) })
      .optional()
      .describe('What was checked before it left, and what was accepted as open.'),
    stillLent: z.array(entryId).max(40).optional().describe('Spares that stay out beyond the end of the case.'),
  },
  reopened: { kind: z.literal('case-reopened'), reason: words(400) },
  strategy: {
    kind: z.literal('strategy-chosen'),
    strategy: z.enum(STRATEGIES).describe('The order in which trials are chosen.'),
  },
  corrected: {
    kind: z.literal('machine-corrected'),
    board: boardFactsSchema
      .pick({
        stageLights: true,
        checkpointDisplay: true,
        speaker: true,
        standbyLight: true,
        trainsMemory: true,
        switchOnBoard: true,
        form: true,
      })
      .optional()
      .describe('Facts of the board that were written down wrongly.'),
    builtInGraphics: z.boolean().optional(),
    added: z.array(declaredPartSchema).min(1).max(20).optional().describe('Parts that were forgotten; as found.'),
  },
  lacking: {
    kind: z.literal('lacking-set'),
    tools: z.array(words(60)).max(40).describe('Tools that are not at hand, named as trials name them.'),
    spares: z.array(z.enum(PART_KINDS)).max(PART_KINDS.length).describe('Kinds of part without a spare.'),
  },
  circumstances: {
    kind: z.literal('circumstances-set'),
    circumstances: z.array(z.enum(CIRCUMSTANCES)).max(CIRCUMSTANCES.length).describe('All that is known from now on.'),
    source: z.enum(['owner', 'bench']).describe('Who says so.'),
  },
  tried: {
    kind: z.literal('owner-tried'),
    trial: trialId.describe('For instance "spare/monitor", "out/drive", "fix/seat-module@module-1".'),
    outcome: z.enum([...START_OUTCOMES, 'not-sure']).describe('What it did then, as the owner tells.'),
  },
};

/** One event as this version writes it; `readEvent` reads those of earlier versions too. */
export const caseEventSchema: z.ZodType<WritableEvent> = z.discriminatedUnion('kind', [
  z.strictObject({ ...base, ...bodies.opened }),
  z.strictObject({ ...base, ...bodies.trial }),
  z.strictObject({ ...base, ...bodies.changed }),
  z.strictObject({ ...base, ...bodies.note }),
  z.strictObject({ ...base, ...bodies.struck }),
  z.strictObject({ ...base, ...bodies.parked }),
  z.strictObject({ ...base, ...bodies.resumed }),
  z.strictObject({ ...base, ...bodies.closed }),
  z.strictObject({ ...base, ...bodies.reopened }),
  z.strictObject({ ...base, ...bodies.strategy }),
  z.strictObject({ ...base, ...bodies.lacking }),
  z.strictObject({ ...base, ...bodies.corrected }),
  z.strictObject({ ...base, ...bodies.circumstances }),
  z.strictObject({ ...base, ...bodies.tried }),
  z.strictObject({ ...base, ...bodies.off }),
  z.strictObject({ ...base, ...bodies.noted }),
  z.strictObject({ ...base, ...bodies.board }),
  z.strictObject({ ...base, ...bodies.flashed }),
  z.strictObject({ ...base, ...bodies.verified }),
  z.strictObject({ ...base, ...bodies.power }),
  z.strictObject({ ...base, ...bodies.measured }),
  z.strictObject({ ...base, ...bodies.consent }),
  z.strictObject({ ...base, ...bodies.lent }),
  z.strictObject({ ...base, ...bodies.home }),
  z.strictObject({ ...base, ...bodies.moved }),
  z.strictObject({ ...base, ...bodies.charge }),
  z.strictObject({ ...base, ...bodies.time }),
  z.strictObject({ ...base, ...bodies.estimate }),
  z.strictObject({ ...base, ...bodies.decision }),
  z.strictObject({ ...base, ...bodies.attached }),
  z.strictObject({ ...base, ...bodies.marked }),
]);

const loose = { id: base.id.optional(), at: base.at.optional(), by: base.by.optional(), recorded, v: version };

/** One event as a person may write it by hand: who, when and the id may be left out. */
export const writtenEventSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    ...loose,
    ...bodies.opened,
    owner: bodies.opened.owner.optional(),
    complaint: bodies.opened.complaint.optional(),
    circumstances: bodies.opened.circumstances.optional(),
    reported: bodies.opened.reported.optional(),
  }),
  z.strictObject({ ...loose, ...bodies.trial }),
  z.strictObject({ ...loose, ...bodies.changed }),
  z.strictObject({ ...loose, ...bodies.note }),
  z.strictObject({ ...loose, ...bodies.struck }),
  z.strictObject({ ...loose, ...bodies.parked }),
  z.strictObject({ ...loose, ...bodies.resumed }),
  z.strictObject({ ...loose, ...bodies.closed }),
  z.strictObject({ ...loose, ...bodies.reopened }),
  z.strictObject({ ...loose, ...bodies.strategy }),
  z.strictObject({ ...loose, ...bodies.lacking }),
  z.strictObject({ ...loose, ...bodies.corrected }),
  z.strictObject({ ...loose, ...bodies.circumstances }),
  z.strictObject({ ...loose, ...bodies.tried }),
  z.strictObject({ ...loose, ...bodies.off }),
  z.strictObject({ ...loose, ...bodies.noted }),
  z.strictObject({ ...loose, ...bodies.board }),
  z.strictObject({ ...loose, ...bodies.flashed }),
  z.strictObject({ ...loose, ...bodies.verified }),
  z.strictObject({ ...loose, ...bodies.power }),
  z.strictObject({ ...loose, ...bodies.measured }),
  z.strictObject({ ...loose, ...bodies.consent }),
  z.strictObject({ ...loose, ...bodies.lent }),
  z.strictObject({ ...loose, ...bodies.home }),
  z.strictObject({ ...loose, ...bodies.moved }),
  z.strictObject({ ...loose, ...bodies.charge }),
  z.strictObject({ ...loose, ...bodies.time }),
  z.strictObject({ ...loose, ...bodies.estimate }),
  z.strictObject({ ...loose, ...bodies.decision }),
  z.strictObject({ ...loose, ...bodies.attached }),
  z.strictObject({ ...loose, ...bodies.marked }),
]);

export type WrittenEvent = z.infer<typeof writtenEventSchema>;
