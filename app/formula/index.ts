export { FormulaStation } from './FormulaStation.tsx';
export type { Pasted } from './PasteSheet.tsx';
export { PasteSheet } from './PasteSheet.tsx';
export { formulaFrom, formulaOfStarter } from './pasted.ts';
