import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fullPower } from '../contracts/testing-power';
import { answerBudget, answerTrace } from './power';

const folder = mkdtempSync(join(tmpdir(), 'probe-power-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const written = (name: string, content: string): string => {
  const path = join(folder, name);
  writeFileSync(path, content);
  return path;
};
const budgetOf = (more: object) => answerBudget(written('power.json', JSON.stringify({ ...fullPower, ...more })));

test('a budget prints the verdict first, the limits, the schools and the weakest lead; too small is no success', () => {
  const { ok, text } = budgetOf({});
  expect(ok).toBe(false);
  expect(text).toMatch(/^Too small: peaks overload its \+12 V /);
  for (const words of [
    'Against the label:',
    'Fit the peaks: ',
    'What would fit: ',
    'Weakest of the leads: 8-pin card plug',
  ])
    expect(text).toContain(words);
});

test('a large supply with leads of its own is a success', () => {
  const leads = [
    { id: 'one', kind: 'output', connector: 'card-8' },
    { id: 'two', kind: 'output', connector: 'card-8' },
    { id: 'in-1', kind: 'input', connector: 'card-8', from: ['one'], consumer: 'card' },
    { id: 'in-2', kind: 'input', connector: 'card-8', from: ['two'], consumer: 'card' },
  ];
  const answer = budgetOf({ supply: { watts: 850, v12Amps: [70] }, years: 0, leads });
  expect([answer.ok, answer.text.split('\n')[0]]).toEqual([true, expect.stringMatching(/^Enough: /)]);
});

test('what is wrong with a file is said with its place', () => {
  expect(() => budgetOf({ consumers: [{ kind: 'fan', typical: [-1, 2] }] })).toThrow(/consumers\.0\.typical\.0: /);
  expect(() => answerBudget(written('no.json', '{'))).toThrow('expected JSON');
  expect(() => answerTrace(written('no.csv', 'time,watts\n0,-2\n'), { label: 400 })).toThrow(/row 2, watts: /);
});

test('a trace says what the supply gave and where it cut out', () => {
  const cut = answerTrace(written('cut.csv', 'time,watts\n0,90\n1,430\n2,0\n'), { label: 430 });
  expect(cut.ok).toBe(false);
  expect(cut.text).toContain('Cut out at 2 s, 430 W at the wall before');
  expect(cut.text).toMatch(/the supply gave \d+ to \d+ W of its 430 W/);
  expect(answerTrace(written('calm.csv', '0,90\n1,95\n'), { label: 430 }).ok).toBe(true);
  expect(answerTrace(written('over.csv', '0,90\n1,700\n'), { label: 400 }).ok).toBe(false);
});
