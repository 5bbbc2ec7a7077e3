import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

async function choose(page: Page, name: string, text: string): Promise<void> {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Choose a case file' }).click(),
  ]);
  await chooser.setFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
}

test('a case that was saved is taken in again as one of its own; a changed file is told apart', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, { machine: 'Travelling machine', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  await expect(sheet(page)).toContainText('Nothing at all');
  const [, id] = /\/cases\/([0-9a-f-]+)/.exec(page.url()) ?? [];
  await page.goto(`${program.url}/`);
  await page.getByRole('link', { name: 'Case files' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save as JSON lines' }).click();
  const lines = (await readFile(await (await download).path(), 'utf8')).trimEnd().split('\r\n');
  const line = lines.find((text) => text.includes('Travelling machine')) ?? '';

  await choose(page, 'broken.json', '{"format":');
  await expect(page.getByText('broken.json: expected JSON, found something else.')).toBeVisible();
  await choose(page, 'case.json', line.replaceAll('Travelling machine', 'Another machine'));
  await expect(page.getByText('A note in the log will say so.')).toBeVisible();
  await choose(page, 'whole.json', line);
  await expect(page.getByText('Record intact.')).toBeVisible();
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(title(page)).toBeVisible();
  await expect(sheet(page)).toContainText('Nothing at all');
  expect(page.url()).not.toContain(id);

  await page.goto(`${program.url}/cases/files`);
  const calendar = page.waitForEvent('download');
  await page.getByRole('link', { name: /iCalendar/ }).click();
  expect(await readFile(await (await calendar).path(), 'utf8')).toContain('BEGIN:VCALENDAR');
});
