/** Kind of an iron that isn't there. */
export const SIMULATED = 'simulated';
