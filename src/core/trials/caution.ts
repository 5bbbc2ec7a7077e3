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
