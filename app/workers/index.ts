export type { AdviceJob, AdviceReply, DialInJob, MovesJob, RescueJob } from './messages.ts';
export { calibrationWorker, pasteReader } from './computeClient.ts';
export { burstOver, useAdvice, useAdvices, useAfter, useDialIn, useHeat, useMoves, usePattern, useWorth } from './useAdvice.ts';
