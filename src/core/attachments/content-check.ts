import type { ContentCheck } from './checked';
import { createJpegCheck } from './jpeg-check';
import type { StoredKind } from './kinds';
import { createTextCheck } from './text-check';
import { createWavCheck } from './wav-check';

/** The check of a kind: its type is what its bytes say, whatever it is called. */
export function createContentCheck(kind: StoredKind): ContentCheck {
  switch (kind) {
    case 'picture':
    case 'signature':
      return createJpegCheck();
    case 'sound':
      return createWavCheck();
    case 'table':
      return createTextCheck();
  }
}
