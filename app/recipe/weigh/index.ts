export { Weighing } from './Weighing.tsx';
