export { RunStation } from './RunStation.tsx';
