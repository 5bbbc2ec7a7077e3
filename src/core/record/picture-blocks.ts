import type { Attachment, CaseState, SignedPaper, Signer } from '../casework';
import { signatureOf } from '../casework';
import { counted } from '../wording';
import { UNNAMED_PHOTO } from './attachment-words';
import type { PaperBlock, PaperPicture } from './paper';
import { hashInGroups, listed, moment, text } from './paper-parts';

/** Printed pictures; what is beyond is named with its hash. */
const mostPrinted = 24;

/**
 * The photos of a case, each with its hash: printed up to a number, named beyond it.
 * @param keep which of them belong on the paper
 */
export function pictureBlocks(
  title: string,
  { attachments }: CaseState,
  keep: (attachment: Attachment) => boolean = () => true,
): PaperBlock[] {
  const photos = attachments.filter((one) => one.as === 'picture' && keep(one));
  if (photos.length === 0) return [];
  const named = photos.map((photo, index) => ({ photo, words: photoWords(photo, index + 1) }));
  const items = named
    .slice(0, mostPrinted)
    .flatMap(({ photo: { file, size, marks }, words }): PaperPicture[] => (size ? [{ file, words, size, marks }] : []));
  const rest = named.slice(mostPrinted);
  return [
    { kind: 'pictures', title, items },
    ...(rest.length === 0 ? [] : [text(`${counted(rest.length, 'more photo')} in the case file:`)]),
    ...(rest.length === 0 ? [] : [{ kind: 'list' as const, items: rest.map(({ words }) => words) }]),
  ];
}

/** What else is kept with the case, each with its hash. */
export const otherFileBlocks = ({ attachments }: CaseState): PaperBlock[] =>
  listed(
    'Other files',
    attachments
      .filter(({ as }) => as !== 'picture' && as !== 'signature')
      .map(({ name, bytes, sha256 }) => `${name}, ${bytes} bytes, SHA-256 ${hashInGroups(sha256)}`),
  );

/** A line to sign on; with the name as it was drawn on the screen, and when, where somebody signed there. */
export function signatureBlock(label: string, state: CaseState, paper: SignedPaper, by: Signer): PaperBlock {
  const signature = signatureOf(state, paper, by);
  return signature
    ? { kind: 'signature', label, file: signature.file, signed: `signed on the screen, ${moment(signature.at)}` }
    : { kind: 'signature', label };
}

/** What was signed on the screen under agreements, each with its day. */
export const agreementBlocks = ({ attachments }: CaseState): PaperBlock[] =>
  attachments
    .filter(({ signs }) => signs?.paper === 'consent')
    .map(({ file, at }) => ({
      kind: 'signature',
      label: 'Owner, agreed',
      file,
      signed: `signed on the screen, ${moment(at)}`,
    }));

const photoWords = ({ name, at, by, sha256 }: Attachment, number: number): string =>
  `Photo ${number}${name === UNNAMED_PHOTO ? '' : `: ${name}`}. ${moment(at)}, ${by}. SHA-256 ${hashInGroups(sha256)}`;
