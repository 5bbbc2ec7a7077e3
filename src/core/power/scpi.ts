/** Commands and answers of bench meters: SCPI-1999 on IEEE 488.2, one line each. */

/** What a meter is asked for, and with which query. */
export const METER_QUERIES = {
  volts: 'MEAS:VOLT:DC?',
  amps: 'MEAS:CURR:DC?',
  watts: 'MEAS:POW?',
} as const;
export type MeterQuantity = keyof typeof METER_QUERIES;

/** Who it is (IEEE 488.2, 10.14). */
export const IDENTIFY = '*IDN?';
/** Clears what it has queued (IEEE 488.2, 10.3): sent after an answer that did not come. */
export const CLEAR = '*CLS';

/** A meter by its answer to `*IDN?`. */
export interface MeterIdentity {
  readonly maker: string;
  readonly model: string;
  readonly serial: string;
  readonly firmware: string;
}

/** Four fields with commas between them; null for anything else. @example see the tests */
export function parseIdentity(line: string): MeterIdentity | null {
  const fields = line.trim().split(',');
  const [maker = '', model = '', serial = '', firmware = ''] = fields.map((field) => field.trim());
  return fields.length === 4 && maker !== '' && model !== '' && isPrintable(line)
    ? { maker, model, serial, firmware }
    : null;
}

const isPrintable = (line: string): boolean => /^[\x20-\x7e]*$/.test(line.trim()) && line.length <= 200;

export type ParsedReading =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly code: 'garbage' | 'over-range' };

/** SCPI-1999, 7.2.1.4 and 7.2.1.5: so does a meter say that it cannot show what it measures. */
const overRange = 9.9e37;

/** A number as NR1, NR2 or NR3 (IEEE 488.2, 8.7.2 to 8.7.4). @example parseReading('+1.2034E+01') // => 12.034 */
export function parseReading(line: string): ParsedReading {
  const text = line.trim();
  if (!/^[+-]?(\d+(\.\d*)?|\.\d+)([eE][+-]?\d{1,3})?$/.test(text)) return { ok: false, code: 'garbage' };
  const value = Number(text);
  if (Math.abs(value) >= overRange) return { ok: false, code: 'over-range' };
  return Number.isFinite(value) ? { ok: true, value } : { ok: false, code: 'garbage' };
}
