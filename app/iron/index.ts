export { HalfPiece } from './HalfPiece.tsx';
export { IronDoor } from './IronDoor.tsx';
