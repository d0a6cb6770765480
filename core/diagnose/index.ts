export type { Cause, CauseData, Test } from './causes.ts';
export { CAUSE_IDS, causeData, TESTS } from './causes.ts';
export type { Diagnosis, Ranked } from './diagnose.ts';
export { diagnose } from './diagnose.ts';
export type { Evidence } from './evidence.ts';
export { evidenceOf } from './evidenceOf.ts';
export { NOTHING_KNOWN } from './evidence.ts';
export type { Symptom } from './symptoms.ts';
export { SYMPTOMS } from './symptoms.ts';
