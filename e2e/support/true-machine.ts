import { expect, type Locator, type Page } from '@playwright/test';
import { diagnoseCase, foldStored, type CaseEvent, type CaseState } from '../../src/core/casework';
import { diceOf } from '../../src/core/practice';
import { machineWithFaults } from '../../src/core/practice/faulty-machine';
import type { Trial } from '../../src/core/trials';
import { createPracticeBench, doTrial, trialAt, type PracticeBench } from '../../src/core/practice/practice-bench';
import { title } from './bench';
import type { Hands } from './hands';

/** The case in view as its file has it. */
export async function caseInView(page: Page): Promise<CaseState> {
  const [, id] = /\/cases\/([0-9a-f-]+)/.exec(page.url()) ?? [];
  const answer = await page.request.get(new URL(`/api/cases/${id}/file`, page.url()).href);
  const { events } = (await answer.json()) as { events: readonly CaseEvent[] };
  const folded = foldStored(events);
  if (!folded.ok) throw new Error(folded.problem.message);
  return folded.state;
}

/** A machine with a fault that answers every test as such a machine does. */
export async function trueMachine(page: Page, fault: string, seed: number): Promise<PracticeBench> {
  const { machine, circumstances, opened } = await caseInView(page);
  const made = machineWithFaults({ machine, circumstances }, [fault], diceOf(seed));
  if (!made.ok) throw new Error(made.problem);
  expect(made.faulty.complaint, 'the complaint that was taken in').toBe(opened.reported ?? made.faulty.complaint);
  return createPracticeBench(made.faulty);
}

const settled = (page: Page) =>
  page.getByRole('region', { name: 'Next' }).and(page.locator('[aria-busy=false]')).waitFor();

async function confirmWith(page: Page, hands: Hands): Promise<void> {
  const confirm = page.getByRole('button', { name: /^Done and safe/ });
  if (await confirm.isVisible()) await hands.press(confirm, 'g');
}

/** What a meter would read for an outcome. */
function readingFor({ observe }: Trial, outcome: string): string | null {
  if (observe.kind !== 'measure') return null;
  const { lowVolts, highVolts, nominalVolts } = observe.quantity;
  const readings: Readonly<Record<string, number>> = { low: lowVolts - 0.4, high: highVolts + 0.4, absent: 0 };
  return (readings[outcome] ?? nominalVolts).toFixed(2);
}

/** Confirms the cautions where they stand before the outcomes, and presses one. */
export async function seeWith(page: Page, hands: Hands, outcome: string): Promise<void> {
  await settled(page);
  await confirmWith(page, hands);
  const group = page.getByRole('group', { name: 'What do you see?' });
  const named = (within: Locator) =>
    within.getByRole('button').filter({ has: page.getByText(outcome, { exact: true }) });
  const large = named(group);
  if (await large.isVisible()) {
    const key = (await large.textContent())?.charAt(0);
    return hands.press(large, key);
  }
  await hands.press(group.getByRole('button', { name: 'Something else' }));
  await hands.press(named(page.getByRole('dialog')));
}

/** Types what the meter reads, its first figure anywhere on the screen. */
async function readWith(page: Page, hands: Hands, reading: string): Promise<void> {
  await settled(page);
  await confirmWith(page, hands);
  await page.keyboard.type(reading);
  await expect(page.getByLabel('Reading in volts')).toHaveValue(reading);
  await hands.press(page.getByRole('button', { name: 'Record' }), 'Enter');
}

/** Follows the advice on the card until there is nothing left to do; returns the titles, each with what was seen. */
export async function followAdvice(page: Page, hands: Hands, bench: PracticeBench): Promise<string[]> {
  const done: string[] = [];
  for (;;) {
    await settled(page);
    const state = await caseInView(page);
    const { trial: advised } = diagnoseCase(state).advice;
    if (!advised) return done;
    await expect(title(page)).toHaveText(advised.title);
    const trial = trialAt(bench, advised.id);
    const isFirst = bench.steps.length === 1 && trial.id === 'start';
    const seen = doTrial(bench, trial, isFirst ? bench.faulty.complaint : null);
    const label = trial.outcomes.find(({ id }) => id === seen)?.label ?? seen;
    done.push(`${trial.title}: ${label}`);
    const before = state.entries.length;
    const reading = readingFor(trial, seen);
    if (reading !== null && hands.types) await readWith(page, hands, reading);
    else await seeWith(page, hands, label);
    await expect.poll(async () => (await caseInView(page)).entries.length).toBeGreaterThan(before);
    if (done.length > 40) throw new Error(`expected an end, found ${done.join('\n')}`);
  }
}

/** From the card that says it is done to the closed case, as the form proposes it. */
export async function closeWith(page: Page, hands: Hands): Promise<void> {
  await hands.press(page.getByRole('main').getByRole('button', { name: 'Close the case' }), 'c');
  await expect(title(page)).toContainText('Close');
  const close = page.getByRole('button', { name: 'Close the case' });
  await close.waitFor();
  await hands.press(close, 'Enter');
  await expect(page.getByText('Closed by')).toBeVisible();
}
