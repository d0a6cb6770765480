export {
  airIn,
  foldsOf,
  headerOf,
  inBowl,
  isScrapedOut,
  lastPour,
  leftIn,
  lotToPourFrom,
  mixed_g,
  newLot,
  openLot,
  temperatureIn,
} from './bowl.ts';
export type { LastPour } from './bowl.ts';
export type { BatterQuestion, FormulaLines, LoadWish } from './question.ts';
export { batterQuestion } from './question.ts';
export type { HistoryQuestion, HistoryWish, ToldCue, ToldLoad } from './history.ts';
export { batterKey, historyQuestion, LOADS_LOOKED_AT } from './history.ts';
export type { IronKnowledge, KnowledgeMemory, KnownQuestion } from './known.ts';
export { beliefKey, believedFor, ironsWithBatters, knownQuestion, requestOf } from './known.ts';
export type { Counted } from './stock.ts';
export { isPastOn, leftInHouse } from './stock.ts';
export { lidOpen_s } from './lidOpen.ts';
