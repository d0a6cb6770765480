import type { Result } from '../basis/index.ts';
import { clamp, failure, LIMITS, NORMAL_P90, runToEnd, success } from '../basis/index.ts';
import type { BatterProperties, Iron, PlatesState, Portion, SettingRange } from '../plate/index.ts';
import {
  cookedVolume_mL,
  dialMark,
  displaced_mL,
  hollowShare,
  latestTurn_s,
  middling_C,
  plateMachine,
  portion,
  priorOf,
  recoveredPlates,
  settingRange,
} from '../plate/index.ts';
import { heldAs, withRoom } from '../fit/index.ts';
import type { Advice } from './advice.ts';
import { bandAround, timeBand } from './band.ts';
import { divided } from './division.ts';
import { scalesOf } from './believed.ts';
import { BalanceError, batterOf, cook, platesAtPour } from '../cook/index.ts';
import type { Cooked, CookMemory, CookInput } from '../cook/index.ts';
import { plateFindings } from './findings.ts';
import { airForDensity, densityOfLightness } from './lightness.ts';
import type { AdviceRequest } from './request.ts';
import { findSetting, middlingSetting, settingForTime } from './setting.ts';
import { toppingSpotOf } from './toppingSpot.ts';

/**
 * Portion, setting and time for one load. The only entry for worker, command line and tests.
 * Errors: those of `batterOf`; `out-of-range` {what, value, min, max}; `never-sets` {set_C, boiling_C};
 * `never-dries` (a wafer that stays moist within five minutes); `off-balance` {share} (a fault of the computation itself).
 */
export const advise = (request: AdviceRequest): Result<Advice> => runToEnd(adviseInSteps(request));

/** The same, giving way between cooks: a worker looks there whether the answer is still wanted. `memory`: see there. */
export function* adviseInSteps(request: AdviceRequest, memory?: CookMemory): Generator<void, Result<Advice>> {
  try {
    return yield* balancedAdvice(request, memory);
  } catch (error) {
    if (error instanceof BalanceError) return failure('off-balance', { share: error.offBalance });
    throw error;
  }
}

