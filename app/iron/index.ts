export { IronDoor } from './IronDoor.tsx';
