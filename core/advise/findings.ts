import type { Code, CodeFields, Finding } from '../basis/index.ts';
import { ML_PER_US_CUP, roundedTo } from '../basis/index.ts';
import { GUIDING_RAW_LIGHTNESS, tawnyStepOf } from '../matter/index.ts';
import { settingRange, sticking, SUGAR_SCORCHES_C, TOPPINGS } from '../plate/index.ts';
import type { Advice } from './advice.ts';
import { steamTells } from './answer.ts';
import { HALF_STEP } from '../cook/index.ts';

/** The lower face is seen to be ahead after so long. */
const SLOW_TO_CLOSE_S = 8;
/** A spot is seen to be wetter, share of its mass, or darker, steps, than the rest. */
const WETTER = 0.03;
const DARKER = 0.6;
/** From this risk on it is said, 0–1. */
const STICKS = 0.5;
/** Browner than golden. */
const BROWN_STEP = 5.5;

/** What the cook should know about this batter on this iron. */
export const plateFindings = (a: Omit<Advice, 'findings'>): Finding[] => {
  const found: Finding[] = [];
  const add = <C extends Code>(code: C, fields: CodeFields[C], level: Finding['level'] = 'warning'): void =>
    void found.push({ code, level, fields } as Finding);
  const { iron, target, setting_C, reading } = a.request;
  const { looseness } = a.batter;
  if (looseness < iron.looseness.min) add('batter-too-thick', { looseness: roundedTo(looseness), least: iron.looseness.min });
  if (looseness > iron.looseness.max) add('batter-too-thin', { looseness: roundedTo(looseness), most: iron.looseness.max });
  if (a.batter.rawLightness < GUIDING_RAW_LIGHTNESS) add('colour-cannot-guide', { lightness: Math.round(a.batter.rawLightness) });
  const { window, tawny, crisp, moments } = a.cooked;
  const { cookTime_s } = a.request;
  if (cookTime_s != null && Math.abs(tawny - target.tawny) > HALF_STEP)
    add('own-time-colour', { time_s: Math.round(cookTime_s), wanted: target.tawny, reached: roundedTo(tawny) });
  else if (tawny > target.tawny + HALF_STEP)
    add('colour-before-set', { reached: roundedTo(tawny), waitsFor: window.fromBecause === 'dried-through' ? 'dry-through' : 'set' });
  else if (tawny < target.tawny - HALF_STEP) add('tawny-out-of-reach', { wanted: target.tawny, reached: roundedTo(tawny) });
  else if (target.crisp !== null && Math.abs(crisp - target.crisp) > HALF_STEP && a.setting.chosen !== 'given')
    add('crisp-out-of-reach', { wanted: target.crisp, reached: roundedTo(crisp) }, iron.dryThrough ? 'note' : 'warning');
  if (a.lighter !== null)
    add(
      'lightness-out-of-reach',
      {
        wanted_gPerML: roundedTo(a.lighter.wished_gPerML, 2),
        reached_gPerML: roundedTo(a.pieceDensity_gPerML, 2),
        ...(a.lighter.batter_gPerML === null
          ? {}
          : {
              cup_g: Math.round(a.lighter.batter_gPerML * ML_PER_US_CUP),
              cupNow_g: Math.round(a.batter.density_gPerML * ML_PER_US_CUP),
            }),
      },
      'note',
    );
  if (moments.tooDry_s !== null && moments.tooDry_s < window.best_s)
    add('too-dry-before-colour', { after_s: Math.round(moments.tooDry_s) });
  if (a.batter.setTemperature_C > a.batter.boiling_C - 1)
    add('sets-late', { set_C: Math.round(a.batter.setTemperature_C), boiling_C: roundedTo(a.batter.boiling_C) });
  if (setting_C !== null && a.setting.chosen === 'fixed') add('setting-ignored', { setting_C });
  const range = settingRange(iron);
  if (setting_C !== null && range !== null && (setting_C < range.min_C || setting_C > range.max_C))
    add('setting-beyond-dial', { setting_C, min_C: range.min_C, max_C: range.max_C });
  const { portion_g, fills_g } = a.portion;
  if (a.request.portion_g != null && portion_g < fills_g[0])
    add('own-portion-short', { portion_g: Math.round(portion_g), fills_g: Math.round(fills_g[0]) });
  if (a.request.portion_g != null && portion_g > fills_g[1])
    add('own-portion-leaks', { portion_g: Math.round(portion_g), fills_g: Math.round(fills_g[1]) });
  if (cookTime_s != null && (moments.coreSet_s ?? Infinity) > cookTime_s)
    add('own-time-raw', { time_s: Math.round(cookTime_s), set_s: Math.round(moments.coreSet_s ?? 0) }, 'hazard');
  const { coreSet_s, letsGo_s } = moments;
  if (cookTime_s != null && coreSet_s !== null && coreSet_s <= cookTime_s && letsGo_s !== null && letsGo_s > cookTime_s)
    add('own-time-splits', { time_s: Math.round(cookTime_s), letsGo_s: Math.round(letsGo_s) });
  if (a.loads === 0 && a.part === null)
    add('less-than-a-load', { portion_g: Math.round(a.portion.portion_g), bowl_g: Math.round(reading.totalMass_g) });
  if (a.turned !== null) {
    const { latest_s, stays, hollow } = a.turned;
    const at = Math.min(a.cooked.trace.seconds, Math.round(window.best_s));
    const step = (lightness: number | undefined): number =>
      roundedTo(tawnyStepOf(lightness ?? a.batter.rawLightness, a.batter.rawLightness));
    add(
      'turn-by',
      {
        ...(latest_s === null ? {} : { latest_s }),
        hollow_percent: Math.round(100 * hollow),
        first_percent: Math.round(100 * stays),
        first_step: step(a.cooked.trace.lowerLightness[at]),
        second_step: step(a.cooked.trace.upperLightness[at]),
      },
      latest_s !== null && (a.request.turn_s ?? 0) > latest_s ? 'warning' : 'note',
    );
  }
  const { onPlate } = a.request;
  if (onPlate !== null) {
    const { melts, allergens } = TOPPINGS[onPlate.toppingId];
    const { spot } = a;
    const topping = onPlate.toppingId;
    if (spot !== null && (!spot.isSet || spot.water > spot.aroundWater + WETTER))
      add('spot-wet', {
        topping,
        percent: Math.round(100 * spot.water),
        around_percent: Math.round(100 * spot.aroundWater),
        step: roundedTo(spot.tawny, 1),
        around_step: roundedTo(spot.aroundTawny, 1),
        ...(spot.isSet ? {} : { later_s: spot.later_s === null ? 'never' : Math.max(1, Math.round(spot.later_s)) }),
      });
    if (melts && a.plates.lower_C > SUGAR_SCORCHES_C)
      add('spot-scorch', { topping, plates_C: Math.round(a.plates.lower_C), scorches_C: SUGAR_SCORCHES_C });
    else if (spot !== null && spot.tawny > spot.aroundTawny + DARKER)
      add('spot-dark', { topping, step: roundedTo(spot.tawny, 1), around_step: roundedTo(spot.aroundTawny, 1) });
    if (allergens.length > 0) add('allergen-carry-over', { allergens: allergens.join(', ') });
  }
  if (iron.control.type === 'hob') add('on-a-hob', { every_s: iron.control.turnEvery_s }, 'note');
  if (!steamTells(a) && !iron.dryThrough) add('steam-says-nothing', {}, 'note');
  const { risk, because } = sticking(iron, a.batter);
  if (risk >= STICKS) add('may-stick', { because: because.join(', ') }, 'note');
  if (a.request.delay_s >= SLOW_TO_CLOSE_S) add('slow-to-close', { delay_s: Math.round(a.request.delay_s) }, 'note');
  if (target.tawny >= BROWN_STEP) add('browned-starch', {}, 'note');
  const wish = a.setting.temperature_C;
  if (a.request.preheat_s !== null && a.plates.lower_C < wish - 10)
    add('preheat-short', { plates_C: Math.round(a.plates.lower_C), setting_C: Math.round(wish) });
  return found;
};
