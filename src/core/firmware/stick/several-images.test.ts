import { stickFiles } from '..';

const content = (text: string) => new TextEncoder().encode(text);
const image = (version: string, name: string) => ({ version, name, content: content(version) });
const textOf = (bytes: Uint8Array | undefined) => new TextDecoder().decode(bytes);

test('the first image has the name of the board, each keeps its own, and a list says what is what', () => {
  const files = stickFiles({
    boardName: 'TERN.BIN',
    images: [image('R5', 'tern-r5.bin'), image('R10', 'tern-r10.bin')],
  });
  expect(files.map((file) => [file.name, textOf(file.content).split('\r\n')[0]])).toEqual([
    ['TERN.BIN', 'R5'],
    ['tern-r5.bin', 'R5'],
    ['tern-r10.bin', 'R10'],
    ['LIST.TXT', 'What is on this stick'],
  ]);
  expect(textOf(files.at(-1)?.content)).toContain(
    '2. tern-r10.bin: version R10, give it the name TERN.BIN once number 1 is on the board',
  );
});

test('one image needs no list, and one that has the name of the board already is there once', () => {
  expect(stickFiles({ boardName: 'TERN.BIN', images: [image('R5', 'tern.bin')] }).map(({ name }) => name)).toEqual([
    'TERN.BIN',
  ]);
  expect(stickFiles({ boardName: null, images: [image('R5', 'a.cap')] }).map(({ name }) => name)).toEqual(['a.cap']);
  expect(stickFiles({ boardName: 'TERN.BIN', images: [] })).toEqual([]);
});

test('images of the same name get their version before it', () => {
  const names = stickFiles({
    boardName: 'TERN.BIN',
    images: [image('R5', 'TERN.BIN'), image('R10', 'tern.bin'), image('R10', 'Tern.bin'), image('R2/b', 'TERN.BIN')],
  }).map(({ name }) => name);
  expect(names).toEqual(['TERN.BIN', 'R10 tern.bin', 'R10 2 Tern.bin', 'R2-b TERN.BIN', 'LIST.TXT']);
});
