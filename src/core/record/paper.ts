import type { Mark } from '../attachments';

/** A paper as data: what renders it, as PDF or Markdown, adds nothing to what it says. */
export interface Paper {
  readonly title: string;
  readonly subtitle: string;
  readonly blocks: readonly PaperBlock[];
  /** At the foot of every page: what it belongs to, and by what it can be verified. */
  readonly foot: string;
}

export type PaperBlock =
  | { readonly kind: 'heading'; readonly text: string }
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'list'; readonly items: readonly string[] }
  | { readonly kind: 'facts'; readonly rows: readonly (readonly [label: string, value: string])[] }
  | {
      readonly kind: 'table';
      readonly heads: readonly string[];
      /** Relative widths of the columns. */
      readonly widths: readonly number[];
      readonly rows: readonly (readonly string[])[];
    }
  /** A QR code of a text, for instance an address. */
  | { readonly kind: 'code'; readonly text: string }
  /** A line to sign on, or what was signed on the screen: the file of the drawn name. */
  | { readonly kind: 'signature'; readonly label: string; readonly file?: string; readonly signed?: string }
  /** Pictures under a title that stays with the first of them. */
  | { readonly kind: 'pictures'; readonly title: string; readonly items: readonly PaperPicture[] };

/** A picture of the case with what was drawn on it. */
export interface PaperPicture {
  readonly file: string;
  /** Which it is, what it shows, when it was taken, and its hash. */
  readonly words: string;
  readonly size: { readonly width: number; readonly height: number };
  readonly marks: readonly Mark[];
}

/** The paper as Markdown: the same words in the same order. */
export function paperMarkdown({ title, subtitle, blocks, foot }: Paper): string {
  return `${[`# ${escaped(title)}`, escaped(subtitle), ...blocks.map(blockMarkdown), '---', escaped(foot)].join('\n\n')}\n`;
}

function blockMarkdown(block: PaperBlock): string {
  switch (block.kind) {
    case 'heading':
      return `## ${escaped(block.text)}`;
    case 'text':
      return escaped(block.text);
    case 'list':
      return block.items.map((item) => `- ${escaped(item)}`).join('\n');
    case 'facts':
      return block.rows.map(([label, value]) => `- **${escaped(label)}:** ${escaped(value)}`).join('\n');
    case 'table':
      return [block.heads, block.heads.map(() => '---'), ...block.rows.map((row) => row.map(escaped))]
        .map((cells) => `| ${cells.join(' | ')} |`)
        .join('\n');
    case 'code':
      return `<${block.text}>`;
    case 'signature':
      return `${escaped(block.label)}: ${block.signed === undefined ? '______________________________' : escaped(block.signed)}`;
    case 'pictures':
      return [`## ${escaped(block.title)}`, '', ...block.items.map(({ words }) => `- ${escaped(words)}`)].join('\n');
  }
}

/** What somebody typed is text: it makes no link, no heading and no column. */
const escaped = (text: string): string =>
  text.replaceAll(/\s*\n\s*/g, ' ').replaceAll(/[\\`*_[\]<>|#~]/g, (character) => `\\${character}`);
