export { CookDoor } from './CookDoor.tsx';
