export { Ingredients } from './Ingredients.tsx';
export type { Pasted } from './PasteSheet.tsx';
export { PasteSheet } from './PasteSheet.tsx';
export { formulaFrom, formulaOfStarter } from './pasted.ts';
