export type { AdviceJob, AdviceReply, DialInJob } from './messages.ts';
export { pasteReader } from './reckoner.ts';
export { useAdvice, useAdvices, useDialIn } from './useAdvice.ts';
