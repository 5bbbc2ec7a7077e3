import { isExchanged, pieceIn, placementOf, slotOf, type Configuration, type Part } from '../../../../core/machine';

/** The size of letters on the plan, in its units, and from line to line. */
export const letterSize = 13;
export const lineHeight = 14;
/** About how wide a letter is, in sizes of its type: of names, and of figures. */
const letterWidth = 0.49;
const figureWidth = 0.58;

const widthOf = (text: string, share: number) => text.length * share * letterSize;

/** A line of a label: the name or a part of it, and the figure behind it. */
export interface LabelLine {
  readonly text: string;
  readonly figure: string;
}

/**
 * A name and its figure on as many lines as there are, broken between words; cut with an ellipsis only where even that
 * does not fit.
 */
export function labelLines(
  name: string,
  figure: string,
  { width, lines }: { readonly width: number; readonly lines: number },
): readonly LabelLine[] {
  const wrapped = wrap(name.split(' '), width);
  const last = wrapped.at(-1) ?? '';
  const joins = widthOf(`${last} `, letterWidth) + widthOf(figure, figureWidth) <= width;
  const nameLines = figure === '' || (joins && wrapped.length <= lines) ? lines : Math.max(1, lines - 1);
  const cut =
    wrapped.length <= nameLines
      ? wrapped
      : [...wrapped.slice(0, nameLines - 1), fitName(wrapped.slice(nameLines - 1).join(' '), width)];
  if (figure === '') return cut.map((text) => ({ text, figure: '' }));
  if (lines === 1) return [{ text: fitName(name, width - widthOf(` ${figure}`, figureWidth)), figure }];
  return joins && cut.length === wrapped.length
    ? cut.map((text, i) => ({ text, figure: i === cut.length - 1 ? figure : '' }))
    : [...cut.map((text) => ({ text, figure: '' })), { text: '', figure }];
}

function wrap(words: readonly string[], width: number): readonly string[] {
  return words.reduce<readonly string[]>((lines, word) => {
    const last = lines.at(-1);
    if (last === undefined) return [word];
    const joined = `${last} ${word}`;
    return widthOf(joined, letterWidth) <= width ? [...lines.slice(0, -1), joined] : [...lines, word];
  }, []);
}

/** As much of a name as fits, with an ellipsis where it was cut. */
export function fitName(name: string, width: number): string {
  const room = Math.floor(width / (letterWidth * letterSize));
  return name.length <= room ? name : `${name.slice(0, Math.max(1, room - 1)).trimEnd()}…`;
}

/** How a part stands, in a word or two; null as found. */
export function standing(configuration: Configuration, part: Part): string | null {
  const placement = placementOf(configuration, part.id);
  switch (placement.state) {
    case 'as-found':
      return part.loose ? 'in' : null;
    case 'out':
      return part.loose ? 'beside' : 'out';
    case 'spare':
      return 'spare in';
    case 'new':
      return 'new';
    case 'moved': {
      const slot = part.kind === 'module' ? slotOf(configuration, part)?.replace('slot-', '') : null;
      const piece = isExchanged(configuration, part.id) ? `${pieceIn(configuration, part.id)}, ` : '';
      return `${piece}in ${slot ?? placement.to}`;
    }
  }
}
