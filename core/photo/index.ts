export type { FaceRequest, ReadFace } from './face.ts';
export { readFace } from './face.ts';
export type { Corners, Point } from './perspective.ts';
export { perspective } from './perspective.ts';
export type { Across } from './coin.ts';
export { besideCoin } from './coin.ts';
