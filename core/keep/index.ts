export type { KeepForm, KeepPlace } from './limits.ts';
export { KEEP_FORMS, KeepItem, KeepLimit, keepLimits, placesFor } from './limits.ts';
export type { Container, Damp } from './damp.ts';
export { CONTAINERS, daysUntil, PACKED_ACTIVITY, PERMEANCE_gPerDayPa } from './damp.ts';
export { countOf, itemOfLabel, labelCode, partUsed } from './label.ts';
export type { UsableItem } from './usable.ts';
export { usableOf } from './usable.ts';
