export { Load } from './load.ts';
export type { NewLoadEvent } from './loadEvent.ts';
export { LoadEvent, Observation } from './loadEvent.ts';
export type { LoadProgress } from './loadProgress.ts';
export { loadProgress } from './loadProgress.ts';
export type { Lot, NewLotEvent } from './lot.ts';
export { LotEvent, LotHeader } from './lot.ts';
export { isOpenLot } from './openLot.ts';
export { Prediction } from './prediction.ts';