function* balancedAdvice(request: AdviceRequest, memory?: CookMemory): Generator<void, Result<Advice>> {
  const bad = outOfRange(request);
  if (bad !== null) return bad;
  const bowl = batterOf(request.reading, request);
  if (!bowl.ok) return bowl;
  const batter = bowl.value;
  const { believed } = request;
  // The room between the plates as it is believed to be; the drawing and the names stay the described iron's.
  const iron = believed === null ? request.iron : withRoom(request.iron, believed.cavity);
  const machine = believed === null ? plateMachine(iron) : heldAs(plateMachine(iron), believed);
  const fills = portionBesideToppings(fullPortion(request, iron, batter), iron, request);
  const own_g = request.portion_g ?? null;
  const usual = own_g === null ? fills : shareOfPortion(fills, own_g / fills.portion_g);
  const setupFor = (plates: PlatesState, setting_C: number): CookInput => ({
    iron,
    machine,
    batter,
    portion_g: usual.portion_g,
    plates,
    setting_C,
    room_C: request.room_C,
    delay_s: request.delay_s,
    turn_s: request.turn_s,
    ...scalesOf(believed),
    openAt_s: request.cookTime_s ?? null,
  });
  const recovered = (setting_C: number): CookInput => setupFor(recoveredPlates(machine, setting_C, request.room_C), setting_C);
  const bias_K = (machine.bias_K.lower + machine.bias_K.upper) / 2;
  const choice = yield* chooseSetting(request, bias_K, (setting_C) =>
    cook({ ...recovered(setting_C), openAt_s: null }, request.target, false, memory),
  );
  const plates = platesAtPour(request, machine, choice.temperature_C, (start) =>
    cook(setupFor(start, choice.temperature_C), request.target, false),
  );
  const asUsual = setupFor(plates, choice.temperature_C);
  yield;
  const cookedAsUsual = cook(asUsual, request.target, true);
  yield;
  // What is wished lighter is poured a little short, and the other way round; within what fills.
  const full =
    request.lightness === null || own_g !== null || cookedAsUsual === null
      ? usual
      : filledFor(densityOfLightness(request.lightness), pieceOf(iron, batter, usual, cookedAsUsual).density_gPerML, usual);
  const setup = full === usual ? asUsual : { ...asUsual, portion_g: full.portion_g };
  const cooked = full === usual ? cookedAsUsual : cook(setup, request.target, true);
  yield;
  if (cooked === null)
    return failure(iron.dryThrough ? 'never-dries' : 'never-sets', {
      set_C: Math.round(batter.setTemperature_C),
      boiling_C: Math.round(batter.boiling_C * 10) / 10,
    });
  const division = divided(request.reading.totalMass_g, full, iron.geometry, own_g !== null);
  const piece = pieceOf(iron, batter, full, cooked);
  const band = believed === null ? yield* timeBand(setup, request.target, cooked) : bandAround(cooked.window.best_s, believed.spread.time);
  const { onPlate } = request;
  const spot =
    onPlate === null
      ? null
      : toppingSpotOf(setup, cooked, onPlate, (composition) => {
          const mixed = batterOf({ ...request.reading, composition }, request);
          return mixed.ok ? mixed.value : null;
        });
  const known = believed?.spread ?? priorOf(iron);
  const base = {
    request,
    batter,
    machine,
    portion: full,
    ...division,
    setting: choice,
    plates,
    cooked,
    band_s: band,
    band_C:
      settingRange(iron) === null
        ? null
        : { p10: choice.temperature_C - NORMAL_P90 * known.plates_K, p90: choice.temperature_C + NORMAL_P90 * known.plates_K },
    band_g: { p10: full.portion_g * (1 - NORMAL_P90 * known.cavity), p90: full.portion_g * (1 + NORMAL_P90 * known.cavity) },
    spot,
    turned: turnedOf(setup, cooked, full),
    pieceMass_g: piece.mass_g,
    pieceDensity_gPerML: piece.density_gPerML,
    waterLoss: piece.waterLoss,
    lighter: request.lightness === null ? null : lighterBatter(request, densityOfLightness(request.lightness), piece, batter),
  };
  return success({ ...base, findings: [...request.reading.findings, ...plateFindings(base)] });
}

/** What fills the iron: as its measures say, or as its loads have taught. */
const fullPortion = ({ iron: described, believed }: AdviceRequest, iron: Iron, batter: BatterProperties): Portion => {
  const full = portion(iron, batter);
  return believed === null ? full : shareOfPortion(full, (believed.portion * portion(described, batter).portion_g) / full.portion_g);
};

/** The portion that fills what room is left beside what lies on the plate (at least half of it, whatever is piled in), a little over or under by taste. */
const portionBesideToppings = (full: Portion, iron: Iron, { onPlate, overfill }: Pick<AdviceRequest, 'onPlate' | 'overfill'>): Portion => {
  const room = onPlate === null ? 1 : Math.max(0.5, 1 - displaced_mL(onPlate) / iron.geometry.cavity_mL);
  const share = room * (1 + overfill);
  if (share === 1) return full;
  return { ...shareOfPortion(full, share), fills_g: [full.fills_g[0] * room, full.fills_g[1] * room] };
};

/** So much of a portion, into the same room. */
const shareOfPortion = (full: Portion, share: number): Portion => ({
  ...full,
  portion_g: full.portion_g * share,
  portion_mL: full.portion_mL * share,
  dose_g: full.dose_g * share,
});

/** How a pan that is turned divides its batter; null: nothing is turned. */
const turnedOf = (setup: CookInput, { trace }: Cooked, full: Portion): Advice['turned'] => {
  const { iron, machine, batter } = setup;
  const column = trace.columns.at(-1);
  if (!machine.turns || column === undefined) return null;
  const stays = column.size_m.subarray(0, column.n / 2).reduce((a, b) => a + b, 0);
  return {
    latest_s: latestTurn_s({ ...setup, portion_kg: setup.portion_g / 1000, duration_s: 1 }),
    stays: stays / column.size_m.reduce((a, b) => a + b, 0),
    hollow: hollowShare(machine, batter, full.portion_mL, iron.geometry.cavity_mL),
  };
};

