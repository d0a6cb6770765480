import { clamp, LIMITS, sum } from '../basis/index.ts';
import type { Formula } from '../formula/index.ts';
import { POURABLE_SHARE } from '../formula/index.ts';
import type { Kit } from '../kit/index.ts';
import { airAfter, cooled_C, timeConstant_s } from '../lift/index.ts';
import type { Lot, LotHeader } from '../log/index.ts';
import { isOpenLot, loadProgress, poured_g } from '../log/index.ts';
import { FILL_TOLERANCE, mouldsFilled } from '../plate/index.ts';
import type { ToldLoad } from './history.ts';

/** A bowl mixed longer ago is another morning's; what rests or ferments stands longer. */
const SAME_MORNING_MS = 12 * 3_600_000;
const OVERNIGHT_MS = 40 * 3_600_000;

/** A bowl without its log. */
export const headerOf = ({ events: _, ...header }: Lot): LotHeader => header;

/** Batter that was mixed in this bowl, g: what it was begun with and what was stirred in since. */
export const mixed_g = (lot: Lot): number => lot.mass_g + sum(lot.events.map((event) => (event.kind === 'added' ? event.data.grams : 0)));

/** What is left in this bowl after what was really poured from it, g, and from how many loads; a pour that was taken back doesn't count. */
export const leftIn = (lot: Lot, told: readonly ToldLoad[]): { readonly left_g: number; readonly loads: number } => {
  const mine = told.filter(({ load, log }) => load.lotId === lot.id && loadProgress(log).phase !== 'ready');
  const used_g = sum(mine.map(({ log, prediction }) => (prediction === null ? 0 : poured_g(prediction, loadProgress(log)))));
  return { left_g: Math.max(0, mixed_g(lot) - used_g), loads: mine.length };
};

/** The least share of a portion that still fills. */
const STILL_FILLS = 1 - FILL_TOLERANCE.short;

/** What is scraped together for less than this share of a mould isn't worth an iron (*common practice*). */
const WORTH_A_POUR = 1 / 3;

/** True where nothing worth a pour is left. `portion_g`: all moulds together. */
export const isScrapedOut = (left_g: number, portion_g: number, moulds: number): boolean =>
  POURABLE_SHARE * left_g < (WORTH_A_POUR * portion_g) / moulds;

/** What a bowl gives that holds less than a whole load: so many moulds full, or one smaller piece. */
export type LastPour = { readonly moulds: number; readonly grams: number };

/** Null: a whole load can be poured. `portion_g`: all moulds together. */
export const lastPour = (left_g: number, portion_g: number, moulds: number): LastPour | null => {
  const pourable_g = POURABLE_SHARE * left_g;
  if (pourable_g >= STILL_FILLS * portion_g) return null;
  return mouldsFilled(pourable_g, portion_g, STILL_FILLS * portion_g, moulds) ?? { moulds: 1, grams: pourable_g };
};

/** Something is known of it that the formula doesn't say: weights, a cup weighed, where it stands. */
const isKnown = (lot: Lot): boolean => lot.weighed.length > 0 || lot.events.some(({ kind }) => kind !== 'renamed');

/** Resting or fermenting: through the night. */
const isOvernight = (lot: Lot): boolean => lot.events.some((event) => event.kind === 'moved' || event.kind === 'read');

/** True while this bowl may be poured from, as far as its age says. */
const isFresh = (lot: Lot, now: number): boolean =>
  lot.madeAt <= now && now - lot.madeAt < (isOvernight(lot) ? OVERNIGHT_MS : SAME_MORNING_MS);

const newestOf = (lots: readonly Lot[]): Lot | null =>
  lots.reduce<Lot | null>((newest, lot) => (lot.madeAt > (newest?.madeAt ?? -1) ? lot : newest), null);

/** Open bowls of this revision that may be poured from, whether anything is known of them or not. */
const standing = (lots: readonly Lot[], formula: Pick<Formula, 'id' | 'rev'>, now: number): Lot[] =>
  lots.filter((lot) => lot.formulaId === formula.id && lot.formulaRev === formula.rev && isOpenLot(lot) && isFresh(lot, now));

/** The newest bowl of this revision that is open and of which something is known; null: as the formula says. */
export const openLot = (lots: readonly Lot[], formula: Pick<Formula, 'id' | 'rev'>, now: number): Lot | null =>
  newestOf(standing(lots, formula, now).filter(isKnown));

