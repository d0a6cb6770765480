import { env } from 'node:process';

/** `npm run prove` sets it: every campaign at its full length. `npm test` plays the first few cases of the same seeds. */
const isWhole = env['TAWNY_PROVE'] === '1';

/**
 * How many cases a long campaign plays.
 * @param few in `npm test`, from 1 up
 * @param whole in `npm run prove`, which CI always runs
 */
export const campaign = (few: number, whole: number): number => (isWhole ? whole : few);
