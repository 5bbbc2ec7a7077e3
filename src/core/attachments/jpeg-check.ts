import { isFlaw, type Checked, type ContentCheck, type Flaw } from './checked';
import { MOST_PIXELS } from './kinds';

/** Markers of ITU-T T.81, table B.1. */
const SOI = 0xd8;
const EOI = 0xd9;
const SOS = 0xda;
const DQT = 0xdb;
const DHT = 0xc4;
const DRI = 0xdd;
const APP0 = 0xe0;
const APP14 = 0xee;
/** Baseline, extended and progressive, Huffman-coded. */
const frames: readonly number[] = [0xc0, 0xc1, 0xc2];
const tables: readonly number[] = [DQT, DHT, DRI];
const isRestart = (code: number): boolean => code >= 0xd0 && code <= 0xd7;

/** Four tables of each kind need less; more would be room for something else. */
const longestTable = 2100;
const mostSegments = 400;
/** A progressive picture has about ten. Each costs a decoder a pass over the whole picture. */
const mostScans = 64;
const headLength = 16;

type State = 'start' | 'marker' | 'code' | 'length' | 'segment' | 'scan' | 'in-scan-marker' | 'done';

/** How far a walk has come. */
interface Walk {
  state: State;
  /** Of the segment under way: its marker, its first bytes, and how many bytes are left of it. */
  marker: number;
  head: number[];
  left: number;
  size: Required<Checked> | null;
  segments: number;
  scans: number;
}

/**
 * Walks the segments of a JPEG file (ITU-T T.81, annex B): a picture and nothing else. Comments, camera data, profiles,
 * thumbnails and anything behind the end are refused: they can hold where a photo was taken, or another file.
 */
export function createJpegCheck(): ContentCheck {
  const walk: Walk = { state: 'start', marker: 0, head: [], left: 0, size: null, segments: 0, scans: 0 };
  return {
    feed: (bytes) => feed(walk, bytes),
    end: () =>
      walk.state === 'done' && walk.size
        ? walk.size
        : flaw('cut-off', 'expected a whole picture, found one that is cut off'),
  };
}

/** Passes over what a scan or a long segment holds; all else is looked at byte by byte. */
function feed(walk: Walk, bytes: Uint8Array): Flaw | null {
  for (let at = 0; at < bytes.length;) {
    let problem: Flaw | null = null;
    if (walk.state === 'scan') {
      const next = bytes.indexOf(0xff, at);
      if (next < 0) return null;
      walk.state = 'in-scan-marker';
      at = next + 1;
    } else if (walk.state === 'segment' && walk.head.length >= headLength) {
      const skipped = Math.min(walk.left, bytes.length - at);
      at += skipped;
      walk.left -= skipped;
      problem = walk.left === 0 ? finish(walk) : null;
    } else problem = step(walk, bytes[at++] ?? 0);
    if (problem) return problem;
  }
  return null;
}

function step(walk: Walk, byte: number): Flaw | null {
  switch (walk.state) {
    case 'start':
      walk.head.push(byte);
      if (walk.head.length < 2) return byte === 0xff ? null : notJpeg;
      walk.state = 'marker';
      return byte === SOI ? null : notJpeg;
    case 'marker':
      walk.state = 'code';
      return byte === 0xff ? null : flaw('damaged', 'expected the next segment of the picture, found other data');
    case 'code':
      return byte === 0xff ? null : begin(walk, byte);
    case 'length':
      walk.head.push(byte);
      if (walk.head.length < 2) return null;
      walk.left = (walk.head[0] ?? 0) * 256 + byte - 2;
      walk.head = [];
      walk.state = 'segment';
      return segmentFlaw(walk.marker, walk.left) ?? (walk.left === 0 ? finish(walk) : null);
    case 'segment':
      walk.head.push(byte);
      walk.left -= 1;
      if (walk.left > 0) return null;
      return walk.marker === APP0 && !isPlainJfif(walk.head) ? hidden('a thumbnail or other data') : finish(walk);
    case 'in-scan-marker':
      if (byte === 0xff) return null;
      if (byte !== 0 && !isRestart(byte)) return begin(walk, byte);
      walk.state = 'scan';
      return null;
    case 'done':
      return hidden('data behind the end of the picture');
    case 'scan':
      return null;
  }
}

/** A marker was read. */
function begin(walk: Walk, code: number): Flaw | null {
  if (code === EOI) {
    walk.state = 'done';
    return walk.scans > 0 ? null : flaw('damaged', 'expected a picture, found none between beginning and end');
  }
  walk.marker = code;
  walk.head = [];
  walk.state = 'length';
  walk.segments += 1;
  return walk.segments > mostSegments ? flaw('damaged', `expected at most ${mostSegments} segments, found more`) : null;
}

/** The last byte of a segment was read. */
function finish(walk: Walk): Flaw | null {
  walk.state = walk.marker === SOS ? 'scan' : 'marker';
  if (walk.marker === SOS && (!walk.size || ++walk.scans > mostScans))
    return flaw('damaged', `expected a frame and at most ${mostScans} scans of it, found something else`);
  if (!frames.includes(walk.marker)) return null;
  const frame = sizeOf(walk.head);
  if (isFlaw(frame)) return frame;
  if (walk.size) return flaw('damaged', 'expected one picture, found a second');
  walk.size = frame;
  return null;
}

const flaw = (code: Flaw['code'], message: string): Flaw => ({ code, message });
const hidden = (what: string) => flaw('hidden-data', `expected a picture and nothing else, found ${what}`);
const notJpeg = flaw('other-type', 'expected a JPEG picture, found another type of file');

/** Which segments a plain picture has, and how long they can be. @param length without its own two bytes */
function segmentFlaw(marker: number, length: number): Flaw | null {
  if (length < 0) return flaw('damaged', 'expected a segment with a length, found one without');
  if (marker === SOS || frames.includes(marker))
    return length >= 6 && length <= 20 ? null : flaw('damaged', 'expected the head of a picture, found other data');
  if (tables.includes(marker)) return length <= longestTable ? null : hidden('a table that is too long');
  if (marker === APP0) return length === 14 ? null : hidden('a thumbnail or other data');
  if (marker === APP14) return length === 12 ? null : hidden('other data');
  if (marker > APP0 && marker < APP14 + 2)
    return hidden('data of a camera or a program, for instance where it was taken');
  if (marker === 0xfe) return hidden('a comment');
  return flaw('damaged', `expected a segment of a common JPEG picture, found ${marker.toString(16)}`);
}

/** "JFIF", zero, and at the end a thumbnail of no size (ITU-T T.871, §10.1). */
const isPlainJfif = (head: readonly number[]): boolean =>
  String.fromCharCode(...head.slice(0, 5)) === 'JFIF\0' && head[12] === 0 && head[13] === 0;

/** Bits a sample, height, width, components (ITU-T T.81, B.2.2). */
function sizeOf(head: readonly number[]): Required<Checked> | Flaw {
  const [bits = 0, h1 = 0, h2 = 0, w1 = 0, w2 = 0, components = 0] = head;
  const size = { width: w1 * 256 + w2, height: h1 * 256 + h2 };
  if (bits !== 8 || ![1, 3].includes(components) || size.width === 0 || size.height === 0)
    return flaw('damaged', 'expected 8 bits a sample in grey or colour and a size, found something else');
  return size.width * size.height <= MOST_PIXELS
    ? size
    : flaw('too-many-pixels', `expected at most ${MOST_PIXELS} pixels, found ${size.width} × ${size.height}`);
}
