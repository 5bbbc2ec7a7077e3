import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { firstHash, hashEvent, sealOwner } from '../core/casework';
import { eventsOf } from '../core/casework/testing-log';

const folder = mkdtempSync(join(tmpdir(), 'probe-cli-'));
const write = (name: string, content: unknown) => {
  const path = join(folder, name);
  writeFileSync(path, typeof content === 'string' ? content : JSON.stringify(content));
  return path;
};
const probe = (...args: string[]) =>
  spawnSync(process.execPath, ['scripts/probe.mjs', ...args], {
    encoding: 'utf8',
    maxBuffer: 64_000_000,
  });

const deadKiosk = {
  format: 'jovial-probe/case',
  version: 1,
  events: [
    { kind: 'case-opened', machine: { name: 'Kiosk', parts: [] }, complaint: 'Dead', reported: 'dead' },
    { kind: 'trial-done', trial: 'start', outcome: 'dead' },
    { kind: 'trial-done', trial: 'look/rocker/supply', outcome: 'at-o' },
  ],
};

test('diagnose --json prints suspects, links and next trials under the documented keys', () => {
  const run = probe('diagnose', write('dead.json', deadKiosk), '--json');
  expect([run.stderr, run.status]).toEqual(['', 0]);
  const answer = JSON.parse(run.stdout) as {
    suspects: { fault: string; part: string | null; link: string; probability: number }[];
    links: { link: string; probability: number }[];
    nextTrials: {
      trial: string;
      title: string;
      minutes: number;
      outcomes: { outcome: string; probability: number | null }[];
    }[];
  };
  expect(answer.suspects[0]).toMatchObject({ fault: 'rocker-off@supply', part: 'supply', link: 'wall' });
  expect(answer.links.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9);
  expect(answer.links).toHaveLength(12);
  expect(answer.nextTrials[0]).toMatchObject({ trial: 'fix/set-rocker@supply', minutes: expect.any(Number) });
  // What is blocked is not computed.
  const computed = answer.nextTrials.filter(({ outcomes }) =>
    outcomes.every(({ probability }) => probability !== null),
  );
  expect(computed.length).toBeGreaterThan(20);
  for (const { outcomes } of computed)
    expect(outcomes.reduce((sum, { probability }) => sum + (probability ?? 0), 0)).toBeCloseTo(1, 9);
});

test('diagnose prints the same for a person', () => {
  const { stdout } = probe('diagnose', write('dead.json', deadKiosk));
  expect(stdout).toMatch(/Suspects\n\s+\d+ %\s+The rocker switch of the supply is at O/);
  expect(stdout).toContain('Do this now: repair.');
});

test.each<[string, unknown, string]>([
  ['another version', { ...deadKiosk, version: 3 }, 'version:'],
  ['broken JSON', '{"format":', 'expected JSON'],
  [
    'an unknown trial',
    { ...deadKiosk, events: [...deadKiosk.events, { kind: 'trial-done', trial: 'dance', outcome: 'dead' }] },
    'events.3.trial:',
  ],
])('%s is refused on one line with its field and exit code 1', (_what, content, message) => {
  const run = probe('diagnose', write('bad.json', content), '--json');
  expect([run.status, run.stdout]).toEqual([1, '']);
  expect(run.stderr).toContain(message);
});

test('a wrong call says how to call', () => {
  expect(probe('dance')).toMatchObject({ status: 2, stderr: expect.stringContaining('usage: probe diagnose') });
  expect(probe('diagnose', '/no/such/file')).toMatchObject({
    status: 1,
    stderr: expect.stringContaining('expected a readable file'),
  });
});

test('diagnose gives the stop rule, the surprise and the price of every order as well', () => {
  const answer = JSON.parse(probe('diagnose', write('dead.json', deadKiosk), '--json').stdout);
  expect(answer.stopRule).toMatchObject({ costNow: expect.any(Number), saves: expect.any(Number) });
  expect(answer.surprise).toMatchObject({ isUnusual: false });
  expect(answer.strategies).toHaveLength(6);
  expect(answer.repairs[0]).toMatchObject({ repair: 'set-rocker@supply' });
  const text = probe('diagnose', write('dead.json', deadKiosk)).stdout;
  expect(text).toMatch(/Evidence on the first two, in decibans\n {2}The rocker switch of the supply is at O/);
  expect(text).toContain('By other orders, from here');
});

