export type { AdviceJob, AdviceReply, DialInJob, RescueJob } from './messages.ts';
export { loadWeigher, pasteReader } from './reckoner.ts';
export { burstOver, useAdvice, useAdvices, useAfter, useDialIn, useHeat, usePattern, useWorth } from './useAdvice.ts';
