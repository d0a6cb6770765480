export type { AdviceJob, AdviceReply } from './messages.ts';
export { pasteReader } from './reckoner.ts';
export { useAdvice, useAdvices } from './useAdvice.ts';
