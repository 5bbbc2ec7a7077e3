import { checkPowerSheet } from '../../../contracts';
import {
  withoutOrphans,
  type PowerSheet,
  type SheetAdapter,
  type SheetConsumer,
  type SheetLead,
  type SheetSupply,
} from '../../../core/power';

/** An edit either gives the next sheet, or says why it cannot be. */
export type Edited =
  { readonly ok: true; readonly sheet: PowerSheet } | { readonly ok: false; readonly message: string };

/** Drops what is undefined, as the format knows only what is there. */
function clean<T extends object>(value: T): T {
  return Object.fromEntries(Object.entries(value).filter(([, one]) => one !== undefined)) as T;
}

/** The sheet as it would be; refused whole where any of its rules is broken. */
export function edited(sheet: PowerSheet, change: Partial<PowerSheet>): Edited {
  // What did not change stays the same object, so that its place on the screen is not drawn again.
  const next = clean({ ...sheet, ...change });
  const checked = checkPowerSheet(next);
  if (checked.ok) return { ok: true, sheet: next };
  return { ok: false, message: checked.problems[0]?.message ?? 'expected something else' };
}

export const editConsumer = (sheet: PowerSheet, index: number, change: Partial<SheetConsumer>): Edited =>
  edited(sheet, { consumers: sheet.consumers.map((one, i) => (i === index ? clean({ ...one, ...change }) : one)) });

/** Its inputs go with it, and what fed only them. */
export function removeConsumer(sheet: PowerSheet, index: number, id: string): Edited {
  const consumers = sheet.consumers.filter((_, i) => i !== index);
  const inputs = (sheet.leads ?? []).filter(({ consumer }) => consumer === id).map((lead) => lead.id);
  return edited(sheet, { consumers, leads: inputs.reduce(withoutLead, sheet.leads ?? []) });
}

/** A new id that no element has. */
export function newId(taken: readonly { readonly id?: string }[], stem: string): string {
  const ids = new Set(taken.map(({ id }) => id));
  for (let n = 1; ; n++) if (!ids.has(`${stem}-${n}`)) return `${stem}-${n}`;
}

export const editSupply = (sheet: PowerSheet, change: Partial<SheetSupply> | Partial<SheetAdapter> | null): Edited => {
  if (change === null) return edited(sheet, { supply: null });
  return edited(sheet, { supply: clean({ ...sheet.supply, ...change }) as SheetSupply });
};

/** Puts an element in the place of the one with its id, or at the end. */
export function withLead(sheet: PowerSheet, lead: SheetLead): Edited {
  const leads = sheet.leads ?? [];
  const known = leads.some(({ id }) => id === lead.id);
  const own = clean(lead);
  return edited(sheet, { leads: known ? leads.map((one) => (one.id === own.id ? own : one)) : [...leads, own] });
}

/** What it fed is fed by what fed it: the chain closes over the gap. What fed nothing else goes as well. */
export function withoutLead(leads: readonly SheetLead[], id: string): readonly SheetLead[] {
  const gone = leads.find((lead) => lead.id === id);
  if (!gone) return leads;
  const from = gone.from ?? [];
  const rest = leads
    .filter((lead) => lead.id !== id)
    .map((lead) =>
      lead.from?.includes(id)
        ? { ...lead, from: [...new Set(lead.from.flatMap((one) => (one === id ? from : [one])))] }
        : lead,
    );
  return gone.kind === 'input' ? withoutOrphans(rest, [gone]) : rest;
}
