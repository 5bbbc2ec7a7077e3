import { readFileSync } from 'node:fs';
import { chooseFile } from '../support/firmware';
import { expect, test } from '../support/program';

test('a board is added by hand, its mistakes marked at their fields, its releases read from a table', async ({
  page,
  usedDemo,
}) => {
  await page.goto(`${usedDemo.url}/boards`);
  await page.getByRole('button', { name: 'New board' }).click();
  await page.getByRole('button', { name: 'Save the board' }).click();
  await expect(page.getByLabel('Name, as printed on board and box')).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByText('Something is missing or wrong')).toBeVisible();
  await page.getByLabel('Name, as printed on board and box').fill('Gannet 7');
  await page.getByRole('textbox', { name: 'Revision 1', exact: true }).fill('3');
  await chooseFile(page, 'Import releases from CSV', {
    name: 'releases.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('version,date\n100,31.1.2026\n'),
  });
  await expect(page.getByText('Row 2, date: expected a day as 2026-01-31, found "31.1.2026".')).toBeVisible();
  await chooseFile(page, 'Import releases from CSV', {
    name: 'releases.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'version,date,processors added\n100,2026-01-31,Plover 7\n110,2026-05-01,"Plover 8; Plover 9"\n',
    ),
  });
  await expect(page.getByLabel('Version, row 2')).toHaveValue('110');
  await page.getByLabel('Needs first, row 1').fill('110');
  await page.getByRole('button', { name: 'Save the board' }).click();
  await expect(page.getByText('expected a version earlier in the list')).toBeVisible();
  await page.getByLabel('Needs first, row 1').fill('');
  await page.getByRole('button', { name: 'Add a header' }).click();
  await page.getByLabel('Name, header 1').fill('FRONT');
  await page.getByLabel('For, header 1').fill('Case switch');
  await page.getByLabel('Rows, header 1').fill('1');
  await page.getByLabel('Pins a row, header 1').fill('2');
  await page.getByLabel('Header 1, row 1, pin 1').fill('SWITCH');
  await page.getByRole('button', { name: 'Save the board' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Gannet 7');
  await expect(page.getByRole('list', { name: 'Releases of revision 3, newest first' })).toContainText(
    'Adds Plover 8 and Plover 9.',
  );
  await expect(page.getByRole('img', { name: 'FRONT: row 1 pin 1: SWITCH, row 1 pin 2: no pin' })).toBeVisible();
});

test('a board goes out as a file and comes in again; a file that does not fit is refused at its fields', async ({
  page,
  usedDemo,
}) => {
  await page.goto(`${usedDemo.url}/boards`);
  await page.getByRole('link', { name: 'Tern 4-H' }).click();
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Save as a file' }).click(),
  ]);
  const text = readFileSync(await saved.path(), 'utf8');
  await page.getByRole('link', { name: 'Board book' }).click();
  const broken = text.replace('2023-03-20', 'last spring');
  await chooseFile(page, 'Import a file', {
    name: 'b.json',
    mimeType: 'application/json',
    buffer: Buffer.from(broken),
  });
  await expect(page.getByRole('alert')).toContainText('revisions.0.releases.0.date');
  const renamed = text.replace('Tern 4-H', 'Tern 4-HX');
  await chooseFile(page, 'Import a file', {
    name: 'b.json',
    mimeType: 'application/json',
    buffer: Buffer.from(renamed),
  });
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tern 4-HX');
  await page.getByRole('button', { name: 'Edit' }).click();
  await page.getByRole('button', { name: 'Remove from the book' }).click();
  await page.getByRole('button', { name: 'Yes, remove it from the book' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Board book');
  await expect(page.getByRole('link', { name: 'Tern 4-HX' })).toHaveCount(0);
});

test('of two who edit one board the second is told, and loses nothing of what was typed', async ({
  page,
  usedDemo,
  context,
}) => {
  const other = await context.newPage();
  for (const one of [page, other]) {
    await one.goto(`${usedDemo.url}/boards`);
    await one.getByRole('link', { name: 'Auk 6' }).click();
    await one.getByRole('button', { name: 'Edit' }).click();
  }
  await other.getByLabel('Setup key').fill('F9');
  await other.getByRole('button', { name: 'Save the board' }).click();
  await expect(other.getByRole('button', { name: 'Edit' })).toBeVisible();
  await page.getByLabel('Setup key').fill('F8');
  await page.getByRole('button', { name: 'Save the board' }).click();
  await expect(page.getByRole('alert').first()).toContainText('yours was not saved');
  await expect(page.getByLabel('Setup key')).toHaveValue('F8');
});
