import { fullBoard } from '../../../contracts/testing-board';
import { draftOfBoard, emptyBoard, emptyRelease } from './board-draft';
import { boardOfDraft } from './board-of-draft';

test('a board comes back from the form as it went in', () => {
  expect(boardOfDraft(draftOfBoard(fullBoard))).toEqual({ ok: true, board: fullBoard });
});

const good = {
  ...emptyBoard,
  model: 'Auk 6',
  revisions: [
    {
      revision: 'A2',
      processors: 'Plover 60; Plover 80',
      releases: [{ ...emptyRelease, version: '22.3', date: '2022-11-15' }],
    },
  ],
};

test('what is left empty is left out; lists are split', () => {
  const read = boardOfDraft(good);
  expect(read.ok && Object.keys(read.board).sort()).toEqual(['format', 'model', 'revisions', 'version']);
  expect(read.ok && read.board.revisions[0]?.processors).toEqual(['Plover 60', 'Plover 80']);
});

test.each<[Partial<typeof good>, string, RegExp]>([
  [{ model: ' ' }, 'model', /Enter this/],
  [
    { revisions: [{ revision: 'A', processors: '', releases: [{ ...emptyRelease, version: '1', date: '1.2.2026' }] }] },
    'revisions.0.releases.0.date',
    /Enter a date/,
  ],
  [
    {
      hasFlash: true,
      flash: { ...emptyBoard.flash, port: 'anchored', button: 'small', fileName: 'A.BIN', holdSeconds: 'three' },
    },
    'flash.holdSeconds',
    /Enter a number/,
  ],
  [{ resets: [{ how: 'pins', where: 'CLEAR', seconds: '' }] }, 'resets.0.seconds', /Enter a number/],
  [
    {
      revisions: [
        {
          revision: 'A',
          processors: 'x'.repeat(90),
          releases: [{ ...emptyRelease, version: '1', date: '2026-01-01' }],
        },
      ],
    },
    'revisions.0.processors',
    /80/,
  ],
])('%j is refused at its own field', (change, path, message) => {
  const read = boardOfDraft({ ...good, ...change });
  expect(read.ok ? [] : read.issues.map((issue) => issue.path)).toEqual([path]);
  expect(read.ok ? '' : read.issues[0]?.message).toMatch(message);
});

test('names, sticks that it reads and times come back as they were typed', () => {
  const flash = { ...emptyBoard.flash, port: 'p', button: 'b', fileName: 'A.BIN' };
  const typed = {
    ...good,
    menuPath: 'Care, then Write',
    completePc: 'Lapwing Desk Works',
    firstStart: { usualSeconds: '60', worstSeconds: '200' },
    hasFlash: true,
    flash: { ...flash, otherFileNames: 'B.BIN; C.BIN', shortNamesOnly: true, alone: true, noTable: 'bad' },
  };
  const read = boardOfDraft(typed);
  expect(read.ok && read.board).toMatchObject({
    menuPath: 'Care, then Write',
    completePc: 'Lapwing Desk Works',
    firstStart: { usualSeconds: 60, worstSeconds: 200 },
    flash: { otherFileNames: ['B.BIN', 'C.BIN'], reads: { shortNamesOnly: true, alone: true, noTable: 'bad' } },
  });
  expect(read.ok && draftOfBoard(read.board).flash).toMatchObject(typed.flash);
  const backwards = boardOfDraft({ ...typed, firstStart: { usualSeconds: '60', worstSeconds: '20' } });
  expect(backwards.ok ? [] : backwards.issues.map(({ path }) => path)).toEqual(['firstStart.worstSeconds']);
});

test('codes and beeps come back as they were typed, and a wrong one is refused at its field', () => {
  const codes = [{ code: '3E', meaning: 'Training', stage: 'memory', waitSeconds: '180' }];
  const beeps = [{ pattern: 'L S L', meaning: 'No memory', stage: '', repeats: true }];
  const read = boardOfDraft({ ...good, codes, beeps });
  expect(read.ok && draftOfBoard(read.board)).toMatchObject({ codes, beeps });
  const wrong = boardOfDraft({ ...good, codes: [{ ...codes[0], code: 'X1' } as never], beeps });
  expect(wrong.ok ? [] : wrong.issues.map(({ path }) => path)).toEqual(['codes.0.code']);
});

test('a decimal comma is a decimal point', () => {
  const flash = { ...emptyBoard.flash, port: 'p', button: 'b', fileName: 'A.BIN', holdSeconds: '3,5' };
  const read = boardOfDraft({ ...good, hasFlash: true, flash });
  expect(read.ok && read.board.flash?.holdSeconds).toBe(3.5);
});
