import { sum } from '../../basis/index.ts';
import type { Climate } from '../../matter/index.ts';
import { inClimate, ingredientById, mix } from '../../matter/index.ts';
import type { Formula, FormulaLine } from '../formula.ts';
import type { ParsedFormula } from '../parsedFormula.ts';
import { leavening } from '../leavening.ts';
import type { Lift } from '../lift.ts';
import { detectLift } from '../lift.ts';
import type { ReadLine, ReadSettings } from './line.ts';
import { ingredientOf, readLine } from './line.ts';
import { auditFindings } from '../check/audit.ts';

/** One line with the cook's own answers laid over what the words say. */
export const readFormulaLine = (line: FormulaLine, settings: ReadSettings): ReadLine => {
  const { chosenIngredientId: id } = line;
  const chosen = id === null ? undefined : (settings.own?.find((own) => own.id === id) ?? ingredientById(id));
  const read = readLine(line.text, settings, chosen);
  if (line.edited_g === null) return read;
  return {
    ...read,
    status: read.ingredientId === null ? 'unresolved' : 'read',
    grams: line.edited_g,
    gramsRange: [line.edited_g, line.edited_g],
    how: [{ code: 'edited', fields: { grams: line.edited_g } }],
  };
};

export const readFormula = (formula: Pick<Formula, 'lines' | 'lift'>, settings: ReadSettings): ParsedFormula => {
  const lines = formula.lines.map((line) => readFormulaLine(line, settings));
  return summarise(lines, formula.lift, settings.climate);
};

/** The bowl that the lines make. */
export const summarise = (lines: readonly ReadLine[], wantedLift: Lift | null, climate: Climate = 'usual'): ParsedFormula => {
  const items = lines.flatMap((line) => {
    const ingredient = ingredientOf(line);
    return ingredient !== undefined && line.grams !== null ? [{ ingredient, grams: line.grams }] : [];
  });
  const flour = lines.filter((line) => ingredientOf(line)?.role === 'flour' && line.grams !== null);
  const flour_g = sum(flour.map((line) => line.grams ?? 0));
  const composition = mix(
    items.flatMap(({ ingredient: { composition: c, role }, grams }) => {
      if (c === null) return [];
      const isDryGoods = role === 'flour' || role === 'starch';
      return [{ grams, composition: isDryGoods && climate !== 'usual' ? inClimate(c, climate) : c }];
    }),
  );
  const totalMass_g = sum(lines.map((line) => line.grams ?? 0));
  const knownMass_g = sum(items.map((item) => item.grams));
  const water_g = composition === null ? 0 : composition.water * knownMass_g;
  const flourRange = [0, 1].map((end) => sum(flour.map((line) => line.gramsRange?.[end] ?? 0)));
  const base = {
    lines,
    totalMass_g,
    totalMassRange_g: [0, 1].map((end) => sum(lines.map((line) => line.gramsRange?.[end] ?? 0))) as [number, number],
    flour_g,
    bakersPercent: bakersPercent(items, flour_g),
    hydration_percent:
      flour_g > 0
        ? {
            low: (100 * water_g) / (flourRange[1] ?? flour_g),
            usual: (100 * water_g) / flour_g,
            high: (100 * water_g) / Math.max(1e-9, flourRange[0] ?? flour_g),
          }
        : null,
    composition,
    leavening: leavening(items, flour_g),
    tint: knownMass_g > 0 ? sum(items.map(({ ingredient, grams }) => ingredient.tint * grams)) / knownMass_g : 0,
    lift: wantedLift ?? detectLift(lines),
  };
  return { ...base, findings: auditFindings(base) };
};

const bakersPercent = (items: readonly { ingredient: { id: string }; grams: number }[], flour_g: number): Record<string, number> | null => {
  if (!(flour_g > 0)) return null;
  const percents: Record<string, number> = {};
  for (const { ingredient, grams } of items) percents[ingredient.id] = (percents[ingredient.id] ?? 0) + (100 * grams) / flour_g;
  return percents;
};
