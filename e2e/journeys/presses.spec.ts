import type { Page } from '@playwright/test';
import { sheet, title } from '../support/bench';
import { fingersOf, keysOf, type Hands } from '../support/hands';
import { expect, test, type Program } from '../support/program';
import { closeWith, followAdvice, seeWith, trueMachine } from '../support/true-machine';

/** Whole cases from intake to close, by keyboard alone and by touch alone, with the presses counted. */

interface Intake {
  readonly what?: string;
  readonly machine: string;
  readonly reported: string;
  readonly circumstances?: readonly string[];
  /** Of the board book. */
  readonly board?: string;
}

async function takeInWith(
  page: Page,
  hands: Hands,
  url: string,
  { what, machine, reported, circumstances = [], board }: Intake,
) {
  await page.goto(`${url}/cases/new`);
  await expect(page.getByLabel('Machine', { exact: true })).toBeFocused();
  if (what) await hands.choose(page.getByRole('radio', { name: what }));
  await hands.write(page.getByLabel('Machine', { exact: true }), machine);
  await hands.write(page.getByLabel('Owner', { exact: true }), 'Harbour master');
  await hands.write(page.getByLabel('Complaint'), 'It does not do what it should.');
  await hands.choose(page.getByRole('radio', { name: reported, exact: true }));
  for (const name of circumstances) await hands.choose(page.getByRole('checkbox', { name }));
  if (board) await hands.pick(page.getByLabel('Board', { exact: true }), board);
  const open = page.getByRole('button', { name: 'Open the case' });
  await (board ? hands.press(open) : hands.press(open, 'Enter'));
  await expect(page.getByText(/^(Do this first|Make it safe first)$/)).toBeVisible();
}

const journeys: Readonly<Record<string, (page: Page, hands: Hands, program: Program) => Promise<number>>> = {
  'a dead desktop to a supply swapped, proven and fitted': async (page, hands, { url }) => {
    await takeInWith(page, hands, url, { machine: 'Dead desktop', reported: 'Nothing at all' });
    const bench = await trueMachine(page, 'supply-dead@supply', 4);
    const done = await followAdvice(page, hands, bench);
    expect(done.join('\n')).toContain('Replace the supply');
    await closeWith(page, hands);
    await expect(title(page)).toHaveText('The supply is dead');
    return 30;
  },
  'a small DC machine with liquid, never powered while wet, to a cleaned switch': async (page, hands, { url }) => {
    await takeInWith(page, hands, url, {
      what: 'A small computer on a DC adapter',
      machine: 'Small and wet',
      reported: 'Nothing at all',
      circumstances: ['Liquid spilled'],
    });
    await expect(page.getByText('Make it safe first')).toBeVisible();
    const bench = await trueMachine(page, 'switch-wet@case-switch', 3);
    const done = await followAdvice(page, hands, bench);
    expect(done.findIndex((line) => line.startsWith('Start'))).not.toBe(0);
    expect(done.join('\n')).toContain('Clean the case switch');
    await closeWith(page, hands);
    return 30;
  },
  'a strip-down with one lead left in, and said so': async (page, hands, { url }) => {
    await takeInWith(page, hands, url, { machine: 'One lead left', reported: 'Starts for a moment, then stops' });
    await seeWith(page, hands, 'Starts for a moment, then stops');
    await pickWith(page, hands, 'Strip to the minimum in the case and start');
    const ticks = page.getByRole('group', { name: 'Off, or not fitted' }).getByRole('checkbox');
    for (const tick of await ticks.all()) if ((await tick.getAttribute('value')) !== 'drive') await hands.choose(tick);
    await seeWith(page, hands, 'Starts for a moment, then stops');
    await hands.press(page.getByRole('button', { name: /^Yes, they are still connected/ }));
    await expect(sheet(page)).toContainText('Still connected: drive');
    await closeAs(page, hands, 'Given up');
    return 95;
  },
  'a settings reset with the own pins of the board drawn': async (page, hands, { url }) => {
    await takeInWith(page, hands, url, {
      machine: 'Own pins',
      reported: 'Fans run, no picture, no light, code or beep',
      board: 'Tern 4-M, revision 1.1',
    });
    await seeWith(page, hands, 'Fans run, no picture, no light, code or beep');
    await pickWith(page, hands, 'Reset the settings to defaults, then start');
    await expect(page.getByText('Find CLEAR, two pins under the coin cell.')).toBeVisible();
    await expect(page.getByRole('img', { name: 'Two pins, a blade across both' })).toBeVisible();
    await seeWith(page, hands, 'Starts and keeps running');
    await closeAs(page, hands, 'Repaired');
    return 122;
  },
  'a password that is cleared with the jumper, with proof on record': async (page, hands, { url }) => {
    await takeInWith(page, hands, url, {
      machine: 'Locked',
      reported: 'Warning about settings or a changed processor',
    });
    await seeWith(page, hands, 'Warning about settings or a changed processor');
    await pickWith(page, hands, 'Try to enter setup');
    await seeWith(page, hands, 'It asks for a password');
    const clearing = "Clear the password with the board's own jumper, proof of ownership on record, then start";
    await expect(title(page)).toHaveText('Ask the owner first');
    await hands.press(page.getByRole('button', { name: /Note what was agreed/ }), '1');
    await hands.write(page.getByLabel('In which words'), 'Clear it');
    await hands.write(page.getByLabel('What was shown as proof of ownership'), 'Invoice');
    await hands.press(page.getByRole('button', { name: 'Agreed', exact: true }));
    await expect(title(page)).toHaveText(clearing);
    await expect(page.getByRole('img', { name: /^Three pins: the cap moves/ })).toBeVisible();
    await seeWith(page, hands, 'Starts and keeps running');
    await closeAs(page, hands, 'Repaired');
    return 60;
  },
  'parts on the bench with two supplies to a list of verdicts': async (page, hands, { url }) => {
    await page.goto(`${url}/cases/new`);
    await hands.choose(page.getByRole('radio', { name: 'Parts on the bench, to be proven' }));
    await hands.write(page.getByLabel('Name for the parts'), 'Two supplies');
    await hands.write(page.getByLabel('Owner', { exact: true }), 'Lamp room');
    await hands.write(page.getByLabel('What is to be proven, and why'), 'Bought used.');
    await hands.more('Extra supplies to test');
    await hands.press(page.getByRole('button', { name: 'Open the case' }));
    await expect(page).toHaveURL(/cases\/[0-9a-f-]{36}$/);
    const bench = await trueMachine(page, 'supply-dead@supply', 4);
    await followAdvice(page, hands, bench);
    await closeWith(page, hands);
    const results = page.getByRole('table', { name: 'Parts' });
    await expect(results.getByRole('row', { name: /^supply 1/ })).toContainText('fails');
    await expect(results.getByRole('row', { name: /^supply 2/ })).toContainText('works');
    return 80;
  },
  'a fact of the machine corrected in the middle': async (page, hands, { url }) => {
    await takeInWith(page, hands, url, {
      machine: 'Corrected later',
      reported: 'Fans run, no picture, no light, code or beep',
    });
    await seeWith(page, hands, 'Fans run, no picture, no light, code or beep');
    await hands.press(page.getByRole('button', { name: 'Correct the machine' }));
    const dialog = page.getByRole('dialog');
    await hands.choose(dialog.getByRole('checkbox', { name: 'Stage lights' }));
    await hands.press(dialog.getByRole('button', { name: 'Correct it' }));
    await expect(sheet(page)).toContainText('Has stage lights');
    await closeAs(page, hands, 'Given up');
    return 66;
  },
};

