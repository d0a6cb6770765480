export { BookStation } from './BookStation.tsx';
