export type { Workspace } from './database.ts';
export {
  KitchenProvider,
  logOf,
  newestByName,
  useKit,
  useKitchen,
  useKitchenChoice,
  useLogs,
  useWeighLog,
  useRows,
  useStorageTrouble,
} from './KitchenContext.tsx';
