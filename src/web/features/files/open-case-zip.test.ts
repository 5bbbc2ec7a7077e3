import { zipSync, type Zippable } from 'fflate';
import { eventsOf } from '../../../core/casework/testing-log';
import { openCase } from './open-case-zip';

const id = '00000000-0000-4000-8000-00000000000';
const attached = (n: number, as: string) => ({
  kind: 'file-attached',
  id: `${id}${n}`,
  at: '2026-01-05T10:00:00Z',
  by: 'Elsewhere',
  file: `${id}${n}`,
  as,
  name: 'The switch',
  bytes: 3,
  sha256: String(n).repeat(64),
});
const events = [...eventsOf({}), attached(7, 'picture'), attached(8, 'table'), attached(9, 'digest')];
const log = new TextEncoder().encode(JSON.stringify({ format: 'jovial-probe/case', version: 2, events }));
const archive = (files: Zippable, name = 'case-0001.zip') => new File([Uint8Array.from(zipSync(files))], name);
const photo = Uint8Array.of(1, 2, 3);

test('an archive brings the photos that its log names, and says which are not in it', async () => {
  const files = { 'case-0001.json': log, [`files/001-${id}7.jpg`]: photo, [`files/002-${id}5.jpg`]: photo };
  const opened = await openCase(archive(files));
  if (!opened.ok) throw new Error(opened.problem);
  expect(opened.file.photos).toEqual([
    { file: `${id}7`, as: 'picture', sha256: '7'.repeat(64), bytes: expect.any(Blob) as Blob },
  ]);
  expect([opened.file.missing, opened.file.entries]).toEqual([1, 4]);
});

test('a case file by itself is taken as well', async () => {
  const opened = await openCase(new File([Uint8Array.from(log)], 'case.json'));
  expect(opened).toMatchObject({ ok: true, file: { photos: [], missing: 2 } });
});

test.each([
  ['no archive', new File(['none'], 'case.zip'), /expected a zip archive/],
  ['an archive without a log', archive({ 'files/001.jpg': photo }), /expected one case file .* found 0/],
  ['one with two', archive({ 'a.json': log, 'b.json': log }), /found 2/],
  ['a log in another folder', archive({ '../case.json': log }), /found 0/],
])('%s is refused in words', async (_, file, words) => {
  expect(await openCase(file)).toEqual({ ok: false, problem: expect.stringMatching(words) as string });
});
