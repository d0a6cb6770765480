export { FormulaStation } from './FormulaStation.tsx';
