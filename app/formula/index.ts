export const FormulaStation = () => null;
