import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type PDFDocument from 'pdfkit';

/** The faces of papers, shipped with the program and embedded in what it makes. */

export type Doc = InstanceType<typeof PDFDocument>;

/** The colour of words and lines. */
export const ink = '#122c2a';

const require = createRequire(import.meta.url);
const font = (file: string) => readFileSync(require.resolve(file));
const hyperlegible = (weight: number) =>
  font(`@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-${weight}-normal.woff`);

/** The two weights in which papers are written. */
export type Face = 'text' | 'bold';
/** The face of the interface, and for letters that it lacks one that has them. */
const files: Readonly<Record<Face, { readonly own: Buffer; readonly rest: Buffer }>> = {
  text: { own: hyperlegible(400), rest: font('dejavu-fonts-ttf/ttf/DejaVuSans.ttf') },
  bold: { own: hyperlegible(700), rest: font('dejavu-fonts-ttf/ttf/DejaVuSans-Bold.ttf') },
};

/** Makes the faces known to a document, by name. */
export function registerFaces(doc: Doc): void {
  for (const [face, { own, rest }] of Object.entries(files))
    doc.registerFont(face, own).registerFont(`${face} rest`, rest);
}

/** Words in the face of the interface; letters that it lacks in the other, in the same line. */
export function write(doc: Doc, words: string, face: Face, size: number, width?: number): void {
  const runs = runsOf(words);
  const options = width === undefined ? {} : { width };
  runs.forEach(({ text, isOwn }, i) => {
    doc.font(isOwn ? face : `${face} rest`).fontSize(size);
    doc.text(text, { ...options, continued: i < runs.length - 1, lineGap: 1.5 });
  });
}

/** What the shipped cut of the face has: Latin 1, and the signs of ordinary typesetting. */
const isInOwn = (character: string): boolean =>
  /^[\u0020-\u007e\u00a0-\u00ff\u0131\u0152\u0153\u2013\u2014\u2018\u2019\u201a\u201c\u201d\u201e\u2022\u2026\u20ac\u2122\u2212]$/u.test(
    character,
  );

function runsOf(words: string): { text: string; isOwn: boolean }[] {
  const runs: { text: string; isOwn: boolean }[] = [];
  for (const character of words.replaceAll(/\s+/g, ' ')) {
    const isOwn = isInOwn(character);
    const last = runs.at(-1);
    if (last?.isOwn === isOwn) last.text += character;
    else runs.push({ text: character, isOwn });
  }
  return runs.length > 0 ? runs : [{ text: ' ', isOwn: true }];
}

/** The bytes of a document, once it has ended. Asked for before anything is drawn. */
export function bytesOf(doc: Doc): Promise<Buffer> {
  const chunks: Buffer[] = [];
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  return new Promise<Buffer>((resolve, reject) => {
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
}