/** Finds another test by its name and takes it in hand. */
async function pickWith(page: Page, hands: Hands, trial: string): Promise<void> {
  await page.getByRole('region', { name: 'Next' }).and(page.locator('[aria-busy=false]')).waitFor();
  if ((await title(page).textContent()) === trial) return;
  const others = page.getByRole('region', { name: 'Suspects and other tests' });
  await hands.press(others.getByRole('button', { name: /^Show all/ }), '/');
  await hands.write(others.getByRole('searchbox', { name: 'Search' }), trial);
  const folded = others.getByRole('button', { name: /without new information$/ });
  const pick = others.getByRole('button').filter({ has: page.getByText(trial, { exact: true }) });
  await pick.or(folded).first().waitFor();
  if (!(await pick.isVisible())) await hands.press(folded);
  await hands.press(pick);
  await expect(title(page)).toHaveText(trial);
}

/** Closes with an ending of one's own and what was done. */
async function closeAs(page: Page, hands: Hands, ending: string): Promise<void> {
  const own = page.getByRole('main').getByRole('button', { name: 'Close the case' });
  const always = page.getByRole('button', { name: 'Close case' });
  await page.getByRole('region', { name: 'Next' }).and(page.locator('[aria-busy=false]')).waitFor();
  await hands.press(own.or(always).first(), 'c');
  const close = page.getByRole('button', { name: 'Close the case' });
  await expect(page).toHaveURL(/\/close$/);
  await close.waitFor();
  await hands.choose(page.getByRole('radio', { name: ending }));
  const done = page.getByLabel('What was done');
  if ((await done.inputValue()) === '') await hands.write(done, 'As the log says.');
  await hands.press(close);
  await expect(page.getByText('Closed by')).toBeVisible();
}

for (const [name, play] of Object.entries(journeys))
  for (const way of ['keyboard', 'touch'] as const)
    test.describe(way, () => {
      test.use(way === 'touch' ? { hasTouch: true, viewport: { width: 820, height: 1180 } } : {});
      test(`${name}, by ${way}`, async ({ page, usedDemo: program }) => {
        const hands = way === 'touch' ? fingersOf(page) : keysOf(page);
        const most = await play(page, hands, program);
        await expect(sheet(page)).toBeVisible();
        test.info().annotations.push({ type: 'presses', description: `${hands.presses}` });
        expect(hands.presses).toBeLessThanOrEqual(most);
      });
    });
