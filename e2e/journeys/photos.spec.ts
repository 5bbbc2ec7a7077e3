import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { see, sheet, takeIn } from '../support/bench';
import { attachedFiles, caseIdOf, chooseFiles, photo, strip } from '../support/photos';
import { expect, test } from '../support/program';

test.use({ serviceWorkers: 'allow' });

test('photos taken while the server is away are kept on the device, and there after it is back', async ({
  page,
  program,
}) => {
  test.setTimeout(120_000);
  await takeIn(page, program.url, { machine: 'Seen in the dark', reported: 'Nothing at all' });
  await page.evaluate(() => navigator.serviceWorker.ready);
  await see(page, 'Nothing at all');
  await page.getByRole('link', { name: 'Photos', exact: true }).click();
  await chooseFiles(page, [photo('first.jpg')]);
  await expect(strip(page).getByRole('listitem')).toHaveCount(1);
  await expect(page.getByRole('button', { name: 'Photo 1', exact: true })).toBeVisible();
  await page.waitForTimeout(1500);
  await program.kill();

  await chooseFiles(page, [photo('second.jpg', 5), photo('third.jpg', 9)]);
  await expect(page.getByText('2 photos and files are kept on this device')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Photo 3, not sent yet' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Photo 3, not sent yet' })).toBeVisible();
  await page.getByRole('button', { name: 'Photo 2, not sent yet' }).click();
  await expect(page.getByText('Not sent yet: it is on this device.')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();

  await program.start();
  await page.getByRole('button', { name: 'Try now' }).click();
  await expect(page.getByText('on this device')).toHaveCount(0, { timeout: 30_000 });
  await expect(page.getByRole('button', { name: 'Photo 3', exact: true })).toBeVisible();
  await expect.poll(async () => (await attachedFiles(page, program.url)).length).toBe(3);
  // What is stored is what was drawn here, with nothing beside the picture.
  for (const { file, sha256, bytes } of await attachedFiles(page, program.url)) {
    const answer = await page.request.get(`${program.url}/api/cases/${caseIdOf(page)}/attachments/${file}`);
    const body = await answer.body();
    expect([body.length, createHash('sha256').update(body).digest('hex')]).toEqual([bytes, sha256]);
    expect(body.includes('quay')).toBe(false);
  }
});

test('a photo of an entry is named and drawn on; the case leaves and comes back with it', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Drawn on', reported: 'Nothing at all' });
  await see(page, 'Nothing at all');
  const chooser = page.waitForEvent('filechooser');
  await page.keyboard.press('p');
  await (await chooser).setFiles([photo('switch.jpg')]);
  await expect(sheet(page).getByRole('listitem').last()).toContainText('1 photo');
  await page.getByRole('link', { name: 'Photos', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Start it as it is: Nothing at all' })).toBeVisible();
  await page.getByRole('button', { name: 'Photo 1', exact: true }).click();
  await page.getByLabel('What it shows').fill('The switch is sticky');
  await page.getByRole('radio', { name: 'Arrow' }).click();
  const box = await page.getByRole('group', { name: 'Picture' }).boundingBox();
  if (!box) throw new Error('expected a picture');
  await page.mouse.move(box.x + 0.2 * box.width, box.y + 0.2 * box.height);
  await page.mouse.down();
  await page.mouse.move(box.x + 0.5 * box.width, box.y + 0.5 * box.height, { steps: 4 });
  await page.mouse.up();
  await page.getByRole('button', { name: 'Save and close' }).click();
  await expect(page.getByRole('button', { name: 'Photo 1: The switch is sticky' })).toBeVisible();
  const [kept] = await attachedFiles(page, program.url);

  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save the case with its photos (zip)' }).click();
  const path = await (await download).path();
  await page.goto(`${program.url}/cases/files`);
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'case.zip', mimeType: 'application/zip', buffer: readFileSync(path) });
  await expect(page.getByText('1 in the archive')).toBeVisible();
  await expect(page.getByText('Record intact.')).toBeVisible();
  await page.getByRole('button', { name: 'Take it in' }).click();
  await page.getByRole('link', { name: 'Photos', exact: true }).click();
  await page.getByRole('button', { name: 'Photo 1: The switch is sticky' }).click();
  await expect(page.getByText(kept?.sha256 ?? '-')).toBeVisible();
  await expect
    .poll(() =>
      page
        .getByRole('group', { name: 'Picture' })
        .locator('img')
        .evaluate((img: HTMLImageElement) => img.naturalWidth),
    )
    .toBe(2400);
});

test('what is no photo is refused in words, and a firmware archive leaves only its digest', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, { machine: 'Refuses', reported: 'Nothing at all' });
  await page.getByRole('link', { name: 'Photos', exact: true }).click();
  await chooseFiles(page, [
    { name: 'drawing.svg', mimeType: 'image/svg+xml', buffer: Buffer.from('<svg onload="alert(1)"/>') },
    { name: 'bomb.png', mimeType: 'image/png', buffer: pngClaiming(60_000, 60_000) },
    { name: 'board-R7.zip', mimeType: 'application/zip', buffer: Buffer.from('an archive') },
    { name: 'trace.csv', mimeType: 'text/csv', buffer: Buffer.from('s;W\n0;61\n', 'latin1') },
  ]);
  await expect(page.getByRole('alert')).toContainText('drawing.svg: this browser cannot show it as a photo');
  await expect(page.getByRole('alert')).toContainText('bomb.png: expected at most 120 megapixels, found 60000 × 60000');
  const digest = createHash('sha256').update('an archive').digest('hex');
  await expect(page.getByRole('listitem').filter({ hasText: 'board-R7.zip' })).toContainText(digest);
  await expect(
    page.getByRole('listitem').filter({ hasText: 'trace.csv' }).getByRole('link', { name: 'Save' }),
  ).toBeVisible();
  // What is in view may be on its way still.
  await expect
    .poll(async () => (await attachedFiles(page, program.url)).map(({ as }) => as).sort())
    .toEqual(['digest', 'table']);
});

test('photos chosen at intake are kept with the case', async ({ page, program }) => {
  await takeIn(page, program.url, {
    machine: 'Photographed at the counter',
    reported: 'Nothing at all',
    parts: async () => {
      await page
        .locator('input[type=file][multiple]')
        .setInputFiles([
          photo('front.jpg'),
          photo('label.jpg', 3),
          { name: 'no-photo.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('none') },
        ]);
      await expect(page.getByRole('alert')).toContainText('no-photo.jpg: this browser cannot show it');
      await page.getByRole('button', { name: 'Remove photo 2' }).click();
    },
  });
  await page.getByRole('link', { name: 'Photos', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Photo 1: At intake' })).toBeVisible();
  await expect.poll(async () => (await attachedFiles(page, program.url)).length).toBe(1);
});

/** The head of a PNG file that says a size of itself. */
function pngClaiming(width: number, height: number): Buffer {
  const head = Buffer.alloc(33);
  Buffer.from('89504e470d0a1a0a0000000d49484452', 'hex').copy(head);
  head.writeUInt32BE(width, 16);
  head.writeUInt32BE(height, 20);
  head.set([8, 2, 0, 0, 0], 24);
  return head;
}
