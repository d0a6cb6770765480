export type { AdviceJob, AdviceReply, Answer, DialInJob, MovesJob, RescueJob } from './messages.ts';
export { askOnce, NoAnswer } from './computeClient.ts';
export {
  useAdvice,
  useAdvices,
  useAfter,
  useAfters,
  useChanged,
  useDialIn,
  useHeat,
  useMorning,
  useMoves,
  useOpenTimes,
  usePattern,
  usePlan,
  useRest,
  useWorth,
} from './useAdvice.ts';
