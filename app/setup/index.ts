export { SetupDoor } from './SetupDoor.tsx';
