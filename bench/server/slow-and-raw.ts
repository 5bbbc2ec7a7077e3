import type { Socket } from 'node:net';
import { setTimeout as wait } from 'node:timers/promises';
import { pick, type Draw } from '../../src/contracts/testing-mutate';

const lines = [
  'GET / HTTP/1.1\r\nHost: x\r\n\r\n',
  'GET /api/health HTTP/1.1\r\n\r\n',
  'GET /api/health HTTP/9.9\r\nHost: x\r\n\r\n',
  'POST /api/session HTTP/1.1\r\nHost: x\r\nContent-Length: -1\r\n\r\n',
  'POST /api/session HTTP/1.1\r\nHost: x\r\nContent-Length: 5\r\nContent-Length: 6\r\n\r\nabcdef',
  'POST /api/session HTTP/1.1\r\nHost: x\r\nContent-Length: 5\r\nTransfer-Encoding: chunked\r\n\r\n0\r\n\r\n',
  'POST /api/session HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\nTransfer-Encoding: chunked\r\n\r\nzz\r\n{}\r\n0\r\n\r\n',
  'POST /api/session HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\nTransfer-Encoding: chunked\r\n\r\n2\r\n{}\r\n0\r\n\r\n',
  'POST /api/session HTTP/1.1\r\nHost: x\r\nExpect: 100-continue\r\nContent-Type: application/json\r\nContent-Length: 2\r\n\r\n{}',
  'GET /../../../../etc/passwd HTTP/1.1\r\nHost: x\r\n\r\n',
  'GET /assets/../../../package.json HTTP/1.1\r\nHost: x\r\n\r\n',
  'GET /assets/%2e%2e%2f%2e%2e%2fpackage.json HTTP/1.1\r\nHost: x\r\n\r\n',
  'GET /assets/%00 HTTP/1.1\r\nHost: x\r\n\r\n',
  'GET /assets/ HTTP/1.1\r\nHost: x\r\n\r\n',
  'GET /assets HTTP/1.1\r\nHost: x\r\n\r\n',
  'GET /sw.js HTTP/1.1\r\nHost: x\r\nRange: bytes=5-1\r\n\r\n',
  'GET /.env HTTP/1.1\r\nHost: x\r\n\r\n',
  'GET /%ff HTTP/1.1\r\nHost: x\r\n\r\n',
  'GET http://elsewhere.invalid/ HTTP/1.1\r\nHost: x\r\n\r\n',
  'CONNECT elsewhere.invalid:80 HTTP/1.1\r\nHost: x\r\n\r\n',
  'GET / HTTP/1.1\r\nHost: x\r\nUpgrade: websocket\r\nConnection: Upgrade\r\n\r\n',
  `GET / HTTP/1.1\r\nHost: x\r\nX: ${'y'.repeat(20_000)}\r\n\r\n`,
  `GET / HTTP/1.1\r\nHost: x\r\n${'X: y\r\n'.repeat(300)}\r\n`,
];

/** One broken request over a bare connection; null, or what was wrong with how it was met. */
export async function rawRequest(open: () => Socket, draw: Draw): Promise<{ what: string; example: string } | null> {
  const bytes = Buffer.from(pick(draw, lines));
  if (draw() < 0.5) bytes[Math.floor(draw() * Math.min(200, bytes.length))] = Math.floor(draw() * 256);
  const socket = open();
  let text = '';
  const example = bytes.toString('latin1').slice(0, 200);
  const closed = new Promise<null>((resolve) => socket.once('close', () => resolve(null)));
  socket
    .on('error', () => undefined)
    .on('data', (chunk: Buffer) => {
      text += chunk.toString('latin1');
      // Answered: more would only come if more was asked.
      socket.end();
    });
  socket.write(bytes);
  // What is never finished gets no answer and is left alone soon: the slow are tried apart.
  await Promise.race([closed, wait(1500)]);
  socket.destroy();
  if (/^HTTP\/1\.1 5/.test(text))
    return { what: `a bare request was answered ${text.slice(0, 40).split('\r')[0] ?? ''}`, example };
  if (/root:x:0|"private": true/.test(text)) return { what: 'a file outside was handed out', example };
  return null;
}

/** Connections that send a byte a second, in the headers or in the body: how many the server cut, and when the last. */
export async function slowClients(
  open: () => Socket,
  count: number,
): Promise<{ cut: number; left: number; longestSeconds: number }> {
  const begin = performance.now();
  let cut = 0;
  let longest = 0;
  const limitSeconds = 100;
  await Promise.all(
    Array.from({ length: count }, async (_, n) => {
      const socket = open();
      const line = { isOpen: true };
      socket.on('error', () => undefined).on('data', () => undefined);
      socket.once('close', () => (line.isOpen = false));
      const head =
        'POST /api/session HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\nContent-Length: 5000\r\n';
      const text = n % 2 === 0 ? `${head}\r\n{"login":"${'a'.repeat(4000)}` : `${head}X-Slow: ${'b'.repeat(4000)}`;
      // The first half at once, or the headers would take a minute and a half themselves.
      let at = n % 2 === 0 ? head.length + 2 : 0;
      if (at > 0) socket.write(text.slice(0, at));
      while (line.isOpen && performance.now() - begin < limitSeconds * 1000) {
        socket.write(text[at++] ?? 'a');
        await wait(1000);
      }
      if (line.isOpen) socket.destroy();
      else {
        cut += 1;
        longest = Math.max(longest, performance.now() - begin);
      }
    }),
  );
  return { cut, left: count - cut, longestSeconds: Math.round(longest / 1000) };
}
