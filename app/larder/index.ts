export { LarderDoor } from './LarderDoor.tsx';
