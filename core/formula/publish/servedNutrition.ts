import { ingredientById } from '../../matter/index.ts';
import type { Nutrition } from './nutrition.ts';
import { nutritionOfIngredient } from './nutrition.ts';

/** What goes on top, and how much of it people take on a piece, g (*common practice*). */
export const TOPPINGS = [
  { ingredientId: 'maple-syrup', usual_g: 40 },
  { ingredientId: 'honey', usual_g: 20 },
  { ingredientId: 'butter', usual_g: 10 },
  { ingredientId: 'cream', usual_g: 30 },
  { ingredientId: 'yogurt', usual_g: 50 },
  { ingredientId: 'blueberries', usual_g: 60 },
  { ingredientId: 'strawberries', usual_g: 60 },
  { ingredientId: 'banana', usual_g: 60 },
  { ingredientId: 'icing-sugar', usual_g: 5 },
] as const;

export type Topping = { readonly ingredientId: string; readonly grams: number };

/** A piece with what is put on it. */
export const servedNutrition = (piece: Nutrition, toppings: readonly Topping[]): Nutrition =>
  toppings.reduce((total, { ingredientId, grams }) => {
    const added = nutritionOfIngredient(ingredientById(ingredientId), grams);
    if (added === null) return total;
    const entries = (Object.keys(total) as (keyof Nutrition)[]).map((key) => [key, total[key] + added[key]] as const);
    return Object.fromEntries(entries) as unknown as Nutrition;
  }, piece);
