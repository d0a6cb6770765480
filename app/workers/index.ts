export type { AdviceJob, AdviceReply, DialInJob, MovesJob, RescueJob } from './messages.ts';
export { loadWeigher, pasteReader } from './reckoner.ts';
export { burstOver, useAdvice, useAdvices, useAfter, useDialIn, useHeat, useMoves, usePattern, useWorth } from './useAdvice.ts';
