import { TextDecoder, TextEncoder } from 'node:util';
import { deserialize, serialize } from 'node:v8';
import fc from 'fast-check';

/** Random tests draw the same every time; FC_SEED=N draws others. */
fc.configureGlobal({ seed: Number(process.env['FC_SEED'] ?? 4780) });

// What browsers have and the simulated one of the tests lacks.
const simulated: Partial<typeof globalThis> = globalThis;
simulated.TextEncoder ??= TextEncoder;
simulated.TextDecoder ??= TextDecoder as typeof globalThis.TextDecoder;
simulated.structuredClone ??= (value) => deserialize(serialize(value)) as typeof value;
