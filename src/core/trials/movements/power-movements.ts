import { hasAdapter, isSmall, type Bench, type Movement } from './movement';

/** Movements that take the power away for good: cord or adapter out, drained. */
export function powerAway(bench: Bench): Movement[] {
  const isBare = !bench.machine.parts.some(({ kind }) => kind === 'case-switch');
  return [
    {
      text: hasAdapter(bench)
        ? 'Switch it off, then pull the adapter out of the wall and its barrel plug out of the machine.'
        : 'Switch it off, set the rocker to O and pull the cord.',
    },
    {
      text: isBare
        ? 'Bridge the two switch pins for a moment, and wait until every light is out. A twitch of the fans is the rest of the charge.'
        : 'Press the case button once, and wait until every light is out. A twitch of the fans is the rest of the charge.',
    },
  ];
}

/** Movements that give it power again. */
export const powerBack = (bench: Bench): Movement[] => [
  { text: hasAdapter(bench) ? 'Barrel plug in, adapter into the wall.' : 'Cord in, rocker at I.' },
];

/** Small machines hang their parts on short leads: said once where the case is opened. */
export const openingWords = (at: Pick<Bench, 'machine'>): string =>
  isSmall(at)
    ? 'Open the case. Lift the lid slowly: the drive or the fan may hang on a short lead.'
    : 'Open the side of the case.';
