import { randomUUID } from 'node:crypto';
import { title } from '../support/bench';
import { expect, test } from '../support/program';

/** Would run wherever text were taken for markup; the number says which field it came from. */
const script = (n: number) => `<img src=x onerror="document.body.id='hit${n}'">${n}`;
const short = '<b id=hit>';

test('script that stands in any text is shown as it was written, on every view', async ({ page, usedDemo }) => {
  const { url } = usedDemo;
  const put = async (method: 'post' | 'put', path: string, data: object) => {
    const answer = await page.request[method](`${url}/api${path}`, { data });
    expect([path, answer.status() < 300, answer.ok() ? '' : await answer.text()]).toEqual([path, true, '']);
    return answer;
  };
  const [caseId, boardId] = [randomUUID(), randomUUID()];
  const entry = (kind: string, more: object) => ({
    kind,
    id: randomUUID(),
    at: new Date().toISOString(),
    by: script(1),
    ...more,
  });
  // From another bench, so that who wrote it is as hostile as the rest.
  await put('post', '/cases', {
    id: caseId,
    imported: true,
    events: [
      entry('case-opened', {
        machine: {
          name: script(2),
          parts: [
            { id: 'module-1', kind: 'module', name: script(3), slot: short },
            { id: 'drive', kind: 'drive', name: script(4), socket: short },
          ],
          board: {
            slots: [{ name: short, channel: '<b>' }],
            sockets: { sata: [short], m2: [] },
            sharing: [],
          },
        },
        owner: script(5),
        complaint: script(6),
        circumstances: [],
        reported: 'dead',
      }),
      entry('trial-done', { trial: 'start', outcome: 'dead', note: script(7) }),
      entry('note-added', { text: script(8) }),
      entry('board-noted', { board: boardId, model: script(9), revision: short, installed: short }),
      entry('firmware-flashed', {
        method: 'bare-board',
        purpose: 'update',
        from: short,
        to: short,
        end: 'gave-up',
        reason: script(10),
      }),
      entry('case-parked', { waitingFor: script(11) }),
      entry('case-resumed', {}),
      entry('case-closed', { ending: 'returned', fault: null, cause: script(12), done: script(13) }),
    ],
  });
  const parked = randomUUID();
  await put('post', '/cases', {
    id: parked,
    events: [
      entry('case-opened', {
        machine: { name: script(14), parts: [] },
        owner: script(5),
        complaint: script(6),
        circumstances: [],
        reported: null,
      }),
      entry('case-parked', { waitingFor: script(11) }),
    ],
  });
  await put('put', `/boards/${boardId}`, {
    expectedEdition: 0,
    board: {
      format: 'jovial-probe/board',
      version: 1,
      model: script(15),
      setupKey: short,
      secondImage: script(16),
      revisions: [
        {
          revision: short,
          processors: [script(17)],
          releases: [{ version: short, date: '2026-01-01', notes: script(18), fixes: [script(19)], file: script(20) }],
        },
      ],
      flash: {
        port: script(21),
        button: script(22),
        holdSeconds: 3,
        fileName: script(23),
        plugs: [script(24)],
        phases: [],
        worstSeconds: 600,
        gaveUpWithinSeconds: 20,
        harmlessLights: script(25),
      },
      resets: [{ how: 'pins', where: script(26), seconds: 10 }],
      memorySlots: [{ name: short, channel: '<b>' }],
      sharing: [{ filled: short, switchesOff: [short] }],
      stageLights: [{ label: short, link: 'memory' }],
      headers: [
        { name: script(27), purpose: script(28), rows: 1, columns: 1, pins: [{ row: 1, column: 1, label: short }] },
      ],
    },
  });
  await put('post', '/people/invitations', { name: script(29), role: 'reader' });

  const noHit = async (where: string) => {
    const hit = await page.evaluate(
      () => document.body.id + (document.querySelector('img[src="x"], b[id="hit"]')?.outerHTML ?? ''),
    );
    expect([where, hit]).toEqual([where, '']);
  };
  const shown = (n: number) => page.getByText(script(n)).first();
  const visit = async (path: string, fields: readonly number[]) => {
    await page.goto(url + path);
    await title(page).waitFor();
    for (const n of fields) await expect(shown(n)).toBeVisible();
    await noHit(path);
  };
  await visit('/', [2, 5, 11]);
  await visit(`/cases/${parked}`, [14]);
  await visit(`/cases/${caseId}`, [2]);
  await page.getByRole('button', { name: 'Open the whole bench sheet' }).click();
  for (const n of [1, 7, 8]) await expect(shown(n)).toBeVisible();
  await noHit('whole sheet');
  await page.keyboard.press('Escape');
  await visit(`/cases/${caseId}/close`, []);
  const again = entry('case-reopened', { reason: script(30) });
  await put('post', `/cases/${caseId}/events`, { expectedSequence: 8, events: [again] });
  await visit(`/cases/${caseId}/firmware`, []);
  await visit('/boards', [15]);
  await visit(`/boards/${boardId}`, [15]);
  await visit('/shop', [29]);
  for (const part of ['Audit', "Owners' data"]) {
    await page.getByRole('radio', { name: part }).click();
    await noHit(part);
  }
  await page.getByLabel('Owner, as written in the cases').fill(script(5));
  await page.getByRole('button', { name: 'Find' }).click();
  await expect(page.getByRole('region', { name: 'Found' })).toContainText(script(2));
  await noHit('owner found');
});
