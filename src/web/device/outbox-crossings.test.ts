import { away, device, note, trial } from './testing-outbox';

describe('what its writer has seen goes with each entry', () => {
  test('up to what is shown, and what is on its way from here', async () => {
    const { outbox, seenBy, shown } = device();
    shown.sequence = 5;
    await outbox.begin('p');
    const [a, b] = [note('a'), trial('start')];
    await Promise.all([outbox.write('case', [a]), outbox.write('case', [b])]);
    expect(seenBy).toEqual([
      { sequence: 5, ids: [] },
      { sequence: 5, ids: [a.id] },
    ]);
  });

  test('a note that came behind the start of another does not let the start behind it pass', async () => {
    const { outbox, kept, seenBy, shown, answers, settle, state } = device();
    shown.sequence = 5;
    await outbox.begin('p');
    const theirs = [trial('start')];
    answers.push({ kind: 'conflict', theirs }, { kind: 'stored' }, { kind: 'conflict', theirs });
    const mine = [note('a'), trial('out/drive')] as const;
    const written = [outbox.write('case', [mine[0]]), outbox.write('case', [mine[1]])];
    // What came into view in between does not change what the second had seen when it was written.
    shown.sequence = 7;
    expect(await Promise.all(written)).toEqual([true, false]);
    await settle();
    expect(seenBy.at(-1)).toEqual({ sequence: 5, ids: [mine[0].id] });
    expect(state().troubles['case']).toEqual({ kind: 'conflict', theirs });
    await outbox.appendAfter('case');
    expect(seenBy.at(-1)?.ids).toEqual([mine[0].id, ...theirs.map(({ id }) => id)]);
    expect(kept.size).toBe(0);
  });

  test('a decision that was made holds over a reload', async () => {
    const { outbox, kept, shown, answers } = device();
    shown.sequence = 5;
    await outbox.begin('p');
    const theirs = [trial('start')];
    answers.push({ kind: 'conflict', theirs }, away);
    await outbox.write('case', [trial('out/drive')]);
    await outbox.appendAfter('case');
    const later = device(kept);
    await later.outbox.begin('p');
    expect(later.seenBy).toEqual([{ sequence: 5, ids: theirs.map(({ id }) => id) }]);
  });
});

describe('a device that keeps nothing', () => {
  const full = () => device(new Map(), () => Promise.reject(new Error('QuotaExceededError')));

  test('says which entries go with the tab, and says no more once they are stored', async () => {
    const { outbox, answers, timers, settle, state } = full();
    await outbox.begin('p');
    answers.push(away);
    const a = note('a');
    expect(await outbox.write('case', [a])).toBe(true);
    await settle();
    expect(state()).toMatchObject({ isAway: true, unkept: new Set([a.id]) });
    timers.at(-1)?.work();
    await settle();
    expect(state()).toMatchObject({ waiting: {}, unkept: new Set() });
  });

  test('what it could not keep is sent all the same, in order', async () => {
    const { outbox, sent } = full();
    await outbox.begin('p');
    const [a, b] = [note('a'), note('b')];
    expect(await Promise.all([outbox.write('case', [a]), outbox.write('case', [b])])).toEqual([true, true]);
    expect(sent).toEqual([a.id, b.id]);
  });
});

test('what was refused before does not take the place of a decision that is due, however often all is looked at again', async () => {
  const { outbox, kept, answers, settle, state } = device();
  await outbox.begin('p');
  const theirs = [trial('start')];
  answers.push({ kind: 'refused', message: 'Not allowed' }, { kind: 'conflict', theirs });
  const [a, b] = [note('a'), trial('out/drive')];
  await outbox.write('case', [a]);
  expect(await outbox.write('case', [b])).toBe(false);
  outbox.hurry();
  await settle();
  expect(state()).toMatchObject({ waiting: { case: [b] }, troubles: { case: { kind: 'conflict', theirs } } });
  await outbox.leaveOut('case');
  expect(state().troubles['case']).toMatchObject({ kind: 'refused', events: [a] });
  expect(kept.size).toBe(1);
});

test('what was refused stays to be seen over reloads, is not sent again, and goes when it is dismissed', async () => {
  const { outbox, kept, answers } = device();
  await outbox.begin('p');
  answers.push({ kind: 'refused', message: 'Not allowed' }, { kind: 'refused', message: 'Not allowed' });
  const [a, b] = [note('a'), note('b')];
  expect(await Promise.all([outbox.write('case', [a]), outbox.write('case', [b])])).toEqual([false, false]);
  const later = device(kept);
  await later.outbox.begin('p');
  expect(later.sent).toEqual([]);
  expect(later.state()).toMatchObject({
    waiting: {},
    troubles: { case: { kind: 'refused', message: 'Not allowed', events: [a, b] } },
  });
  // Somebody else at the same device does not see it.
  await later.outbox.begin('q');
  expect(later.state().troubles).toEqual({});
  await later.outbox.begin('p');
  await later.outbox.dismiss('case');
  expect([kept.size, later.state().troubles]).toEqual([0, {}]);
});
