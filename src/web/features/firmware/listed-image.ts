import type { Inspection, Release } from '../../../core/firmware';

/** How an image stands to what the board book says of its release. */
export type Comparison =
  | { readonly kind: 'nothing' }
  | { readonly kind: 'not-listed'; readonly words: string }
  | { readonly kind: 'same' | 'partly' | 'other'; readonly words: string };

/** Compares size and SHA-256 with the board book. "same" needs the hash. */
export function compareWithBook(release: Release | null, image: Inspection | null): Comparison {
  if (!image) return { kind: 'nothing' };
  if (!release) return { kind: 'not-listed', words: 'No version is chosen to compare it with.' };
  const { bytes, sha256, version } = release;
  if (sha256 !== undefined)
    return sha256.toLowerCase() === image.sha256
      ? { kind: 'same', words: `SHA-256 is the one that the board book has for ${version}.` }
      : {
          kind: 'other',
          words: `SHA-256 is not the one that the board book has for ${version}: another version, another board, or damaged.`,
        };
  if (bytes !== undefined)
    return bytes === image.bytes
      ? { kind: 'partly', words: `The size fits ${version}; the board book has no hash of it.` }
      : { kind: 'other', words: `${version} has ${bytes} bytes in the board book, this has ${image.bytes}.` };
  return { kind: 'not-listed', words: `The board book has neither size nor hash of ${version}.` };
}
