export { HalfPiece } from './piece/HalfPiece.tsx';
export { IronDoor } from './IronDoor.tsx';
