import type { Code, FieldsOf, Finding } from '../../basis/index.ts';
import { finding, sum } from '../../basis/index.ts';
import { USUAL_GAS_MMOL } from '../leavening.ts';
import { ingredientOf, isHeading } from '../read/line.ts';
import type { ParsedFormula } from '../parsedFormula.ts';

/** Usual bands, % of flour (*common practice*; wide: a warning, never a refusal). */
const USUAL = {
  salt: { high: 4 },
  powder: { low: 0.8, high: 12 },
  /** meq of soda left over per 100 g flour that can be tasted as soapy. */
  soapy_meqPer100gFlour: 7,
} as const;

const warning = <C extends Code>(code: C, ...fields: FieldsOf<C>): Finding => finding('warning', code, ...fields) as Finding;

/** What looks wrong with the written amounts, before any iron is chosen. */
export const auditFindings = (r: Omit<ParsedFormula, 'findings'>): Finding[] => {
  const found: Finding[] = [];
  const open = r.lines.filter((line) => line.grams === null && !isHeading(line));
  if (open.length > 0) found.push(warning('lines-unresolved', { count: open.length }));
  const unknown = r.lines.filter((line) => line.grams !== null && line.ingredientId === null);
  if (unknown.length > 0)
    found.push(
      warning('ingredient-unknown-mass', { count: unknown.length, grams: Math.round(sum(unknown.map((line) => line.grams ?? 0))) }),
    );
  if (r.flour_g <= 0) {
    found.push(warning('no-flour'));
    return found;
  }
  found.push(...gasFindings(r), ...spoonFindings(r));
  return found;
};

const gasFindings = (r: Omit<ParsedFormula, 'findings'>): Finding[] => {
  const found: Finding[] = [];
  const { leavening: l } = r;
  const gas = l.gas_mmolPer100gFlour ?? 0;
  const lifted = r.lift !== 'quick' && r.lift !== 'rested';
  const fields = { gas: Math.round(gas * 10) / 10, low: USUAL_GAS_MMOL.low, high: USUAL_GAS_MMOL.high };
  if (gas > USUAL_GAS_MMOL.high) found.push(warning('gas-far-above', fields));
  else if (gas < USUAL_GAS_MMOL.low && !lifted) found.push(warning('gas-far-below', fields));
  const soapy = (100 * l.leftover_meq) / r.flour_g;
  // What fermented has soured by itself.
  if (r.lift === 'yeasted') return found;
  if (l.soda_meq > 0 && l.acid_meq < 0.35 * l.soda_meq)
    found.push(warning('soda-without-acid', { soda_meq: Math.round(l.soda_meq), acid_meq: Math.round(l.acid_meq) }));
  else if (soapy > USUAL.soapy_meqPer100gFlour) found.push(warning('soda-left-over', { leftover_meq: Math.round(l.leftover_meq) }));
  return found;
};

/** A teaspoon where a quarter was meant, or a tablespoon for a teaspoon: salt and powder give it away. */
const spoonFindings = (r: Omit<ParsedFormula, 'findings'>): Finding[] => {
  const found: Finding[] = [];
  const percentOf = (role: string, id?: string): number =>
    (100 *
      sum(
        r.lines.map((line) => {
          const i = ingredientOf(line);
          return i !== undefined && i.role === role && (id === undefined || i.id === id) ? (line.grams ?? 0) : 0;
        }),
      )) /
    r.flour_g;
  const salt = percentOf('salt');
  if (salt > USUAL.salt.high) found.push(warning('salt-spoon-size', { percent: Math.round(salt * 10) / 10, usual: USUAL.salt.high }));
  const powder = percentOf('leavening', 'baking-powder');
  if (powder > USUAL.powder.high)
    found.push(warning('powder-spoon-size', { percent: Math.round(powder * 10) / 10, usual: USUAL.powder.high }));
  else if (powder > 0 && powder < USUAL.powder.low && r.leavening.soda_meq === 0 && r.lift === 'quick')
    found.push(warning('powder-spoon-size', { percent: Math.round(powder * 10) / 10, usual: USUAL.powder.low }));
  const soda = percentOf('leavening', 'baking-soda');
  if (soda > 3) found.push(warning('soda-for-powder', { percent: Math.round(soda * 10) / 10 }));
  return found;
};
