import type { Checked, ContentCheck, Flaw } from './checked';

const [tab, lineFeed, carriageReturn] = [9, 10, 13];
const isText = (byte: number): boolean =>
  (byte >= 32 && byte !== 127) || byte === tab || byte === lineFeed || byte === carriageReturn;

/** How many bytes follow the first of a character in UTF-8 (RFC 3629, §3); -1 where none can begin like that. */
function following(byte: number): number {
  if (byte < 0x80) return 0;
  if (byte >= 0xc2 && byte <= 0xdf) return 1;
  if (byte >= 0xe0 && byte <= 0xef) return 2;
  return byte >= 0xf0 && byte <= 0xf4 ? 3 : -1;
}

/** Rows of text in UTF-8: no control characters, and not the beginning of a page, a script or a document. */
export function createTextCheck(): ContentCheck {
  let left = 0;
  let beginning = '';
  return {
    feed(bytes) {
      for (const byte of bytes) {
        if (left > 0) {
          if (byte < 0x80 || byte > 0xbf) return notText;
          left -= 1;
        } else {
          left = following(byte);
          if (left < 0 || !isText(byte)) return notText;
        }
        if (beginning.length < 200) beginning += String.fromCharCode(byte);
      }
      return /^\s*(?:\u00ef\u00bb\u00bf)?\s*(?:<|%PDF|#!|PK\b)/.test(beginning) ? notText : null;
    },
    end: () => (left === 0 && beginning.trim() !== '' ? sound : cutOff),
  };
}

const notText: Flaw = { code: 'other-type', message: 'expected rows of plain text, found another type of file' };
const sound: Checked = {};
const cutOff: Flaw = { code: 'cut-off', message: 'expected text, found none or one that is cut off' };
