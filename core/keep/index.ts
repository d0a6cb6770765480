export type { KeepForm, KeepPlace, KeepQuestion } from './limits.ts';
export { KEEP_FORMS, KEEP_PLACES, KeepItem, keepLimits, KeepLimit, placesFor } from './limits.ts';
