import { confirmCautions, pickInstead, see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

test('a dead machine from intake to a proven, closed case, with an undo on the way', async ({ page, program }) => {
  await takeIn(page, program.url, {
    machine: 'Tide-gauge logger',
    reported: 'Nothing at all',
    circumstances: ['Moved recently'],
  });
  await expect(title(page)).toHaveText('Start it as it is');
  await see(page, 'Nothing at all');

  await expect(title(page)).toHaveText('Check the rocker switch of the supply');
  await see(page, 'It is at I');
  await expect(sheet(page)).toContainText('It is at I');
  await page.getByRole('button', { name: 'Undo the last entry' }).click();
  await expect(sheet(page)).toContainText('crossed out');
  await expect(title(page)).toHaveText('Check the rocker switch of the supply');

  await see(page, 'It is at O');
  await expect(title(page)).toHaveText('Set the rocker switch of the supply to I, then start');
  await expect(page.getByText('Fix this')).toBeVisible();
  // Nothing inside was touched: the start that works is proof enough.
  await see(page, 'Starts and keeps running');
  await expect(title(page)).toHaveText('The machine works');

  await page.getByRole('main').getByRole('button', { name: 'Close the case' }).click();
  await expect(page.getByRole('radio', { name: /The rocker switch of the supply is at O/ })).toBeChecked();
  await expect(page.getByText('Proof: supported')).toBeVisible();
  await page.getByRole('button', { name: 'Close the case' }).click();
  await expect(title(page)).toHaveText('The rocker switch of the supply is at O');

  await page.keyboard.press('q');
  await expect(page.getByRole('listitem').filter({ hasText: 'Tide-gauge logger' })).toContainText('Closed');
});

test('a cause is proven by away, back, away, and its evidence unfolds', async ({ page, program }) => {
  await takeIn(page, program.url, {
    machine: 'Museum kiosk',
    reported: 'USB over-current warning on screen, then it stops',
  });
  await see(page, 'USB over-current warning on screen, then it stops');
  await pickInstead(page, 'Start without the front USB lead');
  await see(page, 'Starts and keeps running');
  await expect(title(page)).toHaveText('Put the front USB lead back and start');
  await expect(page.getByText('Prove it')).toBeVisible();
  await see(page, 'USB over-current warning on screen, then it stops');
  await expect(title(page)).toHaveText('Leave the front USB lead unplugged, agreed with the owner, then start');
  await see(page, 'Starts and keeps running');

  const suspect = page.getByRole('button', { name: /The ports of the front USB lead/ });
  await suspect.click();
  await expect(page.getByRole('region', { name: 'Suspects and other tests' })).toContainText('The log: proven.');
  await expect(page.getByText(/for: Start without the front USB lead: starts and keeps running/).first()).toBeVisible();

  await page.keyboard.press('c');
  await expect(page.getByText('Proof: proven')).toBeVisible();
  await expect(page.getByRole('radio', { name: 'Workaround, agreed with the owner' })).toBeChecked();
});

test('a measurement is graded as it is typed and refused when it is no number', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Counter 3', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await page.getByRole('button', { name: /^Show all/ }).click();
  await pickInstead(page, 'Measure +5 VSB at the 24-pin plug');
  await confirmCautions(page);
  const field = page.getByLabel('Reading in volts');
  await field.fill('plenty');
  await page.getByRole('button', { name: 'Record', exact: true }).click();
  await expect(page.getByText('Enter volts between')).toBeVisible();
  await field.fill('4,31');
  await expect(page.getByText('Too low. Limits 4.75 to 5.25 V.')).toBeVisible();
  await page.getByRole('button', { name: 'Record', exact: true }).click();
  await expect(sheet(page)).toContainText('4.31 V: too low');
});

test('a machine that was here before is taken over with what was noted of its parts, and what is agreed is readable', async ({
  page,
  usedDemo,
}) => {
  await page.goto(`${usedDemo.url}/cases/0d3a0c00-0000-4000-8000-000000000500`);
  await page.locator('[data-part="supply"] .body').click();
  await page.getByRole('button', { name: 'Note what it is' }).click();
  await page.getByLabel('Make').fill('Limpet works');
  await page.getByLabel('Rating').fill('450 W');
  await page.getByRole('button', { name: 'Note', exact: true }).click();
  await expect(sheet(page)).toContainText('Limpet works and 450 W');

  await page.goto(`${usedDemo.url}/cases/new`);
  await page.getByLabel('Owner', { exact: true }).fill('harbour master');
  await page.getByRole('button', { name: 'Copy 0005 Tide-gauge logger' }).click();
  await expect(page.getByLabel('Machine', { exact: true })).toHaveValue('Tide-gauge logger');
  await expect(page.getByText(/^As in case 0005: supply, module 1, module 2, graphics card/)).toBeVisible();
  await page.getByLabel('Complaint').fill('Again.');
  await page.getByRole('radio', { name: 'Nothing at all' }).check({ force: true });
  await page.getByLabel('Contact').fill('the blue door, after six');
  await page.getByLabel('Handed in with it').fill('one bag');
  await page.getByLabel('May cost up to').fill('many');
  await page.getByLabel('Data on it').selectOption('Ask before anything is lost');
  await page.getByRole('button', { name: 'Open the case' }).click();
  await expect(page.getByLabel('May cost up to')).toBeFocused();
  await page.getByLabel('May cost up to').fill('80');
  await page.getByRole('button', { name: 'Open the case' }).click();

  await expect(title(page)).toHaveText('Start it as it is');
  await page.getByRole('button', { name: 'Owner and complaint' }).click();
  const told = page.getByRole('dialog', { name: 'Owner and complaint' });
  for (const words of ['the blue door, after six', 'one bag', '80', 'Ask before anything is lost'])
    await expect(told).toContainText(words);
  await page.keyboard.press('Escape');
  await page.locator('[data-part="supply"] .body').click();
  await expect(page.getByRole('dialog', { name: 'supply' })).toContainText('Limpet works · 450 W');
});
