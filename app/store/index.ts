export type { Bench, LoadEventRow } from './database.ts';
export type { Kitchen } from './kitchen.ts';
export {
  KitchenProvider,
  logOf,
  newestRevisions,
  useKit,
  useKitchen,
  useKitchenChoice,
  useLogs,
  useRows,
  useStorageTrouble,
} from './KitchenContext.tsx';
