import { closeCase, see, takeIn, title } from '../support/bench';
import { sign } from '../support/photos';
import { paperOf, paperText } from '../support/papers';
import { expect, test } from '../support/program';

test('an estimate is accepted by link, without an account, and the sheet is saved there at the end', async ({
  page,
  program,
  browser,
}) => {
  await takeIn(page, program.url, { machine: 'Seen from home', reported: 'Nothing at all' });
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await page.getByRole('button', { name: 'Estimate' }).click();
  await page.getByRole('dialog').getByLabel('From, with tax').fill('40');
  await page.getByRole('dialog').getByLabel('To, with tax').fill('95');
  await page.getByRole('dialog').getByRole('button', { name: 'Note that it was given' }).click();
  await expect(page.getByText('The owner was told 40 to 95')).toBeVisible();
  await page.getByRole('button', { name: 'Make a link' }).click();
  const address = (await page.locator('code').filter({ hasText: '/owner#' }).textContent()) ?? '';
  expect(address).not.toMatch(/Harbour|Seen/);

  const home = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const phone = await home.newPage();
  await phone.goto(address);
  await expect(title(phone)).toHaveText('Seen from home');
  await expect(phone.getByText('40 to 95')).toBeVisible();
  await expect(phone.getByText('Harbour master')).toHaveCount(0);
  await phone.getByLabel('A word to the shop').fill('Go ahead');
  await phone.getByRole('button', { name: /^Accept up to 95/ }).click();
  await expect(phone.getByText('You accepted it')).toBeVisible();
  await phone.reload();
  await expect(phone.getByRole('button', { name: 'Decline' })).toHaveCount(0);

  await expect(page.getByText(/and accepted it on .* by link/)).toBeVisible();
  await page.getByRole('button', { name: 'Back to the tests' }).click();
  await see(page, 'Starts and keeps running');
  await page.getByRole('button', { name: 'Close case' }).click();
  await closeCase(page, 'Nothing had to be done.');
  await phone.reload();
  const saved = phone.waitForEvent('download');
  await phone.getByRole('button', { name: 'Save what was done (PDF)' }).click();
  expect(paperText(await (await saved).path())).toContain('Seen from home');

  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await page.getByRole('button', { name: /^Take back the link/ }).click();
  await expect(page.getByText('Opened last')).toHaveCount(0);
  await phone.reload();
  await expect(title(phone)).toHaveText('This link does not open a case');
  await home.close();
});

test('a second-hand lot of three parts becomes a list that both sign on the screen', async ({ page, program }) => {
  test.setTimeout(120_000);
  await page.goto(`${program.url}/cases/new`);
  await page.getByText('Parts on the bench, to be proven').click();
  await page.getByLabel('Name for the parts').fill('Lot from the mole');
  await page.getByLabel('Owner', { exact: true }).fill('Mole keeper');
  await page.getByLabel('What is to be proven, and why').fill('Board, processor and memory, bought together.');
  await page.getByRole('button', { name: 'Fewer: Memory modules' }).click();
  await page.getByRole('button', { name: 'Open the case' }).click();
  await expect(title(page)).toHaveText(/^Build-up, step 1/);

  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  for (const [name, serial] of [
    ['board', 'B-1'],
    ['processor', 'P-2'],
    ['module', 'M-3'],
  ] as const) {
    await page.getByRole('button', { name: 'Part in or out' }).click();
    const form = page.getByRole('dialog');
    await form.getByLabel('What happened').selectOption('Bought');
    await form.getByLabel('Which part of the machine').selectOption({ label: name });
    await form.getByLabel('Serial number').fill(serial);
    await form.getByLabel('Paid').fill('100');
    await form.getByLabel('For how many parts').fill('3');
    await form.getByLabel('Seller').fill('Mole flea market');
    await form.getByRole('button', { name: 'Note it' }).click();
  }
  await expect(page.getByRole('row', { name: /in a lot of 3 for 100/ })).toHaveCount(3);
  await page.getByRole('button', { name: 'Back to the tests' }).click();
  await see(page, 'Stops at memory (light, code or beep)');
  await see(page, 'Picture, but no system found');
  await page.keyboard.press('c');
  await closeCase(page, 'All three work.');

  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  for (const line of ['Tested by', 'Received by']) {
    await page.getByRole('button', { name: `Sign: ${line}` }).click();
    await expect(page.getByRole('dialog').getByRole('button', { name: 'Sign', exact: true })).toBeDisabled();
    await sign(page, line);
    await page.getByRole('dialog').getByRole('button', { name: 'Sign', exact: true }).click();
    await expect(page.getByRole('img', { name: `${line}, signed` })).toBeVisible();
  }
  await expect(page.getByText('not signed')).toHaveCount(0);
  const saved = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save as PDF' }).click();
  const text = paperText(await (await saved).path());
  for (const words of ['Lot from the mole', 'module', 'works, not loaded', 'signed on the screen'])
    expect(text).toContain(words);
  expect(text.match(/signed on the screen/g)).toHaveLength(2);
});

test('a part that goes back to its seller takes its evidence along', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Sends it back', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await page.getByRole('button', { name: 'Part in or out' }).click();
  const form = page.getByRole('dialog');
  await form.getByLabel('What happened').selectOption('Returned to the seller');
  await form.getByLabel('Which part of the machine').selectOption({ label: 'supply' });
  await form.getByLabel('Serial number').fill('SN-4711');
  await form.getByRole('button', { name: 'Note it' }).click();
  await page.getByRole('button', { name: 'Back to the tests' }).click();
  const text = await paperOf(page, 'Return evidence');
  for (const words of ['supply', 'SN-4711', 'Start it as it is', 'Nothing at all', 'Tested by:', 'Record'])
    expect(text).toContain(words);
});
