/** Cautions, shown at the step where they apply. Local rules and licensed practice come first. */
export const CAUTIONS = {
  unplug: 'Switch off, pull the cord, wait until all lights are out.',
  static: 'Wear a wrist strap or touch bare metal often. Hold boards by the edges.',
  'two-pins': 'Touch only these two pins. The board is live. No rings, no watch.',
  'supply-closed': 'Never open the supply. It stores charge.',
  'building-wiring': 'Leave the outlet and the building wiring to licensed people.',
  'damaged-cord': 'Throw a damaged cord away.',
  'hot-cooler': 'The cooler may be hot; fan blades and case edges are sharp.',
  'no-run-without-cooler': 'Never start without a cooler, not even for seconds.',
  'live-measuring': 'Touch only with the probes. A slip shorts the rail.',
  'coin-cell': 'Keep coin cells away from children. They can kill if swallowed.',
  'swollen-stop': 'Stop if cells or capacitors are swollen or leaking.',
  spray: 'Ventilate the room, no flames, let it dry.',
  liquid: 'Disconnect the power first. Power on only when dry.',
  'firmware-power': 'Never cut the power while it is writing.',
  'owner-data': 'Ask the owner before you do anything that may erase data.',
  'owner-proof': 'Only with proof of ownership on record. Put the jumper back afterwards.',
  'socket-pins': 'Do not straighten pins if the board can be returned.',
  'module-way-round': 'A module fits one way round only. Forced in wrongly, it burns.',
} as const;

export type CautionId = keyof typeof CAUTIONS;

/** What is confirmed before a trial that could hurt somebody or lose something; the other cautions are only shown. */
const GATES: Readonly<Partial<Record<CautionId, string>>> = {
  unplug: 'cord out and lights off',
  static: 'strap on',
  'two-pins': 'the two pins found, no rings or watch',
  'supply-closed': 'the supply stays closed',
  'live-measuring': 'only the probes touch',
  liquid: 'power disconnected and dry',
  'firmware-power': 'the power is secure until it ends',
  'owner-data': 'the owner agreed',
  'owner-proof': "the owner's proof on record",
};
/** What was confirmed of these holds for the whole case: nothing that is done meanwhile undoes it. */
const STANDING: readonly CautionId[] = ['static', 'supply-closed', 'owner-data', 'owner-proof'];

/** Of these none alone asks for a confirmation. */
const neverAlone: readonly CautionId[] = ['static'];

/**
 * What has to be confirmed before a trial with these cautions, in words; empty where nothing has.
 * @example gateOf(['unplug', 'hot-cooler']) // => ['cord out and lights off']
 */
export function gateOf(cautions: readonly CautionId[]): string[] {
  if (cautions.every((id) => neverAlone.includes(id) || !GATES[id])) return [];
  return cautions.flatMap((id) => GATES[id] ?? []);
}

/**
 * The cautions of a trial that are still to be confirmed: not those that were confirmed for the whole case, nor that the
 * cord is out where the log says so.
 */
export function leftToConfirm(
  cautions: readonly CautionId[],
  { confirmed, isOff }: { readonly confirmed: readonly CautionId[]; readonly isOff: boolean },
): readonly CautionId[] {
  return cautions.filter((id) => !(STANDING.includes(id) && confirmed.includes(id)) && !(id === 'unplug' && isOff));
}
