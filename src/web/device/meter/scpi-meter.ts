import {
  CLEAR,
  IDENTIFY,
  METER_QUERIES,
  parseIdentity,
  parseReading,
  type MeterIdentity,
  type MeterQuantity,
} from '../../../core/power';
import { MeterProblem, type MeterTransport } from './transport';

/** A meter that said who it is. */
export interface ScpiMeter {
  readonly identity: MeterIdentity;
  /** One reading; calls queue, as a meter answers one question at a time. Fails with a MeterProblem. */
  readonly read: (quantity: MeterQuantity) => Promise<number>;
  readonly close: () => Promise<void>;
}

const answerMs = 1500;

/** Asks who is there. Fails with a MeterProblem, the connection closed, where nobody says so. */
export async function openScpiMeter(transport: MeterTransport): Promise<ScpiMeter> {
  const identity = await identify(transport);
  if (!identity) {
    await transport.close();
    throw new MeterProblem('not-a-meter');
  }
  let queue: Promise<unknown> = Promise.resolve();
  const read = (quantity: MeterQuantity): Promise<number> => {
    const answer = queue.then(() => ask(transport, quantity));
    queue = answer.catch(() => undefined);
    return answer;
  };
  return { identity, read, close: () => transport.close() };
}

/** A half line may lie in the wire from before: the first question may get rubbish, the second does not. */
async function identify(transport: MeterTransport): Promise<MeterIdentity | null> {
  for (let attempt = 0; attempt < 2; attempt++) {
    try {
      await transport.send(IDENTIFY);
      const identity = parseIdentity(await transport.receive(answerMs));
      if (identity) return identity;
    } catch (error) {
      if (error instanceof MeterProblem && error.code === 'gone') throw error;
    }
  }
  return null;
}

async function ask(transport: MeterTransport, quantity: MeterQuantity): Promise<number> {
  await transport.send(METER_QUERIES[quantity]);
  let line: string;
  try {
    line = await transport.receive(answerMs);
  } catch (error) {
    // What it has queued would come late.
    if (error instanceof MeterProblem && error.code === 'timeout') await transport.send(CLEAR);
    throw error;
  }
  const read = parseReading(line);
  if (!read.ok) throw new MeterProblem(read.code);
  return read.value;
}
