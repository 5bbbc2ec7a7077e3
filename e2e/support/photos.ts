import { expect, type Page } from '@playwright/test';
import { jpegOf, withSegment } from '../../src/core/attachments/testing-jpeg';

/** A photo as a camera writes it: larger than what is kept, with where it was taken beside the picture. */
export const photo = (name: string, seed = 0) => ({
  name,
  mimeType: 'image/jpeg',
  buffer: Buffer.from(withSegment(jpegOf(3000, 2000, seed), 0xe1, ...Buffer.from('Exif\0\0taken at the quay'))),
});

/** Chooses files in the room of photos. */
export async function chooseFiles(
  page: Page,
  files: Parameters<ReturnType<Page['locator']>['setInputFiles']>[0],
): Promise<void> {
  await page.getByRole('heading', { name: 'Photos and files' }).waitFor();
  await page.locator('input[type=file][multiple]').setInputFiles(files);
}

export const strip = (page: Page) => page.getByRole('list', { name: 'Photos' });

/** Signs with a few strokes on the paper of a name. */
export async function sign(page: Page, label: string): Promise<void> {
  const paper = page.getByRole('img', { name: label, exact: true });
  await paper.scrollIntoViewIfNeeded();
  const box = await paper.boundingBox();
  if (!box) throw new Error(`expected a paper to sign on: ${label}`);
  await page.mouse.move(box.x + 30, box.y + 60);
  await page.mouse.down();
  for (let n = 0; n < 12; n++) await page.mouse.move(box.x + 30 + n * 14, box.y + 60 + 25 * Math.sin(n));
  await page.mouse.up();
}

/** The files that the log of a case speaks of. */
export async function attachedFiles(
  page: Page,
  url: string,
): Promise<readonly { file: string; as: string; sha256: string; bytes: number }[]> {
  const id = /\/cases\/([0-9a-f-]{36})/.exec(page.url())?.[1] ?? '';
  const { events } = (await (await page.request.get(`${url}/api/cases/${id}`)).json()) as {
    events: { event: { kind: string; file: string; as: string; sha256: string; bytes: number } }[];
  };
  return events.flatMap(({ event }) => (event.kind === 'file-attached' ? [event] : []));
}

export const caseIdOf = (page: Page): string => {
  const id = /\/cases\/([0-9a-f-]{36})/.exec(page.url())?.[1];
  expect(id).toBeTruthy();
  return id ?? '';
};
