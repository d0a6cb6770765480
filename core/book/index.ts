export type { IronHistory } from './ironHistory.ts';
export { ironHistory } from './ironHistory.ts';
export type { Change } from './whatChanged.ts';
export { whatChanged } from './whatChanged.ts';