/** What a piece weighs, and what a millilitre of it does, opened at its best. */
type Piece = { readonly mass_g: number; readonly density_gPerML: number; readonly waterLoss: number };
const pieceOf = (iron: Iron, batter: BatterProperties, full: Portion, cooked: Cooked): Piece => {
  const second = Math.min(cooked.trace.seconds, Math.round(cooked.window.best_s));
  const waterLoss = cooked.trace.loss[second] ?? 0;
  const { piecesPerLoad } = iron.geometry;
  const mass_g = (full.portion_g * (1 - waterLoss)) / piecesPerLoad;
  return { mass_g, density_gPerML: mass_g / (cookedVolume_mL(iron, batter, full.portion_mL) / piecesPerLoad), waterLoss };
};

/** The portion nearest to a wished density of which no corner stays empty and nothing leaks. */
const filledFor = (wished_gPerML: number, usual_gPerML: number, usual: Portion): Portion => {
  const [low, high] = usual.fills_g.map((grams) => grams / usual.portion_g) as [number, number];
  return shareOfPortion(usual, clamp(wished_gPerML / usual_gPerML, Math.min(1, low), Math.max(1, high)));
};

/** Off by no more than this the wish is met, g/mL. */
const NEARLY_G_PER_ML = 0.015;

/** Where fill and time can't bring the wished density: the batter that would, by what a millilitre of it weighs; null where the wish is met. */
const lighterBatter = (request: AdviceRequest, wished_gPerML: number, piece: Piece, batter: BatterProperties): Advice['lighter'] => {
  if (Math.abs(piece.density_gPerML - wished_gPerML) <= NEARLY_G_PER_ML) return null;
  const found = airForDensity(wished_gPerML, request.iron, piece.waterLoss, (airFraction) => {
    const other = batterOf(request.reading, { ...request, airFraction });
    return other.ok ? other.value : batter;
  });
  return { wished_gPerML, batter_gPerML: found?.batter.density_gPerML ?? null };
};

const outOfRange = (request: AdviceRequest): Result<never> | null => {
  const asked: Record<keyof typeof LIMITS, number | null> = {
    altitude_m: request.altitude_m,
    batter_C: request.batter_C,
    setting_C: request.setting_C,
    portion_g: request.portion_g ?? null,
    cookTime_s: request.cookTime_s ?? null,
    tawny: request.target.tawny,
    crisp: request.target.crisp,
    load: request.load,
    preheat_s: request.preheat_s,
    airFraction: request.airFraction,
    delay_s: request.delay_s,
    onPlate_g: request.onPlate?.grams ?? null,
    overfill: request.overfill,
    lightness: request.lightness,
    turn_s: request.turn_s,
  };
  for (const [what, { min, max }] of Object.entries(LIMITS)) {
    const value = asked[what as keyof typeof LIMITS];
    if (value !== null && !(value >= min && value <= max))
      return failure('out-of-range', { what, value: Number.isFinite(value) ? value : 'not a number', min, max });
  }
  return null;
};

function* chooseSetting(
  { iron, target, setting_C, cookTime_s }: AdviceRequest,
  bias_K: number,
  cookAt: (setting_C: number) => Cooked | null,
): Generator<void, Advice['setting']> {
  const range: SettingRange | null = settingRange(iron);
  if (range === null) return { temperature_C: iron.control.type === 'fixed' ? iron.control.cutOut_C : 0, dial: null, chosen: 'fixed' };
  if (setting_C !== null) return { temperature_C: setting_C, dial: dialMark(iron, setting_C), chosen: 'given' };
  const { tawny, crisp } = target;
  const found =
    cookTime_s != null
      ? yield* settingForTime(range, cookTime_s, cookAt)
      : crisp !== null
        ? yield* findSetting(range, { tawny, crisp }, cookAt)
        : // Plates that run hotter than their control says are set lower for the same.
          yield* middlingSetting(range, middling_C(iron) - bias_K, target, cookAt);
  return { temperature_C: found, dial: dialMark(iron, found), chosen: 'found' };
}
