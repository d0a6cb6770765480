export { WeighStation } from './WeighStation.tsx';
