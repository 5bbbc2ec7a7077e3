import { TextDecoder, TextEncoder } from 'node:util';
import { deserialize, serialize } from 'node:v8';
import fc from 'fast-check';

/** Random tests draw the same every time; FC_SEED=N draws others. */
fc.configureGlobal({ seed: Number(process.env['FC_SEED'] ?? 4780) });

// What browsers have and the simulated one of the tests lacks.
globalThis.TextEncoder ??= TextEncoder as typeof globalThis.TextEncoder;
globalThis.TextDecoder ??= TextDecoder as typeof globalThis.TextDecoder;
globalThis.structuredClone ??= (value) => deserialize(serialize(value)) as typeof value;
