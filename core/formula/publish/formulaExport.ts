import { csvText, escapedMarkdown as escaped } from '../../basis/index.ts';
import type { Formula } from '../formula.ts';
import type { ParsedFormula } from '../parsedFormula.ts';
import { ingredientOf, isHeading } from '../read/line.ts';

/** What else is known of a formula when it is written out; nulls are left out. */
export type FormulaCard = {
  readonly portion: string | null;
  readonly setting: string | null;
  readonly time: string | null;
  readonly yields: string | null;
  readonly allergens: readonly string[];
};

const massText = (grams: number): string => String(Number(grams.toFixed(grams < 10 ? 1 : 0)));

/** A table of the lines: text, ingredient, grams with their range, baker's percent. CRLF, RFC 4180. */
export const formulaCsv = (reading: ParsedFormula): string => {
  const rows = reading.lines.map((line) => {
    const id = ingredientOf(line)?.id;
    const percent =
      id === undefined || line.grams === null || reading.flour_g <= 0 ? '' : Number(((100 * line.grams) / reading.flour_g).toFixed(1));
    const round = (value: number | undefined | null): number | '' => (value == null ? '' : Number(value.toFixed(1)));
    return [line.text, id ?? '', round(line.grams), round(line.gramsRange?.[0]), round(line.gramsRange?.[1]), percent, line.status];
  });
  const head = ['line', 'ingredient', 'grams', 'grams_low', 'grams_high', 'bakers_percent', 'status'];
  return csvText(head, rows);
};

/** A line break would end the heading, or the step. */
const oneLine = (text: string): string => text.replace(/\s+/gu, ' ').trim();

/** A formula as a page of Markdown: grams first, the written words behind them, the steps numbered. */
export const formulaMarkdown = (formula: Formula, reading: ParsedFormula, card: FormulaCard): string => {
  const lines = reading.lines.map((line) => {
    if (isHeading(line)) return `\n**${escaped(line.text)}**\n`;
    return `- ${line.grams === null ? '' : `**${massText(line.grams)} g** `}${escaped(line.text)}`;
  });
  const facts = [
    ['Portion', card.portion],
    ['Setting', card.setting],
    ['Time', card.time],
    ['Yield', card.yields ?? formula.yieldHint],
    ['Contains', card.allergens.length === 0 ? null : card.allergens.join(', ')],
  ].flatMap(([name, value]) => (value == null ? [] : [`- ${name}: ${escaped(value)}`]));
  return [
    `# ${escaped(oneLine(formula.name))}`,
    '',
    ...lines,
    '',
    ...(facts.length === 0 ? [] : [...facts, '']),
    ...formula.steps.map((step, i) => `${i + 1}. ${escaped(oneLine(step))}`),
    '',
  ].join('\n');
};
