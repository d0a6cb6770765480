export { PracticeStation } from './PracticeStation.tsx';
