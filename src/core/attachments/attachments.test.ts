import jpeg from 'jpeg-js';
import { arrowLines, createContentCheck, isFlaw, plainJpeg, type Checked, type Flaw, type StoredKind } from '.';
import { claimingSize, joined, jpegOf, segment, withSegment } from './testing-jpeg';

const textOf = (text: string) => new TextEncoder().encode(text);
const codes = (text: string) => [...textOf(text)];

/** What the check says of a file that arrives in pieces of a size. */
function judge(kind: StoredKind, bytes: Uint8Array, piece = bytes.length): Flaw | Checked {
  const check = createContentCheck(kind);
  for (let at = 0; at < bytes.length; at += piece) {
    const flaw = check.feed(bytes.subarray(at, at + piece));
    if (flaw) return flaw;
  }
  return check.end();
}
const codeOf = (result: Flaw | Checked) => (isFlaw(result) ? result.code : 'taken');

const photo = jpegOf(40, 30);

/** A progressive picture: the frame is of another kind, the walk is the same. */
const progressive = Uint8Array.from(photo, (byte, i) => (photo[i - 1] === 0xff && byte === 0xc0 ? 0xc2 : byte));

function wavOf(samples: number, ...more: readonly number[]): Uint8Array {
  const le = (n: number, bytes = 4) => Array.from({ length: bytes }, (_, i) => (n >> (8 * i)) & 255);
  const format = [
    ...codes('fmt '),
    ...le(16),
    ...le(1, 2),
    ...le(1, 2),
    ...le(8000),
    ...le(8000),
    ...le(1, 2),
    ...le(8, 2),
  ];
  const data = [...codes('data'), ...le(samples), ...new Array<number>(samples + (samples % 2)).fill(128)];
  return joined(codes('RIFF'), le(4 + format.length + data.length + more.length), codes('WAVE'), format, data, more);
}

test.each([1, 2, 7, 64, 1000])('a picture that arrives %i bytes at a time is taken with its size', (piece) => {
  expect(judge('picture', photo, piece)).toEqual({ width: 40, height: 30 });
  expect(judge('signature', progressive, piece)).toEqual({ width: 40, height: 30 });
});

test.each<[string, Uint8Array, Flaw['code']]>([
  ['nothing', new Uint8Array(), 'cut-off'],
  ['another type of picture', joined([0x89], codes('PNG\r\n')), 'other-type'],
  [
    'a drawing with a script',
    textOf('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'),
    'other-type',
  ],
  ['a picture with a page behind its end', joined(photo, codes('<script>alert(1)</script>')), 'hidden-data'],
  ['a picture with an archive behind its end', joined(photo, codes('PK\u0003\u0004')), 'hidden-data'],
  ['a picture with a comment', withSegment(photo, 0xfe, ...codes('/*<script>*/')), 'hidden-data'],
  ['a picture that says where it was taken', withSegment(photo, 0xe1, ...codes('Exif\0\0')), 'hidden-data'],
  ['a picture with a profile', withSegment(photo, 0xe2, ...codes('ICC_PROFILE\0')), 'hidden-data'],
  [
    'a picture with a thumbnail',
    withSegment(photo, 0xe0, ...codes('JFIF\0'), 1, 1, 0, 0, 1, 0, 1, 9, 9),
    'hidden-data',
  ],
  [
    'a picture with a table that is a file',
    withSegment(photo, 0xdb, ...new Array<number>(3000).fill(65)),
    'hidden-data',
  ],
  ['a picture of 60,000 by 60,000 pixels', claimingSize(photo, 60_000, 60_000), 'too-many-pixels'],
  ['a picture of no size', claimingSize(photo, 0, 30), 'damaged'],
  ['two frames', withSegment(photo, 0xc0, 8, 0, 9, 0, 9, 1, 1, 17, 0), 'damaged'],
  ['an end at once', Uint8Array.of(0xff, 0xd8, 0xff, 0xd9), 'damaged'],
  ['noise between the segments', joined(photo.subarray(0, 2), [7], photo.subarray(2)), 'damaged'],
  [
    'too many scans',
    joined(photo.subarray(0, photo.length - 2), ...Array.from({ length: 70 }, () => segment(0xda, 1, 1, 0, 0, 63, 0))),
    'damaged',
  ],
])('%s is no picture', (_, bytes, code) => {
  for (const piece of [1, bytes.length || 1]) expect(codeOf(judge('picture', bytes, piece))).toBe(code);
});

