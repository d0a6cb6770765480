export type { Bench } from './database.ts';
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
