export { keepAnswer, keptAnswer } from './answers.ts';
export { keepBelief, keptBelief } from './beliefs.ts';
export * as commands from './commands.ts';
export type { KnownRows, Workspace } from './database.ts';
export { EMPTY_WORKSPACE } from './database.ts';
export {
  KitchenProvider,
  useDo,
  useKit,
  useKitchen,
  useKitchenChoice,
  useLoadPhotos,
  useNotices,
  useProblems,
  useQueried,
  useRows,
  useSettled,
  useStorageTrouble,
  useWeighLog,
} from './KitchenContext.tsx';
export type { Kitchen, OpenTrouble } from './kitchen.ts';
export { newId } from './newId.ts';
export { notices } from './notices.ts';
export type { Queries } from './queries.ts';
export { logRow } from './transaction.ts';
