/** "210", "210 g", "1,5 kg" as grams within 0–1,000,000, or null. */
export const gramsTyped = (text: string): number | null => {
  const match = /^\s*(\d{1,7}(?:[.,]\d{1,4})?)\s*(g|kg)?\s*$/i.exec(text);
  if (match === null) return null;
  const value = Number((match[1] ?? '').replace(',', '.')) * (match[2]?.toLowerCase() === 'kg' ? 1000 : 1);
  return Number.isFinite(value) && value <= 1e6 ? value : null;
};
