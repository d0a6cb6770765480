export { KitStation } from './KitStation.tsx';
