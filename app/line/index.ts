export { LineStation } from './LineStation.tsx';
