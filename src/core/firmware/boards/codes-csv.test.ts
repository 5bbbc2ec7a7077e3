import { codesFromCsv, codesToCsv, type BoardCode } from '..';

const codes: BoardCode[] = [
  { code: '0B', meaning: 'Waking the processor', stage: 'processor' },
  { code: '3E', meaning: 'Training, "patiently"; two lines\nof it', stage: 'memory', waitSeconds: 180 },
  { code: 'E0', meaning: 'Handed over', stage: 'all-well' },
  { code: '10', meaning: '=asleep' },
];

test('codes written as CSV come back as they were', () => {
  expect(codesFromCsv(codesToCsv(codes))).toEqual({ ok: true, codes });
});

test('a code that lost its zero in a spreadsheet gets it back, and stages are read as they are said', () => {
  expect(codesFromCsv('Meaning,Code,Stage\nBegins,3,All well\n')).toEqual({
    ok: true,
    codes: [{ code: '03', meaning: 'Begins', stage: 'all-well' }],
  });
});

test.each([
  ['code\n10', 1, 'meaning'],
  ['code,meaning\nXY,Begins', 2, 'code'],
  ['code,meaning\n123,Begins', 2, 'code'],
  ['code,meaning\n10,', 2, 'meaning'],
  ['code,meaning,stage\n10,Begins,fan', 2, 'stage'],
  ['code,meaning,wait seconds\n10,Begins,long', 2, 'wait seconds'],
])('%j is refused at row %d, column %s', (csv, row, column) => {
  expect(codesFromCsv(csv)).toMatchObject({ ok: false, problems: [{ row, column }] });
});

test('more codes than two digits can name are refused', () => {
  const many = Array.from({ length: 257 }, () => '10,Begins').join('\n');
  expect(codesFromCsv(`code,meaning\n${many}`)).toMatchObject({ ok: false, problems: [{ row: 258 }] });
});
