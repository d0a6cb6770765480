/** A number with at most one sign between thousands or before decimals. */
const NUMBER = String.raw`(\d{1,4}(?:[.,]\d{1,2})?)`;
/** What a label names, as it is written on both sides of the ocean. Sugars, fibre and salt stand under the four that are compared. */
const NAMES = {
  energy_kcal: String.raw`(?:energy|calories|kcal)`,
  fat_g: String.raw`(?:total )?fat`,
  protein_g: String.raw`protein`,
  carbohydrate_g: String.raw`(?:total |net )?carb(?:s|ohydrates?)?`,
} as const;
export type LabelKind = keyof typeof NAMES;
export type Declared = { readonly kind: LabelKind; readonly value: number; readonly text: string };
const KINDS = Object.keys(NAMES) as LabelKind[];

const ENERGY_BEHIND = new RegExp(String.raw`${NUMBER}\s*(?:kcal|calories|cal)\b`, 'i');
const ENERGY_BEFORE = new RegExp(String.raw`\b(?:calories|kcal)\b\D{0,6}${NUMBER}`, 'i');
const ENERGY_KJ = new RegExp(String.raw`${NUMBER}\s*kj\b`, 'i');
const KJ_PER_KCAL = 4.184;

const patterns = (kind: LabelKind): readonly RegExp[] =>
  kind === 'energy_kcal'
    ? [ENERGY_BEHIND, ENERGY_BEFORE]
    : [
        // "12 g fat" before "fat 12 g": a list of the first kind reads wrongly by the second.
        new RegExp(String.raw`${NUMBER}\s*g(?:rams?)?\s+(?:of\s+)?${NAMES[kind]}\b`, 'i'),
        new RegExp(String.raw`\b${NAMES[kind]}\b[^\d,;]{0,4}${NUMBER}\s*g\b`, 'i'),
      ];

const valueOf = (text: string): number => Number(text.replace(',', '.'));

const ENERGY = /\d\s*(?:kcal|calories|kj)\b|\b(?:calories|kcal)\b\W{0,3}\d/i;

/** A line that tells what a piece brings. Without its energy "salt 5 g" is an ingredient, unless a heading says otherwise. */
export const isLabel = (line: string): boolean => ENERGY.test(line);

/** Stands before what a recipe declared, among its steps. */
export const DECLARED = 'As declared: ';

/**
 * What a written label says of a piece. Of 100 g, of a serving that may be two pieces, nothing can be compared: those are left unread.
 */
export const labelIn = (text: string): Declared[] => {
  if (/per\s*100\s*g|\bservings?\b/i.test(text)) return [];
  return KINDS.flatMap((kind): Declared[] => {
    const found = patterns(kind)
      .map((pattern) => pattern.exec(text))
      .filter((match) => match !== null)
      .map((match) => ({ text: match[0], value: valueOf(match[1] ?? '') }));
    const kJ = kind === 'energy_kcal' ? ENERGY_KJ.exec(text) : null;
    const [one] = found.length > 0 || kJ === null ? found : [{ text: kJ[0], value: valueOf(kJ[1] ?? '') / KJ_PER_KCAL }];
    return one === undefined || !Number.isFinite(one.value) ? [] : [{ kind, ...one }];
  });
};
