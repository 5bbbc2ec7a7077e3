/** Numbers, plurals and lists as they stand in sentences on screen, by the rules of English in `Intl`. */

const locale = 'en-GB';
const plurals = new Intl.PluralRules(locale);
const wholeNumber = new Intl.NumberFormat(locale, { maximumFractionDigits: 0 });
const lists = {
  and: new Intl.ListFormat(locale, { type: 'conjunction' }),
  or: new Intl.ListFormat(locale, { type: 'disjunction' }),
};

/** @example listOf(['drive 1', 'drive 2', 'the card']) // => 'drive 1, drive 2 and the card' */
export const listOf = (names: readonly string[]): string => lists.and.format(names);

/** @example alternativesOf(['dead', 'a twitch']) // => 'dead or a twitch' */
export const alternativesOf = (names: readonly string[]): string => lists.or.format(names);

/** @example numberOf(1234567) // => '1,234,567' */
export const numberOf = (value: number): string => wholeNumber.format(value);

/**
 * A count with its noun. Nouns whose plural is not a plain "s" give it.
 * @example counted(1, 'entry', 'entries') // => '1 entry'
 * @example counted(3, 'case') // => '3 cases'
 */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${numberOf(count)} ${plural(count, one, many)}`;

/** @example plural(2, 'is', 'are') // => 'are' */
export const plural = (count: number, one: string, many: string): string =>
  plurals.select(count) === 'one' ? one : many;

/** A number with a fixed number of decimals. @example decimal(0.4567, 2) // => '0.46' */
export const decimal = (value: number, digits: number): string =>
  new Intl.NumberFormat(locale, { minimumFractionDigits: digits, maximumFractionDigits: digits }).format(value);

/** A probability in whole percent; "under 1 %" below that, "over 99 %" above. */
export function percent(probability: number): string {
  if (probability > 0 && probability < 0.01) return 'under 1 %';
  if (probability < 1 && probability > 0.99) return 'over 99 %';
  return `${wholeNumber.format(100 * probability)} %`;
}

/** Minutes rounded to what is known: halves below three, whole ones above. */
export function minutesInWords(minutes: number): string {
  if (minutes > 0 && minutes <= 0.5) return 'half a minute';
  const rounded = minutes < 3 ? Math.round(2 * minutes) / 2 : Math.round(minutes);
  return `${rounded} ${plural(rounded, 'minute', 'minutes')}`;
}

/** Seconds up to a minute and a half as such, then minutes. */
export function secondsInWords(seconds: number): string {
  const whole = Math.round(seconds);
  return whole < 90 ? counted(whole, 'second') : minutesInWords(whole / 60);
}

/** The first letter as at the beginning of a sentence. */
export const capitalized = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** The first letter as inside a sentence. */
export const uncapitalized = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** The number of a case as it is written on the tag: four digits. @example caseNumber(7) // => '0007' */
export const caseNumber = (number: number): string => String(number).padStart(4, '0');

/** The number of a spare as its label shows it. @example spareNumber(7) // => 'S-0007' */
export const spareNumber = (number: number): string => `S-${caseNumber(number)}`;

/**
 * Sentences in a row, without those that are empty. One that ends with a mark of its own gets no other.
 *
 * @example inARow(['Agreed.', '', 'Bill shown']) // => 'Agreed. Bill shown'
 */
export const inARow = (sentences: readonly (string | false | null | undefined)[]): string =>
  sentences
    .filter((sentence): sentence is string => Boolean(sentence))
    .map((sentence, i, all) => (i === all.length - 1 || /[.!?]$/.test(sentence) ? sentence : `${sentence}.`))
    .join(' ');
