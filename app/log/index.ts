export { LogDoor } from './LogDoor.tsx';
