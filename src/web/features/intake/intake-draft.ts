import * as z from 'zod';
import { CIRCUMSTANCES } from '../../../core/faults';
import type { CaseOpened } from '../../../core/casework';
import { BOARD_FORMS, type DeclaredPart } from '../../../core/machine';
import { START_OUTCOMES } from '../../../core/startup';
import type { BoardBookEntry } from '../../../core/firmware';
import { newId } from '../../stores/new-id';
import { boardFactsOf } from './board-facts';

const text = (label: string, max: number) =>
  z.string().trim().min(1, `Enter ${label}.`).max(max, `At most ${max} characters.`);

/** What the intake form may hold while it is being filled. */
export const draftSchema = z.object({
  what: z.enum(['machine', 'bench']).default('machine'),
  machine: z.string(),
  owner: z.string(),
  complaint: z.string(),
  reported: z.enum([...START_OUTCOMES, 'unknown', '']),
  circumstances: z.array(z.enum(CIRCUMSTANCES)),
  power: z.enum(['supply', 'adapter']),
  modules: z.number().int().min(0).max(4),
  card: z.boolean(),
  builtInGraphics: z.boolean(),
  sataDrives: z.number().int().min(0).max(6),
  m2Drives: z.number().int().min(0).max(3),
  frontUsb: z.number().int().min(0).max(3),
  usbDevices: z.number().int().min(0).max(6),
  form: z.enum([...BOARD_FORMS, 'usual']).default('usual'),
  looseSupplies: z.number().int().min(0).max(2).default(0),
  looseModules: z.number().int().min(0).max(4).default(0),
  signals: z.array(z.enum(['stageLights', 'checkpointDisplay', 'speaker'])),
  board: z.string().default(''),
});

/** What it must hold before a case is opened. Of parts on the bench nothing was seen yet. */
export const intakeSchema = draftSchema
  .extend({
    what: draftSchema.shape.what.unwrap(),
    form: draftSchema.shape.form.unwrap(),
    looseSupplies: draftSchema.shape.looseSupplies.unwrap(),
    looseModules: draftSchema.shape.looseModules.unwrap(),
    board: draftSchema.shape.board.unwrap(),
    machine: text('what the machine is called', 80),
    owner: text('who brought it', 80),
    complaint: text('the complaint in the owner’s words', 400),
  })
  .check(({ value, issues }) => {
    if (value.what === 'machine' && value.reported === '')
      issues.push({
        code: 'custom',
        path: ['reported'],
        input: value.reported,
        message: 'Choose what happens, or "Not known".',
      });
  });

export type IntakeDraft = z.infer<typeof intakeSchema>;

export const emptyDraft: IntakeDraft = {
  what: 'machine',
  machine: '',
  owner: '',
  complaint: '',
  reported: '',
  circumstances: [],
  power: 'supply',
  modules: 2,
  card: false,
  builtInGraphics: true,
  sataDrives: 1,
  m2Drives: 0,
  frontUsb: 1,
  usbDevices: 0,
  form: 'usual',
  looseSupplies: 0,
  looseModules: 0,
  signals: [],
  board: '',
};

const several = (
  kind: DeclaredPart['kind'],
  count: number,
  more: Partial<DeclaredPart> = {},
  prefix: string = kind,
): DeclaredPart[] =>
  Array.from({ length: count }, (_, i) => ({ id: count > 1 ? `${prefix}-${i + 1}` : prefix, kind, ...more }));

/** Parts that lie beside the machine, to be proven, numbered on from those that are in it. */
const beside = (kind: 'supply' | 'module', count: number, from: number): DeclaredPart[] =>
  Array.from({ length: count }, (_, i) => ({
    id: `${kind}-${from + i}`,
    kind,
    name: `${kind} ${from + i}`,
    loose: true,
  }));

/** The opening event that a complete draft stands for, with what the board book says of its board. */
export function openedFromDraft(
  draft: IntakeDraft,
  { by, now, board = null }: { by: string; now: Date; board?: BoardBookEntry | null },
): CaseOpened {
  const isBench = draft.what === 'bench';
  const facts = board ? boardFactsOf(board) : {};
  const parts: DeclaredPart[] = [
    {
      id: draft.power,
      kind: draft.power,
      ...(draft.power === 'supply' && draft.looseSupplies > 0 ? { name: 'supply 1' } : {}),
    },
    ...beside('supply', draft.looseSupplies, 2),
    ...several('module', draft.modules),
    ...beside('module', draft.looseModules, draft.modules + 1),
    ...(draft.card ? several('card', 1) : []),
    ...several('drive', draft.sataDrives, {
      bus: 'sata',
      ...(draft.m2Drives > 0 && draft.sataDrives === 1 ? { name: 'SATA drive' } : {}),
    }),
    ...several(
      'drive',
      draft.m2Drives,
      { bus: 'm2', ...(draft.m2Drives === 1 ? { name: 'M.2 drive' } : {}) },
      'm2-drive',
    ),
    ...(isBench ? [] : several('front-usb', draft.frontUsb)),
    ...several('usb-device', draft.usbDevices),
  ];
  return {
    kind: 'case-opened',
    id: newId(),
    at: now.toISOString(),
    by,
    machine: {
      name: draft.machine.trim(),
      parts,
      board: {
        ...facts,
        ...(draft.form === 'usual' ? {} : { form: draft.form }),
        stageLights: facts.stageLights === true || draft.signals.includes('stageLights'),
        checkpointDisplay: draft.signals.includes('checkpointDisplay'),
        speaker: draft.signals.includes('speaker'),
      },
      builtInGraphics: draft.builtInGraphics,
      bare: true,
      ...(isBench ? { onBench: true } : {}),
    },
    owner: draft.owner.trim(),
    complaint: draft.complaint.trim(),
    circumstances: draft.circumstances,
    reported: isBench || draft.reported === 'unknown' || draft.reported === '' ? null : draft.reported,
  };
}
