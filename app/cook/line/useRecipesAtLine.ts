import { recipeAtLine } from '../../../core/line/index.ts';
import { useActs } from '../../session/index.ts';
import { useSettled } from '../../store/index.ts';
import type { LinePlace } from './linePlace.ts';

const atLine = new WeakMap<object, ReturnType<typeof recipeAtLine>>();
/** The same acts are the same recipe: what it asks for keeps its identity. */
const recipeOf = (acts: Parameters<typeof recipeAtLine>[0]): ReturnType<typeof recipeAtLine> => {
  const known = atLine.get(acts) ?? recipeAtLine(acts);
  atLine.set(acts, known);
  return known;
};

/** The places with what their recipes ask for at the iron. */
export const useRecipesAtLine = (places: readonly LinePlace[]): readonly LinePlace[] => {
  const acts = useActs(places.map(({ formula }) => formula));
  return useSettled(places.map((place, i) => ({ ...place, recipe: recipeOf(acts[i] ?? NONE) })));
};
const NONE: readonly [] = [];
