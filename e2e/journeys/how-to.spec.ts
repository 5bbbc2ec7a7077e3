import { goTo, see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

/** The card shows how, at this machine and this board. */

test('settings are reset by the pins of this very board, drawn and movement by movement', async ({
  page,
  usedDemo,
}) => {
  await takeIn(page, usedDemo.url, { machine: 'Own pins', reported: 'Fans run, no picture, no light, code or beep' });
  await page.getByRole('link', { name: 'Lights, codes, beeps' }).click();
  await page.getByLabel('Board', { exact: true }).selectOption('Tern 4-M, revision 1.1');
  await page.getByRole('button', { name: 'Back to the tests' }).click();
  await goTo(page, 'Reset the settings to defaults, then start');
  const card = page.getByRole('region', { name: 'Next' });
  await expect(card.getByText('Find CLEAR, two pins under the coin cell.')).toBeVisible();
  await expect(card.getByRole('img', { name: 'Two pins, a blade across both' })).toBeVisible();
  await expect(card.getByLabel('Wait left')).toHaveText('0:10');
  await page.keyboard.press('f');
  await expect(card.getByRole('heading', { name: 'Before' })).toBeVisible();
  await expect(card.getByText('Right when: The next start says that the settings were lost.')).toBeVisible();
  await page.reload();
  await expect(card.getByRole('heading', { name: 'Before' })).toBeVisible();
  await page.keyboard.press('f');
  await expect(card.getByRole('heading', { name: 'Before' })).toBeHidden();
});

test('the pins to bridge are named and drawn from the board book', async ({ page, usedDemo }) => {
  await takeIn(page, usedDemo.url, { machine: 'Own header', reported: 'Nothing at all' });
  await page.getByRole('link', { name: 'Lights, codes, beeps' }).click();
  await page.getByLabel('Board', { exact: true }).selectOption('Tern 4-M, revision 1.1');
  await page.getByRole('button', { name: 'Back to the tests' }).click();
  await goTo(page, 'Bridge the two switch pins');
  await expect(page.getByRole('img', { name: /^FRONT: the two switch pins are in the lower row/ })).toBeVisible();
});

test('a fact of the machine is corrected in the middle, and what was seen is weighed again', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, {
    machine: 'Corrected later',
    reported: 'Fans run, no picture, no light, code or beep',
  });
  await see(page, 'Fans run, no picture, no light, code or beep');
  await page.getByRole('button', { name: 'Correct the machine' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('button', { name: 'Correct it' })).toBeDisabled();
  await dialog.getByRole('checkbox', { name: 'Stage lights' }).check({ force: true });
  await dialog.getByLabel('A part that was forgotten').selectOption('Case fan');
  await dialog.getByRole('button', { name: 'Correct it' }).click();
  await expect(sheet(page)).toContainText('Machine corrected');
  await expect(sheet(page)).toContainText('Has stage lights, also has case fan');
  await page.getByRole('tab', { name: 'List' }).click();
  await expect(page.getByRole('region', { name: 'Machine' })).toContainText('case fan');
  await page.getByRole('button', { name: 'Undo the last entry' }).click();
  await expect(page.getByRole('region', { name: 'Machine' })).not.toContainText('case fan');
});

test('a password is cleared with the jumper drawn, and only with proof on record', async ({ page, usedDemo }) => {
  await page.goto(`${usedDemo.url}/cases/0d3a0c00-0000-4000-8000-000000001000`);
  await expect(title(page)).toHaveText('Ask the owner first');
  await page.getByRole('button', { name: /Note what was agreed/ }).click();
  await page.getByLabel('In which words').fill('Clear it');
  await page.getByLabel('What was shown as proof of ownership').fill('Invoice with the serial number');
  await page.getByRole('button', { name: 'Agreed', exact: true }).click();
  await goTo(page, "Clear the password with the board's own jumper, proof of ownership on record, then start");
  await expect(page.getByRole('img', { name: /^Three pins: the cap moves/ })).toBeVisible();
  await expect(page.getByText("See that the owner's proof is on record. Without it, stop here.")).toBeVisible();
  await see(page, 'Starts and keeps running');
  await expect(sheet(page)).toContainText('Clear the password');
});
