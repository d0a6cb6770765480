export type { CodeId, CodeOfPractice, OutOfCold } from './codes.ts';
export { CODE_IDS, CODES, outOfCold } from './codes.ts';
export type { Published } from './published.ts';
export { PUBLISHED } from './published.ts';
