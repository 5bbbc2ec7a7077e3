import { setTimeout as sleep } from 'node:timers/promises';
import { isAlive } from './postgres-cluster.mjs';
import { say } from './say.mjs';

const longestPauseMs = 30_000;
/** What ran this long is not what keeps failing. */
const steadyMs = 60_000;
const lookEveryMs = 300;

/** Ends early, without an error, once told to stop. */
const wait = (ms, signal) => sleep(ms, undefined, { signal }).catch(() => undefined);

/** Pauses that grow while what is started keeps dying, and are short again once it ran for a while. */
function createBackOff() {
  let pauseMs = 0;
  let startedAt = Date.now();
  return {
    started: () => void (startedAt = Date.now()),
    /** @returns milliseconds to wait before the next start */
    next() {
      pauseMs = Date.now() - startedAt > steadyMs ? 0 : pauseMs;
      const pause = pauseMs;
      pauseMs = Math.min(longestPauseMs, pauseMs === 0 ? 500 : 2 * pauseMs);
      return pause;
    },
  };
}

/**
 * Keeps a private PostgreSQL running: whenever its process is gone, it is started again on the same port.
 * @param {{ pid: number }} cluster the one that runs now
 * @param {() => Promise<{ pid: number, stop: () => Promise<void> }>} start starts it again; rejects where it does not come up
 * @param {AbortSignal} stop
 * @returns what runs now, to be stopped in the end
 */
export function keepDatabase(cluster, start, stop) {
  let current = cluster;
  const backOff = createBackOff();
  const watch = async () => {
    while (!stop.aborted) {
      await wait(lookEveryMs, stop);
      if (stop.aborted || isAlive(current.pid)) continue;
      const pause = backOff.next();
      say(`PostgreSQL ended. Starting it again${pause > 0 ? ` in ${pause / 1000} s` : ''} ...`);
      await wait(pause, stop);
      if (stop.aborted) return;
      backOff.started();
      try {
        current = await start();
        say('PostgreSQL runs again.');
      } catch (error) {
        say(error instanceof Error ? error.message : String(error));
      }
    }
  };
  const watching = watch();
  return {
    /** Waits for a start that is under way, so that nothing is left running. */
    async stop() {
      await watching;
      await current.stop();
    },
  };
}

/**
 * Keeps the application running: one that has served and ends is started again. One that never came up ends with its
 * code: it said why.
 * @param {() => import('node:child_process').ChildProcess} launch with a channel on which it says 'serving'
 * @returns {Promise<number>} the code of one that never came up; does not resolve otherwise before it is stopped
 */
export async function keepApplication(launch, stop) {
  const backOff = createBackOff();
  let hasServed = false;
  for (;;) {
    backOff.started();
    const child = launch();
    child.on('message', (word) => (hasServed ||= word === 'serving'));
    const end = () => child.kill('SIGTERM');
    stop.addEventListener('abort', end);
    const [code, signal] = await new Promise((resolve) => child.once('exit', (...how) => resolve(how)));
    stop.removeEventListener('abort', end);
    if (stop.aborted) return 0;
    if (!hasServed) return code ?? 1;
    const pause = backOff.next();
    say(
      `The application ended (${signal ?? `code ${code}`}). Starting it again${pause > 0 ? ` in ${pause / 1000} s` : ''} ...`,
    );
    await wait(pause, stop);
    if (stop.aborted) return 0;
  }
}
