export type { IronHistory } from './ironHistory.ts';
export { ironHistory } from './ironHistory.ts';
export type { PourTowards, Towards } from './pourTowards.ts';
export { pourTowards, pourTowardsOn } from './pourTowards.ts';
export type { Alarm, ControlChart } from './controlChart.ts';
export { controlChart, LEAST_VALUES } from './controlChart.ts';
export type { Change } from './whatChanged.ts';
export { whatChanged } from './whatChanged.ts';
