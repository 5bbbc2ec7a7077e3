import { isFilled, type Configuration, type Machine } from '../machine';
import { isNeedless } from './minimal';

/** One line of the strip-down list: a part or lead, and whether it is accounted for. */
export interface StripDownLine {
  /** The part's id, or the name of an easily forgotten lead. */
  readonly id: string;
  readonly name: string;
  /** stays: needed. off: out already. still-on: must come off. ask: nobody has said whether it is there. */
  readonly state: 'stays' | 'off' | 'still-on' | 'ask';
}

export interface StripDownList {
  readonly lines: readonly StripDownLine[];
  /** Nothing is still on and every easily forgotten lead is accounted for. */
  readonly isMinimal: boolean;
}

/** Leads that are easily forgotten, asked for even where nobody wrote them down. */
export const FORGOTTEN_LEADS: readonly { readonly id: string; readonly name: string }[] = [
  { id: 'front-usb-c', name: 'front USB-C lead' },
  { id: 'front-usb-a', name: 'front USB lead' },
  { id: 'front-audio', name: 'front audio lead' },
  { id: 'inner-usb', name: 'lead on an inner USB header: card reader, cooler or light control' },
  { id: 'light-lead', name: 'light strip lead' },
  { id: 'case-fans', name: 'case fan leads' },
  { id: 'second-monitor', name: 'second monitor' },
  { id: 'rear-usb', name: 'everything in the rear USB ports but the keyboard' },
  { id: 'network', name: 'network lead' },
  { id: 'expansion', name: 'other expansion cards and risers' },
];

/**
 * Every part and lead with its state on the way to the minimum. Parts that follow from the board (slots, channels) are
 * not listed. A forgotten lead drops out of the questions once it is in `accounted`, or once a part of its name is
 * written down. The configuration is not called minimal until nothing is still on and nothing is left to ask.
 */
export function stripDownList(
  machine: Machine,
  configuration: Configuration,
  accounted: ReadonlySet<string> = new Set(),
): StripDownList {
  const own = machine.parts
    .filter(({ kind }) => kind !== 'slot' && kind !== 'channel')
    .map((part): StripDownLine => {
      const filled = isFilled(configuration, part.id);
      const goes = isNeedless(part, machine, configuration);
      return { id: part.id, name: part.name, state: !filled ? 'off' : goes ? 'still-on' : 'stays' };
    });
  const written = new Set(own.map(({ name }) => name.toLowerCase()));
  const asked = FORGOTTEN_LEADS.filter(({ id, name }) => !accounted.has(id) && !written.has(name.toLowerCase())).map(
    ({ id, name }): StripDownLine => ({ id, name, state: 'ask' }),
  );
  const lines = [...own, ...asked];
  return { lines, isMinimal: lines.every(({ state }) => state === 'stays' || state === 'off') };
}
