export { Practice } from './Practice.tsx';
