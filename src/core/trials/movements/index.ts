export { boardBeside, boardFromBeside } from './board-movements';
export { pinsInWords, quickestReset, setupKeyWords, switchPinsOf } from './board-words';
export type { SwitchPins } from './board-words';
export type { AtPart, Bench, Drawing, Movement } from './movement';
export { putIn, takeOut } from './part-movements';
export { supplyBeside, supplyFromBeside } from './supply-movements';
export { openingWords, powerAway, powerBack } from './power-movements';
