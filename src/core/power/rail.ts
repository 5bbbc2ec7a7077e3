/** The rails of a supply, by id. A DC adapter has one output, which the board turns into the others: it counts as +12 V. */
export const RAILS = ['v12', 'v5', 'v3', 'vsb'] as const;
export type Rail = (typeof RAILS)[number];

export const RAIL_NAMES: Readonly<Record<Rail, string>> = { v12: '+12 V', v5: '+5 V', v3: '+3.3 V', vsb: '+5 VSB' };

/** Nominal volts of each rail. */
export const RAIL_VOLTS: Readonly<Record<Rail, number>> = { v12: 12, v5: 5, v3: 3.3, vsb: 5 };
