import fc from 'fast-check';
import Papa from 'papaparse';
import { releasesFromCsv, releasesToCsv, type Release } from '..';

const releases: Release[] = [
  { version: 'R1', date: '2024-01-10' },
  {
    version: 'R2',
    date: '2024-05-02',
    minimumPredecessor: 'R1',
    irreversible: true,
    preRelease: true,
    security: true,
    processorsAdded: ['Kestrel 4', 'Kestrel 5'],
    fixes: ['stops with "four" modules, sometimes'],
    file: 'tern_f2.zip',
    bytes: 9_123_456,
    sha256: 'ab'.repeat(32),
    notes: 'Two\nlines, and a comma',
  },
];

test('releases written as CSV come back as they were', () => {
  expect(releasesFromCsv(releasesToCsv(releases))).toEqual({ ok: true, releases });
});

test('any notes come back, and none of them is a formula to a spreadsheet', () => {
  fc.assert(
    fc.property(
      fc.string({ unit: 'grapheme' }).filter((s) => s.trim() === s && s !== '' && !/^'[=+\-@]/.test(s)),
      (notes) => {
        const csv = releasesToCsv([{ version: 'R1', date: '2024-01-10', notes }]);
        const cells = Papa.parse<string[]>(csv).data.flat();
        expect(cells.filter((cell) => /^[=+\-@]/.test(cell))).toEqual([]);
        expect(releasesFromCsv(csv)).toEqual({ ok: true, releases: [{ version: 'R1', date: '2024-01-10', notes }] });
      },
    ),
  );
});

test('columns come in any order and with other capitals, a byte order mark in front', () => {
  expect(releasesFromCsv('\uFEFFDate,VERSION\n2024-01-10,R1\n')).toEqual({
    ok: true,
    releases: [{ version: 'R1', date: '2024-01-10' }],
  });
});

test.each([
  ['version\nF1', 1, 'date'],
  ['version,date,colour\nF1,2024-01-10,red', 1, 'colour'],
  ['version,date\nF1,10.1.2024', 2, 'date'],
  ['version,date\n,2024-01-10', 2, 'version'],
  ['version,date,bytes\nF1,2024-01-10,8 MiB', 2, 'bytes'],
  ['version,date,security\nF1,2024-01-10,maybe', 2, 'security'],
])('%j is refused at row %d, column %s, and nothing is taken', (csv, row, column) => {
  const read = releasesFromCsv(csv);
  expect(read).toMatchObject({ ok: false, problems: [{ row, column }] });
});
