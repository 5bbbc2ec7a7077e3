import type { Attachment } from '../../../../core/casework';
import { markOf, pointAt } from './draw-mark';
import { photosIn, shownFiles } from './shown-files';
import { draftOf, isChanged } from './use-viewer';

const stored: Attachment = {
  entry: 'e',
  file: 'f',
  as: 'picture',
  name: 'The switch',
  bytes: 10,
  sha256: 'a'.repeat(64),
  at: '2026-01-05T10:00:00Z',
  by: 'Runa',
  size: { width: 400, height: 300 },
  of: null,
  signs: null,
  showsOwner: false,
  marks: [],
};
const queued = (file: string, as: 'picture' | 'table' = 'picture') => ({
  key: file,
  personId: 'p',
  caseId: 'case',
  bytes: new Blob(['x']),
  preview: null,
  event: {
    kind: 'file-attached' as const,
    id: `entry of ${file}`,
    at: stored.at,
    by: 'Runa',
    file,
    as,
    name: file,
    bytes: 1,
    sha256: '',
  },
});

test('what waits stands behind what is stored, and never twice', () => {
  const files = shownFiles([stored], [queued('f'), queued('g'), queued('t', 'table')]);
  expect(files.map(({ file, queued: waits }) => [file, waits !== null])).toEqual([
    ['f', false],
    ['g', true],
    ['t', true],
  ]);
  expect(photosIn(files).map(({ file }) => file)).toEqual(['f', 'g']);
});

const wide = { ratio: 0.5, text: ' sticky ' };
test.each([
  [
    'an arrow to where the drag ends',
    'arrow',
    [0.1, 0.1],
    [0.4, 0.2],
    { shape: 'arrow', from: [0.1, 0.1], to: [0.4, 0.2] },
  ],
  ['no arrow of a mere touch', 'arrow', [0.1, 0.1], [0.105, 0.1], null],
  [
    'a circle as wide as the drag, on a flat picture too',
    'circle',
    [0.5, 0.5],
    [0.5, 0.9],
    { shape: 'circle', at: [0.5, 0.5], radius: 0.2 },
  ],
  ['words where they are pressed', 'text', [0.3, 0.3], [0.3, 0.3], { shape: 'text', at: [0.3, 0.3], text: 'sticky' }],
] as const)('%s', (_, tool, from, to, mark) => {
  expect(markOf(tool, { from, to }, wide)).toEqual(mark);
});

test('without words nothing is written, and a drag that leaves the picture stays in it', () => {
  expect(markOf('text', { from: [0, 0], to: [0, 0] }, { ratio: 1, text: '  ' })).toBeNull();
  const place = { left: 100, top: 50, width: 200, height: 100 };
  expect(pointAt({ clientX: 150, clientY: 100 }, place)).toEqual([0.25, 0.5]);
  expect(pointAt({ clientX: 900, clientY: -20 }, place)).toEqual([1, 0]);
});

test('only what differs is worth an entry; an emptied name is no change', () => {
  const [shown] = shownFiles([stored], []);
  if (!shown) throw new Error('expected a photo');
  const draft = draftOf(shown);
  expect(isChanged(draft, shown)).toBe(false);
  expect(isChanged({ ...draft, name: '  ' }, shown)).toBe(false);
  expect(isChanged({ ...draft, name: 'The lead' }, shown)).toBe(true);
  expect(isChanged({ ...draft, showsOwner: true }, shown)).toBe(true);
  expect(isChanged({ ...draft, marks: [{ shape: 'text', at: [0, 0], text: 'x' }] }, shown)).toBe(true);
});
