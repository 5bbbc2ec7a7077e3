import type { StickFile } from './stick-image';

/** An image with the version that it is, under the name that it came with. */
export interface VersionImage extends StickFile {
  /** Null where nobody said. */
  readonly version: string | null;
}

export interface ImagesOrder {
  /** The name under which the board looks for its image; null where it is chosen from a menu. */
  readonly boardName: string | null;
  /** In the order in which they are to be flashed; an older one for going back comes last. */
  readonly images: readonly VersionImage[];
}

export const listName = 'LIST.TXT';

/**
 * The files of a stick: the image that is flashed first under the name of the board, each image under its own name, and,
 * where there are several, a plain list of what is what. Names that would clash get their version before them.
 */
export function stickFiles({ boardName, images }: ImagesOrder): StickFile[] {
  const [first] = images;
  if (!first) return [];
  const taken = new Set(boardName === null ? [] : [boardName.toUpperCase()]);
  const own = images.map((image) => {
    const isFirst = image === first;
    const isOwn = isFirst && boardName?.toUpperCase() === image.name.toUpperCase();
    const name = isOwn ? image.name : freeName(image, taken);
    taken.add(name.toUpperCase());
    return { ...image, fileName: name, isOwn };
  });
  const named = boardName === null ? [] : [{ name: boardName, content: first.content }];
  const beside = own.filter(({ isOwn }) => !isOwn).map(({ fileName, content }) => ({ name: fileName, content }));
  const files = [...named, ...beside];
  return images.length > 1 ? [...files, { name: listName, content: listOf(boardName, own) }] : files;
}

function freeName({ name, version }: VersionImage, taken: ReadonlySet<string>): string {
  if (!taken.has(name.toUpperCase())) return name;
  const stem = version === null ? '' : `${version.replace(/[\\/:*?"<>|]/g, '-')} `;
  for (let n = 1; ; n++) {
    const candidate = `${stem}${n === 1 ? '' : `${n} `}${name}`;
    if (!taken.has(candidate.toUpperCase())) return candidate;
  }
}

function listOf(boardName: string | null, own: readonly (VersionImage & { readonly fileName: string })[]): Uint8Array {
  const lines = own.map(({ fileName, version }, i) => {
    const what = version === null ? '' : `version ${version}, `;
    if (boardName === null) return `${i + 1}. ${fileName}: ${what}flashed ${i === 0 ? 'first' : `as number ${i + 1}`}`;
    return i === 0
      ? `1. ${boardName} (as it came: ${fileName}): ${what}flashed first`
      : `${i + 1}. ${fileName}: ${what}give it the name ${boardName} once number ${i} is on the board`;
  });
  return new TextEncoder().encode(['What is on this stick', '', ...lines, ''].join('\r\n'));
}
