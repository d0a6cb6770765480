export type { ScaleLink } from './scale.ts';
export { useScale } from './scale.ts';
