import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';

/** The words of a PDF, as another program reads them. */
export const paperText = (file: string): string =>
  execFileSync('pdftotext', ['-layout', file, '-']).toString().replaceAll(/\s+/g, ' ');

/** The words of a paper of the case in view. */
export async function paperOf(page: Page, name: string): Promise<string> {
  await page.getByRole('button', { name: 'Papers' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name }).first().click();
  const file = await (await download).path();
  await page.keyboard.press('Escape');
  return paperText(file);
}
