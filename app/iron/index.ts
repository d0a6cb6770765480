export { IronStation } from './IronStation.tsx';