test('a picture that is cut off anywhere is refused', () => {
  for (let length = 0; length < photo.length; length += 3)
    expect(['cut-off', 'damaged']).toContain(codeOf(judge('picture', photo.subarray(0, length))));
});

test('what browsers write beside a picture is left out, and the picture is the same', () => {
  const decorated = withSegment(
    withSegment(withSegment(photo, 0xfe, ...codes('made by')), 0xe2, ...codes('ICC_PROFILE\0')),
    0xe1,
    ...codes('Exif\0\0'),
  );
  expect(plainJpeg(decorated)).toEqual(photo);
  expect(plainJpeg(photo)).toEqual(photo);
  expect(jpeg.decode(plainJpeg(decorated)).data).toEqual(jpeg.decode(photo).data);
  expect(plainJpeg(textOf('no picture'))).toEqual(textOf('no picture'));
});

test.each<[string, Uint8Array, string]>([
  ['a recording', wavOf(1001), 'taken'],
  ['one with a list of words', wavOf(10, ...codes('LIST'), 4, 0, 0, 0, ...codes('INFO')), 'taken'],
  ['one with a page behind its end', joined(wavOf(10), codes('<html>')), 'hidden-data'],
  ['one that is cut off', wavOf(1000).subarray(0, 500), 'cut-off'],
  ['one without sound', joined(codes('RIFF'), [4, 0, 0, 0], codes('WAVE')), 'cut-off'],
  ['another container', joined(codes('RIFF'), [4, 0, 0, 0], codes('AVI ')), 'other-type'],
  ['noise between its parts', wavOf(10, 1, 2, 3, 4, 5, 6, 7, 8), 'damaged'],
])('sound: %s', (_, bytes, code) => {
  for (const piece of [1, 3, bytes.length]) expect(codeOf(judge('sound', bytes, piece))).toBe(code);
});

test.each<[string, Uint8Array, string]>([
  ['rows', textOf('seconds;watts\r\n0;61,5\r\n1;64\r\n'), 'taken'],
  ['letters of any language', textOf('Größe,Ω\n1,2'), 'taken'],
  ['a page', textOf(' \n<!doctype html><script>'), 'other-type'],
  ['a page behind a mark of order', joined([0xef, 0xbb, 0xbf], codes('<svg onload=x>')), 'other-type'],
  ['a document', textOf('%PDF-1.7'), 'other-type'],
  ['a script', textOf('#!/bin/sh'), 'other-type'],
  ['zero bytes', Uint8Array.of(65, 0, 66), 'other-type'],
  ['letters of no Unicode', Uint8Array.of(65, 0xe4, 66), 'other-type'],
  ['a letter that is cut off', Uint8Array.of(65, 0xc3), 'cut-off'],
  ['nothing', textOf('  \n'), 'cut-off'],
])('text: %s', (_, bytes, code) => {
  for (const piece of [1, bytes.length]) expect(codeOf(judge('table', bytes, piece))).toBe(code);
});

test('the head of an arrow lies at its tip, whichever way it points', () => {
  const size = { width: 200, height: 100 };
  const [shaft, head] = arrowLines({ shape: 'arrow', from: [0, 0.5], to: [0.5, 0.5] }, size);
  expect(shaft).toEqual([
    [0, 50],
    [100, 50],
  ]);
  expect(head?.[1]).toEqual([100, 50]);
  expect(head?.every(([x]) => x <= 100)).toBe(true);
  const [, up] = arrowLines({ shape: 'arrow', from: [0.5, 1], to: [0.5, 0] }, size);
  expect(up?.every(([, y]) => y >= 0)).toBe(true);
});