test('export-model writes hypotheses and outcome probabilities that sum to 1', () => {
  const run = probe('export-model', write('dead.json', deadKiosk), '--json');
  const { hypotheses, trials } = JSON.parse(run.stdout) as {
    hypotheses: { id: string; prior: number }[];
    trials: { id: string; minutes: number; outcomes: string[]; probabilities: number[][] }[];
  };
  expect(hypotheses.reduce((sum, { prior }) => sum + prior, 0)).toBeCloseTo(1, 9);
  expect(trials[0]?.probabilities).toHaveLength(hypotheses.length);
  expect(probe('export-model', write('dead.json', deadKiosk), '--json', '--faults', '3')).toMatchObject({ status: 2 });
});

test('simulate plays the same machines for the same seed, and refuses what it cannot do', () => {
  const run = () => probe('simulate', '--strategy', 'best-value', '--cases', '8', '--seed', '4', '--json').stdout;
  const first = run();
  expect(JSON.parse(first)).toMatchObject({ name: 'best-value', cases: 8, seed: 4 });
  expect(run()).toBe(first);
  expect(probe('simulate', '--strategy', 'luck')).toMatchObject({
    status: 2,
    stderr: expect.stringContaining('expected --strategy to be one of best-value'),
  });
  expect(probe('simulate', '--cases', 'many')).toMatchObject({ status: 2 });
});

const sealed = () => {
  const events = eventsOf({ reported: 'dead', trials: [['start', 'dead']] });
  const [opened] = events;
  if (opened?.kind !== 'case-opened') throw new Error('expected the opening event');
  const seal = sealOwner(opened.owner, 'ab'.repeat(16));
  const first = hashEvent(firstHash, 1, opened, seal);
  const chain = [{ hash: first, seal }, { hash: hashEvent(first, 2, events[1] ?? opened) }];
  return { format: 'jovial-probe/case', version: 1, events, chain };
};

test('verify tells an intact record from one that was changed, cut in the middle or never sealed', () => {
  const whole = sealed();
  const good = probe('verify', write('whole.json', whole), '--json');
  expect(good.status).toBe(0);
  expect(JSON.parse(good.stdout)).toEqual({
    verified: true,
    entries: 2,
    last: whole.chain[1]?.hash,
    entry: null,
    why: null,
  });
  const first = whole.chain[0]?.hash ?? '';
  const grouped = first.replaceAll(/(.{16})/g, '$1 ').trim();
  expect(probe('verify', write('whole.json', whole), '--paper', grouped).stdout).toContain('after entry 1 of 2');
  const foreign = probe('verify', write('whole.json', whole), '--paper', 'f'.repeat(64));
  expect([foreign.status, foreign.stdout]).toEqual([1, expect.stringContaining('the paper is NOT of it')]);
  const [opened, start] = whole.events;
  const changed = probe(
    'verify',
    write('changed.json', { ...whole, events: [opened, { ...start, outcome: 'works' }] }),
  );
  expect([changed.status, changed.stdout]).toEqual([1, expect.stringContaining('NOT intact, from entry 2')]);
  const otherOwner = { ...whole, events: [{ ...opened, owner: 'Somebody else' }, start] };
  expect(probe('verify', write('owner.json', otherOwner)).stdout).toContain('the owner is not the one');
  const cut = probe('verify', write('cut.json', { ...whole, events: [opened], chain: whole.chain }), '--json');
  expect(JSON.parse(cut.stdout)).toMatchObject({ verified: false, entry: 2 });
  const plain = probe('verify', write('plain.json', deadKiosk));
  expect([plain.status, plain.stdout]).toEqual([1, expect.stringContaining('no hashes')]);
});

test('replay prints the conversation as the cards say it, and refuses what it cannot play', () => {
  const run = probe('replay', '--fault', 'rocker-off@supply', '--machine', write('dead.json', deadKiosk));
  expect([run.stderr, run.status]).toEqual(['', 0]);
  expect(run.stdout).toContain('Kiosk, with rocker-off@supply');
  expect(run.stdout).toContain('[reproduce] First see the fault for yourself.');
  expect(run.stdout).toMatch(/Seen: It is at O\n {4}Now: \d+ % The rocker switch of the supply is at O/);
  expect(run.stdout).toMatch(/Ends: close\. No fault is left\. \d+ trials, [\d.]+ min\./);
  const json = probe('replay', '--fault', 'card-dead@card', '--json');
  expect((JSON.parse(json.stdout) as { left: string[]; turns: object[] }).turns.length).toBeGreaterThan(3);
  const wrong = probe('replay', '--fault', 'nothing@supply');
  expect([wrong.status, wrong.stderr]).toEqual([
    1,
    'probe: expected a fault of this machine, found "nothing@supply"\n',
  ]);
  expect(probe('replay').stderr).toContain('expected at least one --fault');
});
