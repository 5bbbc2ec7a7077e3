import type { PowerFile } from './power-file';

/** A power file with everything in it that one can hold. */
export const fullPower: PowerFile = {
  format: 'jovial-probe/power',
  version: 1,
  name: 'Chart table',
  consumers: [
    { kind: 'processor', baseWatts: 65, boostWatts: 120 },
    { kind: 'graphics-card', id: 'card', boardWatts: 200 },
    { kind: 'fan', count: 3, typical: [1, 2], sustained: [2, 3], peak: [2, 4], source: 'measured', rails: { v12: 1 } },
  ],
  supply: { name: 'supply', watts: 430, v12Amps: [18, 16], v12Watts: 360, v5Amps: 20, v3Amps: 20, vsbAmps: 2.5 },
  years: 8,
  degrees: 30,
  efficiency: { at20: 0.84, at50: 0.88, at100: 0.85 },
  calibration: [1.02, 1.2],
  leads: [
    { id: 'out', kind: 'output', connector: 'card-8' },
    { id: 'in', kind: 'input', connector: 'card-8', from: ['out'], consumer: 'card', limitWatts: 150 },
  ],
};
