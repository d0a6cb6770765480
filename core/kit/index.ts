export { bowlForFoam, formOf, largestJug } from './bowl.ts';
export { circuitFindings } from './circuits.ts';
export type { CodeId } from './codes.ts';
export { CODES, CODE_IDS } from './codes.ts';
export { DEFAULT_KIT } from './defaultKit.ts';
export { Kit, MATERIALS, OwnWay } from './kit.ts';
export { ownWayOf, withOwnWay } from './ownWay.ts';
export type { ScoopAdvice } from './scoop.ts';
export { nearestScoop } from './scoop.ts';
