/** Headers of the demo's invented boards. */

/** Pins of a header row by row; an empty label is the place without a pin. */
const pins = (...rows: readonly (readonly string[])[]) =>
  rows.flatMap((row, r) => row.map((label, c) => ({ row: r + 1, column: c + 1, label })));

export const frontPanel = {
  name: 'FRONT',
  purpose: 'Case switch, reset switch and lights',
  rows: 2,
  columns: 5,
  pins: pins(['DISK+', 'DISK−', 'RESET', 'RESET', 'free'], ['LIGHT+', 'LIGHT−', 'SWITCH', 'SWITCH', '']),
};
export const smallFront = {
  name: 'SWITCH',
  purpose: 'Case switch and light',
  rows: 1,
  columns: 4,
  pins: pins(['SWITCH', 'SWITCH', 'LIGHT+', 'LIGHT−']),
};
