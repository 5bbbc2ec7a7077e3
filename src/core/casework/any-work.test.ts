import fc from 'fast-check';
import { findTrial, SILENT_OUTCOMES, trialsFor } from '../trials';
import type { Diagnosis } from '../diagnosis';
import type { DeclaredMachine } from '../machine';
import { createCaseDiagnoser, diagnoseCase, foldCase, type CaseEvent, type CaseState } from '.';
import { eventId, eventsOf } from './testing-log';

/** Whatever a person does, in whatever order, the log holds together and what is said of it is sound. */

const machines: Record<string, DeclaredMachine> = {
  desktop: {
    name: 'Desktop',
    parts: [
      { id: 'module-1', kind: 'module' },
      { id: 'module-2', kind: 'module' },
      { id: 'drive', kind: 'drive' },
      { id: 'front-usb', kind: 'front-usb' },
    ],
    builtInGraphics: true,
  },
  small: { name: 'Small', parts: [{ id: 'adapter', kind: 'adapter' }] },
  'with loose parts': {
    name: 'Used parts',
    parts: [
      { id: 'supply-2', kind: 'supply', loose: true },
      { id: 'module-1', kind: 'module' },
    ],
  },
};

/** What somebody does next, as numbers that are read against what can be done then. */
const doing = fc.record({
  what: fc.constantFrom('advised', 'any', 'any', 'strike', 'note', 'park', 'strategy'),
  which: fc.nat(1000),
  outcome: fc.nat(1000),
});
type Doing = typeof doing extends fc.Arbitrary<infer T> ? T : never;

const at = <T>(list: readonly T[], n: number): T | undefined => list[n % list.length];

function next(state: CaseState, diagnosis: Diagnosis, { what, which, outcome }: Doing, n: number): CaseEvent | null {
  const base = { id: eventId(n + 1), at: new Date(Date.UTC(2026, 0, 6, 9, n)).toISOString(), by: 'Test' };
  if (state.stage === 'parked') return { ...base, kind: 'case-resumed' };
  switch (what) {
    case 'strike': {
      const entry = at(
        state.entries.filter(({ event, struckBy }) => event.kind === 'trial-done' && struckBy === null),
        which,
      );
      return entry ? { ...base, kind: 'entry-struck', entry: entry.event.id, reason: 'Mistaken' } : null;
    }
    case 'note':
      return { ...base, kind: 'note-added', text: 'Seen' };
    case 'park':
      return { ...base, kind: 'case-parked', waitingFor: 'A part' };
    case 'strategy':
      return { ...base, kind: 'strategy-chosen', strategy: which % 2 ? 'strip-down' : 'best-value' };
    default: {
      const trials = trialsFor(state.machine, state.configuration);
      const { trial: advised } = diagnosis.advice;
      const trial = what === 'advised' && advised ? trials.find(({ id }) => id === advised.id) : at(trials, which);
      if (!trial) return null;
      const seen = at([...trial.outcomes, ...SILENT_OUTCOMES], outcome)?.id ?? 'not-sure';
      return { ...base, kind: 'trial-done', trial: trial.id, outcome: seen };
    }
  }
}

/** Where a number stands that is none. */
function notFinite(value: unknown, path = ''): string[] {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [`${path} ${value}`];
  if (value === null || typeof value !== 'object') return [];
  return Object.entries(value).flatMap(([key, part]) => notFinite(part, `${path}.${key}`));
}

function expectSound(diagnosis: Diagnosis, state: CaseState): void {
  expect(notFinite(diagnosis)).toEqual([]);
  const probabilities = diagnosis.suspects.map(({ probability }) => probability);
  expect(probabilities.filter((p) => p < 0 || p > 1 + 1e-9)).toEqual([]);
  const named = diagnosis.suspects.filter(({ somethingElse }) => !somethingElse);
  const inOrder = [...named].sort(
    (a, b) => Number(a.isRepaired) - Number(b.isRepaired) || b.probability - a.probability,
  );
  expect(diagnosis.suspects.slice(0, named.length)).toEqual(inOrder);
  expect(diagnosis.repairs.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 6);
  const { trial } = diagnosis.advice;
  if (trial) {
    expect(findTrial(state.machine, state.configuration, trial.id)).not.toBeNull();
    if (trial.outcomes.length > 0)
      expect(trial.outcomes.reduce((sum, { probability }) => sum + (probability ?? 0), 0)).toBeCloseTo(1, 6);
  }
}

test.each(Object.keys(machines))('any work on a machine of the kind "%s" can be computed with', (name) => {
  fc.assert(
    fc.property(fc.array(doing, { minLength: 4, maxLength: 12 }), (doings) => {
      let events = eventsOf({ machine: machines[name] ?? {}, reported: 'dead' });
      const growing = createCaseDiagnoser();
      let folded = foldCase(events);
      if (!folded.ok) throw new Error(folded.problem.message);
      let diagnosis = growing(folded.state);
      for (const [n, one] of doings.entries()) {
        const event = next(folded.state, diagnosis, one, n);
        if (!event) continue;
        const grown = foldCase([...events, event]);
        if (!grown.ok) {
          // Only striking what a later entry rests on may be refused: at the entry that rests on it.
          const { problem } = grown;
          expect([event, problem]).toEqual([expect.objectContaining({ kind: 'entry-struck' }), problem]);
          expect(problem.event).toBeLessThan(events.length);
          continue;
        }
        events = [...events, event];
        folded = grown;
        diagnosis = growing(grown.state);
        expectSound(diagnosis, grown.state);
      }
      // What was kept along the way changes nothing, and the last entry can be taken back without a trace.
      expect(diagnosis).toEqual(diagnoseCase(folded.state));
      const trial = next(folded.state, diagnosis, { what: 'any', which: 7, outcome: 0 }, 90);
      if (trial?.kind !== 'trial-done') return;
      const { at: when, by, id: entry } = trial;
      const strike: CaseEvent = { kind: 'entry-struck', id: eventId(99), at: when, by, entry, reason: 'Undone' };
      const undone = foldCase([...events, trial, strike]);
      if (!undone.ok) throw new Error(undone.problem.message);
      expect(diagnoseCase(undone.state).suspects).toEqual(diagnosis.suspects);
    }),
    { numRuns: 8 },
  );
});
