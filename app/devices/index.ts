export { useRefrigerator } from './refrigerator.ts';
export type { ScaleLink } from './scale.ts';
export { useScale } from './scale.ts';
