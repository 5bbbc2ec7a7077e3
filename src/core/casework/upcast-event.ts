import { EVENT_VERSION } from './event-record';
import {
  currentCircumstance,
  currentFaultId,
  currentOutcome,
  currentStartOutcome,
  currentTrialId,
} from './renamed-ids';

type Fields = Readonly<Record<string, unknown>>;

/** How a version becomes the next one; versions[n - 1] reads version n. */
const versions: readonly ((event: Fields) => Fields)[] = [fromFirstVersion, fromSecondVersion];

/**
 * An event of any earlier version in the shape of today, with renamed ids as they are called now. Pure; what it does
 * not know it leaves alone, so that checking the result says what is wrong. An event of a later version comes back as
 * it is.
 */
export function upcastEvent(written: unknown): unknown {
  if (typeof written !== 'object' || written === null || Array.isArray(written)) return written;
  let event: Fields = written as Fields;
  const from = event['v'] === undefined ? 1 : event['v'];
  if (typeof from !== 'number' || !Number.isInteger(from) || from < 1 || from > EVENT_VERSION) return written;
  for (const upcast of versions.slice(from - 1)) event = upcast(event);
  return withCurrentIds({ ...event, v: EVENT_VERSION });
}

/** Version 1 said "told" of what the owner reported and "school" of a strategy. */
function fromFirstVersion(event: Fields): Fields {
  if (event['kind'] === 'case-opened') return renameField(event, 'told', 'reported');
  if (event['kind'] === 'school-chosen')
    return { ...renameField(event, 'school', 'strategy'), kind: 'strategy-chosen' };
  return event;
}

/** Version 2 did not say who recorded an event, and when. */
function fromSecondVersion(event: Fields): Fields {
  return event;
}

function renameField(event: Fields, from: string, to: string): Fields {
  if (!Object.hasOwn(event, from) || Object.hasOwn(event, to)) return event;
  const { [from]: value, ...rest } = event;
  return { ...rest, [to]: value };
}

function withCurrentIds(event: Fields): Fields {
  const { kind, trial, outcome, fault, circumstances, reported } = event;
  if (kind === 'trial-done' && typeof trial === 'string')
    return {
      ...event,
      trial: currentTrialId(trial),
      ...(typeof outcome === 'string' ? { outcome: currentOutcome(trial, outcome) } : {}),
    };
  if (kind === 'case-closed' && typeof fault === 'string') return { ...event, fault: currentFaultId(fault) };
  if (kind === 'case-opened')
    return {
      ...event,
      ...(Array.isArray(circumstances) ? { circumstances: circumstances.map(currentName) } : {}),
      ...(typeof reported === 'string' ? { reported: currentStartOutcome(reported) } : {}),
    };
  return event;
}

const currentName = (name: unknown): unknown => (typeof name === 'string' ? currentCircumstance(name) : name);
