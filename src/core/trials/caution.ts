/** Cautions, shown at the step where they apply. Local rules and licensed practice come first. */
export const CAUTIONS = {
  unplug: 'Switch off, pull the cord, wait until all lights are out.',
  static: 'Wear the strap or touch bare metal. Hold boards by the edges.',
  'two-pins': 'Only these two pins. The board is live. No ring or watch.',
  'supply-closed': 'Never open the supply. It stores charge.',
  'building-wiring': 'Leave the outlet and the building wiring to licensed people.',
  'damaged-cord': 'A damaged cord goes into the bin.',
  'hot-cooler': 'The cooler may be hot, the fan blades and case edges sharp.',
  'no-run-without-cooler': 'Never start without a cooler, not for seconds.',
  'live-measuring': 'Touch with the probes only. A slip shorts the rail.',
  'coin-cell': 'Keep coin cells away from children. Swallowed, they kill.',
  'swollen-stop': 'Swollen or leaking cells or capacitors: stop.',
  spray: 'Air the room, no flame, let it dry.',
  liquid: 'Power away first. Dry before power.',
  'firmware-power': 'Never cut the power while it writes.',
  'owner-data': 'Ask the owner before anything that may erase data.',
  'owner-proof': 'Only with proof of ownership, on record. Put the jumper back.',
  'socket-pins': 'Do not straighten pins if the board can go back.',
  'module-way-round': 'A module fits one way round. Forced, it burns.',
} as const;

export type CautionId = keyof typeof CAUTIONS;

/** What is confirmed before a trial that could hurt somebody or lose something; the other cautions are only shown. */
const GATES: Readonly<Partial<Record<CautionId, string>>> = {
  unplug: 'cord out and lights off',
  static: 'strap on',
  'two-pins': 'the two pins found, no ring or watch',
  'supply-closed': 'the supply stays closed',
  'live-measuring': 'only the probes touch',
  liquid: 'power away and dry',
  'firmware-power': 'power is safe until it ends',
  'owner-data': 'the owner agreed',
  'owner-proof': "the owner's proof on record",
};
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