/** The bowl that a load is poured from: one of which something is known before one that nobody has said anything of. Null: a new one. */
export const lotToPourFrom = (lots: readonly Lot[], formula: Pick<Formula, 'id' | 'rev'>, now: number): Lot | null =>
  openLot(lots, formula, now) ?? newestOf(standing(lots, formula, now));

/** How many times foam was folded into this bowl: the first time when it was made. */
export const foldsOf = (lot: Lot): number => 1 + lot.events.filter(({ kind }) => kind === 'folded').length;

const DRIFT_STEP_MS = 300_000;

/** Air in a bowl of which a cup was weighed, as it has drifted since, share of its volume; null: nobody weighed one. */
export const airIn = (lot: Lot, now: number): number | null => {
  const cup = lot.events.findLast((event) => event.kind === 'cup-weighed' || event.kind === 'folded');
  // Of what was folded since, nobody has weighed a cup.
  if (cup?.kind !== 'cup-weighed') return null;
  // In steps of five minutes, so that the advice isn't asked for anew at every look.
  const since_min = (Math.floor(Math.max(0, now - cup.at) / DRIFT_STEP_MS) * DRIFT_STEP_MS) / 60_000;
  return Number(airAfter(cup.data.airFraction, since_min).toFixed(3));
};

/** How warm the batter in a bowl is, °C, in steps of five minutes and half a degree; null: it was never moved nor read, so that nobody knows better than the wish. */
export const temperatureIn = (lot: Lot, kit: Pick<Kit, 'room_C' | 'refrigerator_C'>, at: number): number | null => {
  if (!isOvernight(lot)) return null;
  const mass_kg = Math.max(0.1, mixed_g(lot) / 1000);
  const until = Math.floor(at / DRIFT_STEP_MS) * DRIFT_STEP_MS;
  let temperature_C = lot.temperature_C;
  let place: 'kitchen' | 'refrigerator' | 'ice-bath' = 'kitchen';
  let since = lot.madeAt;
  const stood = (to: number): void => {
    const air_C = { kitchen: kit.room_C, refrigerator: kit.refrigerator_C, 'ice-bath': 0.5 }[place];
    temperature_C = cooled_C(temperature_C, air_C, timeConstant_s(mass_kg, 'bowl', place), Math.max(0, to - since) / 1000);
    since = Math.max(since, to);
  };
  for (const event of lot.events) {
    if (event.at > until) break;
    stood(event.at);
    if (event.kind === 'moved') place = event.data.place;
    if (event.kind === 'read' && event.data.what === 'temperature_C') temperature_C = event.data.value;
  }
  stood(until);
  return clamp(Math.round(2 * temperature_C) / 2, LIMITS.batter_C.min, LIMITS.batter_C.max);
};

/** The same lines with what really went into this bowl, and what was stirred in afterwards. */
const asWeighed = (formula: Formula, lot: Lot): Formula => {
  const grams = new Map(lot.weighed.map((line) => [line.lineId, line.grams]));
  const lines = formula.lines.map((line) => ({ ...line, edited_g: grams.get(line.id) ?? line.edited_g }));
  const added = lot.events.flatMap((event) =>
    event.kind === 'added'
      ? [
          {
            id: `added-${event.seq}`,
            text: event.data.ingredientId,
            edited_g: event.data.grams,
            chosenIngredientId: event.data.ingredientId,
          },
        ]
      : [],
  );
  return { ...formula, lines: [...lines, ...added] };
};

/** The formula as it stands in the bowl, and its air: what an advice for this morning is reckoned from. */
export const inBowl = (
  lots: readonly Lot[],
  formula: Formula,
  now: number,
): { readonly formula: Formula; readonly airFraction: number | null; readonly lot: Lot | null } => {
  const lot = openLot(lots, formula, now);
  return lot === null ? { formula, airFraction: null, lot } : { formula: asWeighed(formula, lot), airFraction: airIn(lot, now), lot };
};

/** The header of a bowl that is begun now. A mass of nothing can't be kept. */
export const newLot = (
  id: string,
  { id: formulaId, rev: formulaRev, name }: Pick<Formula, 'id' | 'rev' | 'name'>,
  {
    madeAt,
    mass_g,
    temperature_C,
    weighed = [],
  }: Pick<LotHeader, 'madeAt' | 'mass_g' | 'temperature_C'> & Partial<Pick<LotHeader, 'weighed'>>,
): LotHeader => ({ id, formulaId, formulaRev, name, madeAt, mass_g: Math.max(0.1, mass_g), temperature_C, weighed });
