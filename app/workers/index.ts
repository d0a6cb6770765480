export type { AdviceJob, AdviceReply, Answer, DialInJob, MovesJob, RescueJob } from './messages.ts';
export { askOnce, NoAnswer } from './computeClient.ts';
export {
  useAdvice,
  useAdvices,
  useAfter,
  useAfters,
  useDialIn,
  useHeat,
  useMoves,
  useOpenTimes,
  usePattern,
  useWorth,
} from './useAdvice.ts';
