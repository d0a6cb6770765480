export { Mixing } from './Mixing.tsx';
