import { randomUUID } from 'node:crypto';
import { benchLead, expect, test } from '../support/program';

test('a server that is told to stop answers what is under way, ends its streams, and leaves with 0', async ({
  newProgram,
}) => {
  const { url, code } = newProgram;
  const setUp = await fetch(`${url}/api/session/set-up`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ code, shop: 'Bench', name: 'Bench', ...benchLead }),
  });
  const cookie = setUp.headers.getSetCookie()[0]?.split(';')[0] ?? '';
  const stream = await fetch(`${url}/api/changes`, { headers: { cookie } });
  const heard = stream.text();
  // Passwords take their time: these are under way when the word to stop comes.
  const signIns = Array.from({ length: 2 }, () =>
    fetch(`${url}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ login: benchLead.login, password: benchLead.password }),
    }),
  );
  const id = randomUUID();
  const opening = fetch(`${url}/api/cases`, {
    method: 'POST',
    headers: { cookie, 'content-type': 'application/json' },
    body: JSON.stringify({
      id,
      events: [
        {
          kind: 'case-opened',
          id,
          at: new Date().toISOString(),
          by: 'Bench',
          machine: { name: 'Last one', parts: [] },
          owner: 'Harbour master',
          complaint: 'Dead',
          circumstances: [],
          reported: 'dead',
        },
      ],
    }),
  });
  // Connections are taken in order: once this is answered, those before it are under way.
  await fetch(`${url}/api/health/live`);
  expect(await newProgram.stop()).toBe(0);
  const answers = await Promise.all([opening, ...signIns]);
  expect(answers.map(({ status }) => status)).toEqual([201, 201, 201]);
  expect(await heard).toContain('event: ready');
  await expect(fetch(`${url}/api/health`)).rejects.toThrow();

  await newProgram.start();
  const there = await fetch(`${url}/api/cases/${id}`, { headers: { cookie } });
  expect(there.status).toBe(200);
});
