import { createLineBuffer } from './line-buffer';
import { openScpiMeter } from './scpi-meter';
import { openSerial, type SerialPortLike } from './serial-transport';
import { simulatedMeter, type MeterBench } from './simulated-meter';
import type { MeterProblem, MeterTransport } from './transport';

const usual: MeterBench = { volts: 12.06, amps: 4.2, watts: 85, mood: 'answers' };
/** A bench whose mood can change in the middle. */
function benchOf(first: Partial<MeterBench> = {}) {
  const bench = { ...usual, ...first };
  return { bench, meter: simulatedMeter(() => bench) };
}
const codeOf = (failing: Promise<unknown>): Promise<string> =>
  failing.then(
    () => 'none',
    (error: unknown) => (error as MeterProblem).code,
  );

test('a meter says who it is and reads volts, amperes and watts', async () => {
  const { identity, read } = await openScpiMeter(benchOf().meter);
  expect(identity.model).toBe('SIMULATED METER');
  expect(await read('volts')).toBeCloseTo(12.06, 2);
  expect(await read('amps')).toBeCloseTo(4.2, 2);
  expect(await read('watts')).toBeCloseTo(85, 0);
});

test('questions that come together are asked one after the other', async () => {
  const { read } = await openScpiMeter(benchOf().meter);
  const [volts, watts] = await Promise.all([read('volts'), read('watts')]);
  expect(volts).toBeCloseTo(12.06, 2);
  expect(watts).toBeCloseTo(85, 0);
});

test.each([
  ['garbage', 'garbage'],
  ['over-range', 'over-range'],
  ['unplugged', 'gone'],
  ['silent', 'timeout'],
] as const)('a meter that is %s in the middle gives "%s", and reads again once it is well', async (mood, code) => {
  const { bench, meter } = benchOf();
  const { read } = await openScpiMeter(meter);
  bench.mood = mood;
  expect(await codeOf(read('volts'))).toBe(code);
  bench.mood = 'answers';
  if (mood !== 'unplugged') expect(await read('volts')).toBeCloseTo(12.06, 2);
});

test.each(['silent', 'garbage'] as const)('what is %s from the beginning is no meter', async (mood) => {
  expect(await codeOf(openScpiMeter(benchOf({ mood }).meter))).toBe('not-a-meter');
});

test('lines come in pieces, with any end of line, and empty ones do not count', async () => {
  const lines = createLineBuffer();
  const first = lines.next(100);
  lines.push('12.');
  lines.push('06\r');
  lines.push('\n\n5.0');
  expect(await first).toBe('12.06');
  lines.push('1\n');
  expect(await lines.next(100)).toBe('5.01');
  expect(await codeOf(lines.next(20))).toBe('timeout');
  lines.end();
  expect(await codeOf(lines.next(100))).toBe('gone');
});

test('an answer that comes too late is not taken for the answer to the next question', async () => {
  const lines = createLineBuffer();
  const delays = [0, 40, 0];
  const answers = ['BAY WORKS,M-3,0042,1.7', '+1.1000E+01', '+5.0000E+00'];
  const slow: MeterTransport = {
    send: (line) => {
      lines.discard();
      const answer = line === '*CLS' ? null : answers.shift();
      if (answer) setTimeout(() => lines.push(`${answer}\n`), delays.shift());
      return Promise.resolve();
    },
    receive: () => lines.next(20),
    close: () => Promise.resolve(),
  };
  const { read } = await openScpiMeter(slow);
  expect(await codeOf(read('volts'))).toBe('timeout');
  await new Promise((resolve) => setTimeout(resolve, 60));
  expect(await read('volts')).toBe(5);
});

/** A serial port with a meter behind it that can be unplugged. */
function fakePort(): { port: SerialPortLike; unplug: () => void; opened: number[] } {
  const opened: number[] = [];
  let send: ReadableStreamDefaultController<Uint8Array<ArrayBuffer>> | null = null;
  const readable = new ReadableStream<Uint8Array<ArrayBuffer>>({ start: (controller) => void (send = controller) });
  const writable = new WritableStream<Uint8Array<ArrayBuffer>>({
    write(bytes) {
      const asked = new TextDecoder().decode(bytes).trim();
      const said = asked === '*IDN?' ? 'BAY WORKS,M-3,0042,1.7' : '+1.1310E+01';
      for (const piece of [said.slice(0, 3), `${said.slice(3)}\r\n`]) send?.enqueue(new TextEncoder().encode(piece));
    },
  });
  const port = {
    readable,
    writable,
    open: ({ baudRate }: { baudRate: number }) => Promise.resolve(void opened.push(baudRate)),
    close: () => Promise.resolve(),
  };
  return { port, unplug: () => send?.error(new Error('unplugged')), opened };
}

test('a meter at a serial port speaks the same, and is gone when it is unplugged', async () => {
  const { port, unplug, opened } = fakePort();
  const { identity, read, close } = await openScpiMeter(await openSerial(port, 9600));
  expect(opened).toEqual([9600]);
  expect(identity.maker).toBe('BAY WORKS');
  expect(await read('volts')).toBeCloseTo(11.31, 6);
  unplug();
  await new Promise((resolve) => setTimeout(resolve, 5));
  expect(await codeOf(read('volts'))).toBe('gone');
  await close();
});

test('a port that cannot be opened is no meter', async () => {
  const { port } = fakePort();
  const taken = { ...port, open: () => Promise.reject(new Error('taken')) };
  expect(await codeOf(openSerial(taken, 9600))).toBe('cannot-open');
});
