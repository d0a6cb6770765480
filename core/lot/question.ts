import type { AdviceRequest } from '../advise/index.ts';
import type { WishedTarget } from '../cook/index.ts';
import { targetOn } from '../cook/index.ts';
import type { Formula, FormulaLine, Lift, ReadSettings } from '../formula/index.ts';
import type { Kit } from '../kit/index.ts';
import { ownWayOf } from '../kit/index.ts';
import type { Iron } from '../plate/index.ts';
import { settingNow_C } from '../plate/index.ts';

/** What a batter needs of its formula. */
export type FormulaLines = Pick<Formula, 'id' | 'rev' | 'lines' | 'lift'>;

/** A request to the adviser with its formula still as lines, so that little has to be handed over. */
export type BatterQuestion = Omit<AdviceRequest, 'reading'> & {
  readonly formula: { readonly id: string; readonly rev: number; readonly lines: readonly FormulaLine[]; readonly lift: Lift | null };
  readonly readSettings: ReadSettings;
};

/** What is wished of a load, and the conditions that somebody has said. What is left out is as usual: portion, setting and time as the cook has settled on for this pair, or as advised; null: as advised all the same. */
export type LoadWish = { readonly target: WishedTarget } & Pick<AdviceRequest, 'batter_C' | 'load' | 'preheat_s'> &
  Partial<
    Pick<
      AdviceRequest,
      'setting_C' | 'portion_g' | 'cookTime_s' | 'delay_s' | 'onPlate' | 'lightness' | 'turn_s' | 'airFraction' | 'believed'
    >
  >;

/** By taste, share of what just fills: within what neither misses a corner nor leaks. */
const OVERFILL: Readonly<Record<Kit['fillTaste'], number>> = { miss: -0.03, even: 0, leak: 0.05 };

/** The question for the adviser: this batter on this iron, as the kitchen stands. The only place where it is made. */
export const batterQuestion = (
  kit: Pick<Kit, 'altitude_m' | 'room_C' | 'fillTaste'> & Partial<Pick<Kit, 'ownWays'>>,
  readSettings: ReadSettings,
  formula: FormulaLines,
  iron: Iron,
  wish: LoadWish,
): BatterQuestion => {
  const own = ownWayOf(kit.ownWays ?? [], { ironId: iron.id, formulaId: formula.id });
  const portion_g = wish.portion_g === undefined ? own?.portion_g : wish.portion_g;
  const setting_C = wish.setting_C === undefined ? (own?.setting == null ? null : settingNow_C(iron, own.setting)) : wish.setting_C;
  const cookTime_s = wish.cookTime_s === undefined ? own?.cookTime_s : wish.cookTime_s;
  return {
    formula: { id: formula.id, rev: formula.rev, lines: formula.lines, lift: formula.lift },
    readSettings,
    iron,
    altitude_m: kit.altitude_m,
    room_C: kit.room_C,
    batter_C: wish.batter_C,
    target: targetOn(iron, wish.target),
    setting_C,
    ...(portion_g == null ? {} : { portion_g }),
    ...(cookTime_s == null ? {} : { cookTime_s }),
    load: wish.load,
    preheat_s: wish.preheat_s,
    airFraction: wish.airFraction ?? null,
    delay_s: wish.delay_s ?? 0,
    onPlate: wish.onPlate ?? null,
    overfill: OVERFILL[kit.fillTaste],
    believed: wish.believed ?? null,
    turn_s: iron.turned ? (wish.turn_s ?? null) : null,
    // A wafer is dry right through: there is nothing to choose.
    lightness: iron.dryThrough ? null : (wish.lightness ?? null),
  };
};
