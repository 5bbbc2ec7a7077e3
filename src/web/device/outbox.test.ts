import type { CaseEvent } from '../../core/casework';
import type { Batch } from './outbox';
import { away, device, note, trial } from './testing-outbox';

test('what is written is kept first, sent in order, and leaves the device once it is stored', async () => {
  const { outbox, kept, sent, state } = device();
  await outbox.begin('p');
  const [a, b] = [note('a'), note('b')];
  const both = [outbox.write('case', [a]), outbox.write('case', [b])];
  expect(state().waiting['case']).toEqual([a, b]);
  expect(await Promise.all(both)).toEqual([true, true]);
  expect(sent).toEqual([a.id, b.id]);
  expect([kept.size, state().waiting]).toEqual([0, {}]);
});

test('nothing is sent before the device has kept it, nor before what was written ahead of it', async () => {
  const held: (() => void)[] = [];
  const { outbox, sent, settle, state } = device(new Map(), () => new Promise((resolve) => held.push(resolve)));
  await outbox.begin('p');
  const [a, b, c] = [note('a'), note('b'), note('c')];
  const first = outbox.write('case', [a]);
  held[0]?.();
  await first;
  const rest = [outbox.write('case', [b]), outbox.write('case', [c])];
  held[2]?.();
  outbox.hurry();
  await settle();
  expect([sent, state().waiting['case']]).toEqual([[a.id], [b, c]]);
  held[1]?.();
  expect(await Promise.all(rest)).toEqual([true, true]);
  expect(sent).toEqual([a.id, b.id, c.id]);
});

test('while nobody answers entries wait, work goes on, and all is sent in order when somebody does', async () => {
  const { outbox, kept, sent, answers, timers, settle, state } = device();
  await outbox.begin('p');
  answers.push(away, away, away);
  const [a, b] = [trial('start'), trial('out/drive')];
  expect(await outbox.write('case', [a])).toBe(true);
  expect(await outbox.write('case', [b])).toBe(true);
  expect(state()).toMatchObject({ isAway: true, waiting: { case: [a, b] } });
  expect(kept.size).toBe(2);
  await settle();
  timers.at(-1)?.work();
  await settle();
  expect(timers.at(-1)?.ms).toBeGreaterThan(timers[0]?.ms ?? 0);
  outbox.hurry();
  await settle();
  expect(sent.slice(-2)).toEqual([a.id, b.id]);
  expect(state()).toMatchObject({ isAway: false, waiting: {} });
  expect(kept.size).toBe(0);
});

test('a closed tab loses nothing: the next visit of the same person sends it, that of another does not', async () => {
  const first = device();
  await first.outbox.begin('runa');
  first.answers.push(away);
  const a = note('a');
  await first.outbox.write('case', [a]);
  const other = device(first.kept);
  await other.outbox.begin('ebbe');
  expect([other.sent, other.state().waiting, first.kept.size]).toEqual([[], {}, 1]);
  const again = device(first.kept);
  await again.outbox.begin('runa');
  await again.settle();
  expect(again.sent).toEqual([a.id]);
  expect(first.kept.size).toBe(0);
});

test('two windows of one browser keep their entries beside one another', async () => {
  const one = device();
  const two = device(one.kept);
  await one.outbox.begin('p');
  await two.outbox.begin('p');
  one.answers.push(away);
  two.answers.push(away);
  await one.outbox.write('case', [note('a')]);
  await two.outbox.write('case', [note('b')]);
  expect(one.kept.size).toBe(2);
  two.outbox.hurry();
  await two.settle();
  expect([two.sent.length, one.kept.size]).toEqual([3, 0]);
});

test('what is written while the device is being read is not taken up twice', async () => {
  const { outbox, answers, settle, state } = device();
  await outbox.begin('p');
  answers.push(away, away, away);
  outbox.hurry();
  const a = note('a');
  void outbox.write('case', [a]);
  outbox.hurry();
  await settle();
  expect(state().waiting['case']).toEqual([a]);
});

test('what is refused is taken back and said; what was written behind it is judged on its own', async () => {
  const { outbox, kept, answers, state } = device();
  await outbox.begin('p');
  answers.push({ kind: 'refused', message: 'The case is closed.' });
  const [a, b] = [trial('start'), note('b')];
  expect(await Promise.all([outbox.write('case', [a]), outbox.write('case', [b])])).toEqual([false, true]);
  expect(state()).toMatchObject({ waiting: {}, troubles: { case: { kind: 'refused', events: [a] } } });
  // It stays on the device to be seen.
  expect([...kept.values()]).toMatchObject([{ events: [a], refused: 'The case is closed.' }]);
});

test.each<[string, CaseEvent, CaseEvent]>([
  ['mine is only a note', trial('out/drive'), note('mine')],
  ['theirs is only a look', trial('look/rocker/supply'), trial('out/drive')],
])('entries that cross are put in order by themselves where %s, and it is said', async (_what, theirs, mine) => {
  const { outbox, sent, answers, state } = device();
  await outbox.begin('p');
  answers.push({ kind: 'conflict', theirs: [theirs] });
  expect(await outbox.write('case', [mine])).toBe(true);
  expect(sent).toEqual([mine.id, mine.id]);
  expect(state().troubles['case']).toEqual({ kind: 'appended-after', theirs: [theirs] });
});

test('where both changed the machine a person decides: mine behind theirs, or not at all', async () => {
  for (const choice of ['appendAfter', 'leaveOut'] as const) {
    const { outbox, kept, sent, answers, settle, state } = device();
    await outbox.begin('p');
    const theirs = trial('out/drive');
    answers.push({ kind: 'conflict', theirs: [theirs] });
    const mine = trial('out/module-2');
    expect(await outbox.write('case', [mine])).toBe(false);
    expect(await outbox.write('case', [note('behind it')])).toBe(false);
    expect(await outbox.write('another', [note('elsewhere')])).toBe(true);
    expect(state()).toMatchObject({ troubles: { case: { kind: 'conflict', theirs: [theirs] } } });
    expect([state().waiting['case']?.length, kept.size]).toEqual([2, 2]);
    await outbox[choice]('case');
    await settle();
    expect([state().waiting, state().troubles, kept.size]).toEqual([{}, {}, 0]);
    expect(sent.length).toBe(choice === 'appendAfter' ? 4 : 2);
  }
});

test('a device that can keep nothing still sends', async () => {
  const { outbox, sent } = device({
    values: () => {
      throw new Error('no storage');
    },
    set: () => {
      throw new Error('no storage');
    },
    delete: () => true,
  } as unknown as Map<string, Batch>);
  await outbox.begin('p').catch(() => undefined);
  expect(await outbox.write('case', [note('a')])).toBe(true);
  expect(sent).toHaveLength(1);
});
