export { KeepStation } from './KeepStation.tsx';
