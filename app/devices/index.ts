export type { ScaleCommand, ScaleLink } from './scale.ts';
export { useScale } from './scale.ts';
