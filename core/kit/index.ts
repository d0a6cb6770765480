export { circuitFindings } from './circuits.ts';
export type { CodeId, CodeOfPractice } from './codes.ts';
export { CODE_IDS, CODES } from './codes.ts';
export { DEFAULT_KIT } from './defaultKit.ts';
export { Kit, MATERIALS } from './kit.ts';
export type { ScoopAdvice } from './scoop.ts';
export { nearestScoop } from './scoop.ts';
