import { goTo, see, sheet, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

test.use({ serviceWorkers: 'allow' });

test('the server stops in the middle of a case: work goes on, the browser is reloaded, and then all is there', async ({
  page,
  program,
}) => {
  test.setTimeout(120_000);
  await takeIn(page, program.url, { machine: 'Outlasts it', reported: 'Nothing at all' });
  await page.evaluate(() => navigator.serviceWorker.ready);
  await see(page, 'Nothing at all');
  await expect(title(page)).toHaveText('Check the rocker switch of the supply');
  const address = page.url();
  // The device keeps what was read a moment later.
  await page.waitForTimeout(1500);
  await program.kill();

  await see(page, 'It is at I');
  await expect(page.getByText('1 entry is kept on this device')).toBeVisible();
  await expect(sheet(page).getByRole('listitem').last()).toContainText('waiting');
  await page.getByLabel('Note').fill('The server is away');
  await page.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByText('2 entries are kept on this device')).toBeVisible();
  await page.getByRole('button', { name: 'Papers' }).click();
  await expect(page.getByText('2 entries not saved yet: a paper made now lacks them.')).toBeVisible();
  await page.keyboard.press('Escape');

  await page.reload();
  await expect(sheet(page).getByRole('listitem')).toHaveCount(4);
  await expect(sheet(page)).toContainText('The server is away');
  await goTo(page, 'Check the mains cord at both ends');
  await see(page, 'Fully in and undamaged');
  await expect(page.getByText('3 entries are kept on this device')).toBeVisible();

  await page.keyboard.press('q');
  await expect(page.getByText('3 entries are kept on this device')).toBeVisible();
  await page.goto(address);
  await expect(page.getByText('3 entries are kept on this device')).toBeVisible();

  await program.start();
  await expect(page.getByText('on this device')).toHaveCount(0, { timeout: 30_000 });
  await expect(sheet(page).getByText('waiting')).toHaveCount(0);
  const id = address.split('/').at(-1) ?? '';
  const kinds = async () => {
    const { events } = (await (await page.request.get(`${program.url}/api/cases/${id}`)).json()) as {
      events: { event: { kind: string } }[];
    };
    return events.map(({ event }) => event.kind);
  };
  // The last may be on its way when nothing waits any more.
  await expect.poll(kinds).toEqual(['case-opened', 'trial-done', 'trial-done', 'note-added', 'trial-done']);
  await page.goto(`${program.url}/`);
  await expect(page.getByRole('link', { name: 'Outlasts it' })).toBeVisible();
});

test('what is kept on the device is removed at the end of a session', async ({ page, program }) => {
  await takeIn(page, program.url, { machine: 'Not for the next', reported: 'Nothing at all' });
  await page.waitForTimeout(1500);
  const kept = () =>
    page.evaluate(
      () =>
        new Promise<string>((resolve) => {
          const opening = indexedDB.open('probe');
          opening.onsuccess = () => {
            const asked = opening.result.transaction('answers').objectStore('answers').getAll();
            asked.onsuccess = () => resolve(JSON.stringify(asked.result));
          };
        }),
    );
  expect(await kept()).toContain('Not for the next');
  // A session of its own, so that the other tests stay signed in.
  await page.context().clearCookies();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await expect.poll(kept).not.toContain('Not for the next');
});
