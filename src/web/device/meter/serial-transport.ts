import { createLineBuffer } from './line-buffer';
import { MeterProblem, type MeterTransport } from './transport';

/** As much of the Web Serial API as is used here. */
export interface SerialPortLike {
  readonly readable: ReadableStream<Uint8Array<ArrayBuffer>> | null;
  readonly writable: WritableStream<Uint8Array<ArrayBuffer>> | null;
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
}

export const BAUD_RATES = [9600, 19_200, 38_400, 57_600, 115_200] as const;

/** Whether the browser can speak to serial ports at all. */
export const hasSerial = (): boolean => 'serial' in navigator;

/** Lets the person choose a port; null where the choice was closed. */
export async function choosePort(): Promise<SerialPortLike | null> {
  const { serial } = navigator as unknown as { readonly serial?: { requestPort(): Promise<SerialPortLike> } };
  try {
    return (await serial?.requestPort()) ?? null;
  } catch {
    return null;
  }
}

/** A meter at a serial port, eight bits, no parity. Fails with a MeterProblem where the port cannot be opened. */
export async function openSerial(port: SerialPortLike, baudRate: number): Promise<MeterTransport> {
  try {
    await port.open({ baudRate });
  } catch {
    throw new MeterProblem('cannot-open');
  }
  const { readable, writable } = port;
  if (!readable || !writable) {
    await port.close().catch(() => undefined);
    throw new MeterProblem('cannot-open');
  }
  const reader = readable.getReader();
  const writer = writable.getWriter();
  const lines = createLineBuffer();
  const decoder = new TextDecoder('ascii');
  const pump = async () => {
    try {
      for (;;) {
        const { value, done } = await reader.read();
        if (done) break;
        lines.push(decoder.decode(value, { stream: true }));
      }
    } catch {
      // The port reports so that it was unplugged.
    }
    lines.end();
  };
  void pump();
  return {
    async send(line) {
      lines.discard();
      try {
        await writer.write(new TextEncoder().encode(`${line}\n`));
      } catch {
        throw new MeterProblem('gone');
      }
    },
    receive: (timeoutMs) => lines.next(timeoutMs),
    async close() {
      lines.end();
      await reader.cancel().catch(() => undefined);
      await writer.close().catch(() => undefined);
      reader.releaseLock();
      writer.releaseLock();
      await port.close().catch(() => undefined);
    },
  };
}
