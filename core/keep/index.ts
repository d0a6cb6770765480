export type { KeepForm, KeepPlace } from './limits.ts';
export { KEEP_FORMS, KeepItem, KeepLimit, keepLimits, placesFor } from './limits.ts';
