import type { DeclaredMachine } from '../machine';
import type { Circumstance } from '../faults';
import type { StartOutcome, StartSigns } from '../startup';
import { diagnoseCase, foldCase, type CaseEvent, type CaseState } from '.';
import type { Diagnosis } from '../diagnosis';

/** A log written briefly, for tests: trials as [id, outcome, volts or what else was seen of a start]. */
export interface BriefLog {
  readonly machine?: Partial<DeclaredMachine>;
  readonly circumstances?: readonly Circumstance[];
  readonly reported?: StartOutcome | null;
  readonly trials?: readonly (readonly [trial: string, outcome: string, more?: number | StartSigns])[];
}

/** A desktop with two modules, a card, a drive and stage lights. */
export const desktopWithLights: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'module-1', kind: 'module' },
    { id: 'module-2', kind: 'module' },
    { id: 'card', kind: 'card' },
    { id: 'drive', kind: 'drive' },
    { id: 'front-usb', kind: 'front-usb' },
  ],
  board: { stageLights: true },
  builtInGraphics: true,
};

export const eventId = (n: number): string => `00000000-0000-4000-8000-${n.toString().padStart(12, '0')}`;
const at = (n: number) => new Date(Date.UTC(2026, 0, 5, 9, n)).toISOString();

/** The events that a brief log stands for. */
export function eventsOf({ machine = {}, circumstances = [], reported = null, trials = [] }: BriefLog): CaseEvent[] {
  const base = (n: number) => ({ id: eventId(n), at: at(n), by: 'Test' });
  return [
    {
      ...base(0),
      kind: 'case-opened',
      machine: { name: 'Test machine', parts: [], ...machine },
      owner: 'Owner',
      complaint: 'Complaint',
      circumstances,
      reported,
    },
    ...trials.map(([trial, outcome, more], i): CaseEvent => ({
      ...base(i + 1),
      kind: 'trial-done',
      trial,
      outcome,
      ...(more === undefined ? {} : typeof more === 'number' ? { volts: more } : { seen: more }),
    })),
  ];
}

export function stateOf(log: BriefLog): CaseState {
  const folded = foldCase(eventsOf(log));
  if (!folded.ok) throw new Error(`${folded.problem.event}: ${folded.problem.message}`);
  return folded.state;
}

export const diagnosisOf = (log: BriefLog): Diagnosis => diagnoseCase(stateOf(log));

/** The diagnosis of a desktop with stage lights after what was told and some trials. */
export const desktopAfter = (
  reported: BriefLog['reported'],
  trials: NonNullable<BriefLog['trials']>,
  more: Partial<BriefLog> = {},
): Diagnosis => diagnosisOf({ machine: desktopWithLights, ...(reported ? { reported } : {}), trials, ...more });

/** Probability, 0 to 1, that a diagnosis gives a fault. */
export const probabilityOf = ({ suspects }: Diagnosis, fault: string): number =>
  suspects.find((suspect) => suspect.fault === fault)?.probability ?? 0;
