export type { KeepForm, KeepPlace } from './limits.ts';
export { KEEP_FORMS, KeepItem, KeepLimit, keepLimits, placesFor } from './limits.ts';
export type { Container, Damp } from './damp.ts';
export { CONTAINERS, daysUntil, PACKED_ACTIVITY, PERMEANCE_gPerDayPa } from './damp.ts';
export { countOf, itemOfLabel, labelCode, partUsed } from './label.ts';
export type { UsableItem } from './usable.ts';
export { usableOf } from './usable.ts';
export type { Heater, Reheater, Slab } from './reheat.ts';
export { crumbSlab, REHEATER_IDS, REHEATERS, reheatTime_s, slabOf_mm } from './reheat.ts';
