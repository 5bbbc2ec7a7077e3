const shortChars = "A-Z0-9!#$%&'()@^_`{}~-";
const isShort = new RegExp(`^[${shortChars}]{1,8}(\\.[${shortChars}]{1,3})?$`);
const notShort = new RegExp(`[^${shortChars}]`, 'g');
const maxLetters = 255;

/** Why a name cannot stand on a FAT32 stick; null if it can. */
export function problemOfName(name: string): string | null {
  if (name.length === 0 || name.length > maxLetters) return `expected 1 to 255 characters, found ${name.length}`;
  const bad = Array.from(name).find((char) => char < ' ' || '\\/:*?"<>|'.includes(char));
  if (bad) return `expected no "${bad}" in a name, found "${name}"`;
  if (/[. ]$/.test(name)) return `expected a name that does not end in a dot or blank, found "${name}"`;
  return name === '.' || name === '..' ? `expected a name, found "${name}"` : null;
}

/** The eleven characters of a short name, blanks filling name and extension. */
export const shortField = (short: string): string => {
  const [base = '', extension = ''] = short.split('.');
  return base.padEnd(8) + extension.padEnd(3);
};

/** Bits that say that base or ending of a short name are to be shown in small letters. */
export const smallLetters = { base: 0x08, ending: 0x10 } as const;

export interface ShortName {
  readonly short: string;
  /** False where short name and case bits say it all. */
  readonly needsLong: boolean;
  readonly caseBits: number;
}

/**
 * The 8.3 name under which a file stands, as FAT does it: its own in capitals where it fits, with the case bits where base
 * and ending are each in one case and a long name beside it where they are not; else its first letters with a number that
 * is free.
 *
 * @example shortNameFor('board.BIN', new Set()) // => { short: 'BOARD.BIN', needsLong: false, caseBits: 8 }
 * @example shortNameFor('Tern release 1204.bin', new Set()) // => { short: 'TERNRE~1.BIN', needsLong: true, caseBits: 0 }
 */
export function shortNameFor(name: string, taken: ReadonlySet<string>): ShortName {
  const upper = name.toUpperCase();
  if (isShort.test(upper) && !taken.has(upper)) {
    const bits = caseBitsOf(name);
    return { short: upper, needsLong: bits === null, caseBits: bits ?? 0 };
  }
  const dot = upper.lastIndexOf('.');
  const clean = (text: string) => text.replace(/[. ]/g, '').replace(notShort, '_');
  const base = clean(dot > 0 ? upper.slice(0, dot) : upper) || '_';
  const extension = dot > 0 ? clean(upper.slice(dot + 1)).slice(0, 3) : '';
  for (let n = 1; ; n++) {
    const tail = `~${n}`;
    const short = `${base.slice(0, 8 - tail.length)}${tail}${extension ? `.${extension}` : ''}`;
    if (!taken.has(short)) return { short, needsLong: true, caseBits: 0 };
  }
}

/** Null where base or ending mix capitals and small letters. */
function caseBitsOf(name: string): number | null {
  const [base = '', ending = ''] = name.split('.');
  const bitOf = (part: string, bit: number): number | null =>
    part === part.toUpperCase() ? 0 : part === part.toLowerCase() ? bit : null;
  const [first, second] = [bitOf(base, smallLetters.base), bitOf(ending, smallLetters.ending)];
  return first === null || second === null ? null : first | second;
}

/** Whether a name fits 8.3 but for its letter case. */
export const fitsShort = (name: string): boolean => isShort.test(name.toUpperCase());

/** The checksum of a short name that ties its long entries to it. */
export function shortNameChecksum(field: string): number {
  let sum = 0;
  for (const char of field) sum = (((sum & 1) << 7) + (sum >> 1) + char.charCodeAt(0)) & 0xff;
  return sum;
}
