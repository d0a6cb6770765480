export { LiftStation } from './LiftStation.tsx';
