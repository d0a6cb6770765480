export { useRefrigerator } from './refrigerator.ts';
export type { ScaleLink } from './scale.ts';
export { useScale } from './scale.ts';
export type { IronLink, IronOutcome, IronReading } from './iron.ts';
export { useSimulatedIron } from './iron.ts';
