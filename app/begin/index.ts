export { BeginStation } from './BeginStation.tsx';
