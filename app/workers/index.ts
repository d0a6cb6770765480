export type { AdviceJob, AdviceReply, Answer, DialInJob, MovesJob, RescueJob } from './messages.ts';
export { askOnce, NoAnswer } from './computeClient.ts';
export {
  useAdvice,
  useAdvices,
  useAfter,
  useAfters,
  useDialIn,
  useHeat,
  useMorning,
  useMoves,
  useOpenTimes,
  usePattern,
  useWorth,
} from './useAdvice.ts';
