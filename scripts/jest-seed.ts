import fc from 'fast-check';

/** Random tests draw the same every time; FC_SEED=N draws others. */
fc.configureGlobal({ seed: Number(process.env['FC_SEED'] ?? 4780) });
