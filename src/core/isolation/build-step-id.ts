/** Steps of building up on the bench, in their order. */
export const BUILD_STEPS = ['processor', 'memory', 'graphics', 'drive'] as const;
export type BuildStepId = (typeof BUILD_STEPS)[number];
