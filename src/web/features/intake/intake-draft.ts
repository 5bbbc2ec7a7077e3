import * as z from 'zod';
import { CIRCUMSTANCES } from '../../../core/faults';
import { DATA_CONSENTS, type CaseEvent, type CaseOpened } from '../../../core/casework';
import { BOARD_FORMS, type DeclaredMachine, type DeclaredPart } from '../../../core/machine';
import { START_OUTCOMES } from '../../../core/startup';
import type { BoardBookEntry } from '../../../core/firmware';
import { newId } from '../../stores/new-id';
import { boardFactsOf } from './board-facts';
import { copiedMachineSchema, notesOfCopy } from './copied-machine';

const text = (label: string, max: number) =>
  z.string().trim().min(1, `Enter ${label}.`).max(max, `At most ${max} characters.`);

const optionalText = (max: number) => z.string().trim().max(max, `At most ${max} characters.`);
const amountOf = (text: string) => Number(text.trim().replace(',', '.'));
const isAmountOrEmpty = (text: string) => text.trim() === '' || (amountOf(text) >= 0 && amountOf(text) <= 1_000_000);

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
  switchOnBoard: z.boolean().default(false),
  board: z.string().default(''),
  revision: z.string().default(''),
  contact: z.string().default(''),
  handedIn: z.string().default(''),
  spendingLimit: z.string().default(''),
  dataConsent: z.enum([...DATA_CONSENTS, '']).default(''),
  /** The machine of an earlier case of this owner, as it was known there; null where the parts are given by hand. */
  copied: copiedMachineSchema.nullable().default(null),
});

/** What it must hold before a case is opened. Of parts on the bench nothing was seen yet. */
export const intakeSchema = draftSchema
  .extend({
    what: draftSchema.shape.what.unwrap(),
    form: draftSchema.shape.form.unwrap(),
    looseSupplies: draftSchema.shape.looseSupplies.unwrap(),
    looseModules: draftSchema.shape.looseModules.unwrap(),
    switchOnBoard: draftSchema.shape.switchOnBoard.unwrap(),
    board: draftSchema.shape.board.unwrap(),
    revision: draftSchema.shape.revision.unwrap(),
    contact: optionalText(200),
    handedIn: optionalText(400),
    spendingLimit: z.string().refine(isAmountOrEmpty, 'Enter an amount, 0 or more.'),
    dataConsent: draftSchema.shape.dataConsent.unwrap(),
    copied: draftSchema.shape.copied.unwrap(),
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
    if (value.copied === null && value.board === '' && isSmallBoard(value) && value.modules > smallBoardSlots.length)
      issues.push({
        code: 'custom',
        path: ['modules'],
        input: value.modules,
        message: 'A board of this size has two memory slots.',
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
  switchOnBoard: false,
  board: '',
  revision: '',
  contact: '',
  handedIn: '',
  spendingLimit: '',
  dataConsent: '',
  copied: null,
};

/** Of a board that follows the small size, and of one that follows none. */
const smallBoardSlots = [
  { name: 'A1', channel: 'A' },
  { name: 'B1', channel: 'B' },
];

/** A machine on an adapter is palm-size where nobody says otherwise. */
const isSmallBoard = ({ form, power }: Pick<IntakeDraft, 'form' | 'power'>): boolean =>
  form === 'Mini-ITX' || form === 'palm-size' || (form === 'usual' && power === 'adapter');

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

/** The events that a complete draft stands for: the opening, which board it is, what was known of a copied machine. */
export function eventsFromDraft(draft: IntakeDraft, at: OpeningOf): readonly CaseEvent[] {
  const { board, revision, copied } = draft;
  const chosen =
    at.board && revision !== '' && !copied ? { board, revision, model: at.board.model, installed: null } : null;
  const noted = copied?.board ?? chosen;
  const base = { id: newId(), at: at.now.toISOString(), by: at.by };
  return [
    openedFromDraft(draft, at),
    ...(noted ? [{ kind: 'board-noted' as const, ...base, ...noted }] : []),
    ...notesOfCopy(copied, at),
  ];
}

interface OpeningOf {
  readonly by: string;
  readonly now: Date;
  readonly board?: BoardBookEntry | null;
}

/** The opening event that a complete draft stands for, with what the board book says of its board. */
export function openedFromDraft(draft: IntakeDraft, { by, now, board = null }: OpeningOf): CaseOpened {
  const isBench = draft.what === 'bench';
  const name = draft.machine.trim();
  return {
    kind: 'case-opened',
    id: newId(),
    at: now.toISOString(),
    by,
    machine: draft.copied ? { ...draft.copied.machine, name } : declaredBy(draft, board),
    owner: draft.owner.trim(),
    complaint: draft.complaint.trim(),
    circumstances: draft.circumstances,
    reported: isBench || draft.reported === 'unknown' || draft.reported === '' ? null : draft.reported,
    ...(draft.handedIn.trim() === '' ? {} : { handedIn: draft.handedIn.trim() }),
    ...(draft.spendingLimit.trim() === '' ? {} : { spendingLimit: amountOf(draft.spendingLimit) }),
    ...(draft.dataConsent === '' ? {} : { dataConsent: draft.dataConsent }),
  };
}

/** A board of the book has a header for its switch; parts on the bench are started by their pins. */
export const mayHaveSolderedSwitch = ({ what, board }: Pick<IntakeDraft, 'what' | 'board'>): boolean =>
  what === 'machine' && board === '';

function declaredBy(draft: IntakeDraft, board: BoardBookEntry | null): DeclaredMachine {
  const isBench = draft.what === 'bench';
  const facts = board ? boardFactsOf(board) : {};
  return {
    name: draft.machine.trim(),
    parts: partsOf(draft),
    board: {
      ...(isSmallBoard(draft) && !board ? { slots: smallBoardSlots } : {}),
      ...facts,
      ...(draft.form === 'usual' ? {} : { form: draft.form }),
      stageLights: facts.stageLights === true || draft.signals.includes('stageLights'),
      checkpointDisplay: draft.signals.includes('checkpointDisplay'),
      speaker: draft.signals.includes('speaker'),
      ...(draft.switchOnBoard && mayHaveSolderedSwitch(draft) ? { switchOnBoard: true } : {}),
    },
    builtInGraphics: draft.builtInGraphics,
    bare: true,
    ...(isBench ? { onBench: true } : {}),
  };
}

function partsOf(draft: IntakeDraft): DeclaredPart[] {
  return [
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
    ...(draft.what === 'bench' ? [] : several('front-usb', draft.frontUsb)),
    ...several('usb-device', draft.usbDevices),
  ];
}
