import type { Advice, AdviceRequest } from '../core/advise/index.ts';
import type { BATTERS } from '../core/testing/batters.ts';
import { adviceFor } from '../core/testing/ask.ts';

const ML_PER_CUP = 236.588;

const ask = (ironId: string, batter: keyof typeof BATTERS, tawny: number, changes: Partial<AdviceRequest> = {}): Advice =>
  adviceFor(ironId, batter, tawny, { ...(batter === 'rested' ? { batter_C: 8 } : {}), ...changes });

const tell = (line: string): void => void process.stdout.write(`${line}\n`);
const per = (share: number): string => `${(100 * share).toFixed(1)} %`;

const LOADS = [
  ['wafer', 'wafer', 2],
  ['wafer', 'wafer', 3],
  ['ball-pan', 'rested', 4],
  ['thin-round', 'quick', 3],
  ['thin-round', 'quick', 4],
  ['thin-square-4', 'quick', 3],
  ['thin-square-4', 'quick', 4],
  ['deep-round', 'quick', 4],
  ['deep-round', 'yeasted', 4],
  ['deep-round', 'folded', 4],
  ['mini', 'quick', 3],
  ['mini', 'quick', 4],
] as const;

/** Changes of one input at a time, at the same plates. */
const moves = (iron: Advice['request']['iron']): readonly (readonly [string, Partial<AdviceRequest>])[] => [
  ['batter at 5 °C instead of 20', { batter_C: 5 }],
  ['altitude 1,500 m', { altitude_m: 1500 }],
  ['plates 20 % heavier', { iron: { ...iron, plates: { ...iron.plates, mass_kg: 1.2 * iron.plates.mass_kg } } }],
  ['watts −20 %', { iron: { ...iron, plates: { ...iron.plates, power_W: 0.8 * iron.plates.power_W } } }],
  ['room +10 %', { iron: { ...iron, geometry: { ...iron.geometry, cavity_mL: 1.1 * iron.geometry.cavity_mL } } }],
  ['preheated for two minutes only', { preheat_s: 120 }],
];

/** What docs/models/plate.md sets beside common practice, printed anew. */
export const practiceTable = (): void => {
  tell('\nloads at their middling setting: best moment, loss, portion, moisture, steam down over the best moment, crust of the web');
  for (const [ironId, batter, tawny] of LOADS) {
    const a = ask(ironId, batter, tawny);
    const { best_s } = a.cooked.window;
    const { steamDown_s, coreSet_s, letsGo_s } = a.cooked.moments;
    const raw = 1 - a.batter.drySolids;
    const cups = a.portion.portion_mL / ML_PER_CUP / a.request.iron.geometry.moulds;
    tell(
      `${ironId.padEnd(14)} ${batter.padEnd(8)} step ${tawny}: ${best_s.toFixed(0)} s (${a.setting.temperature_C.toFixed(0)} °C), set ${coreSet_s?.toFixed(0)}, lets go ${letsGo_s?.toFixed(0)}; lost ${per(a.waterLoss)}, left ${per((raw - a.waterLoss) / (1 - a.waterLoss))}; ${cups.toFixed(2)} cup, ${(a.portion.portion_g / a.request.iron.geometry.moulds).toFixed(0)} g; steam ${steamDown_s === null ? 'never' : (steamDown_s / best_s).toFixed(2)}; crisp ${a.cooked.crisp.toFixed(1)}`,
    );
  }
  tell('\nwhat moves the best moment at step 4, plates at 170 °C (mini at its own 200 °C)');
  for (const ironId of ['deep-round', 'thin-square-4', 'mini'] as const) {
    const setting_C = ironId === 'mini' ? null : 170;
    const { request, cooked } = ask(ironId, 'quick', 4, { setting_C });
    const usual = cooked.window.best_s;
    const told = moves(request.iron).map(([name, change]) => {
      const { best_s } = ask(ironId, 'quick', 4, { setting_C, ...change }).cooked.window;
      return `${name} ${per(best_s / usual - 1)}`;
    });
    const darker = ask(ironId, 'quick', 5, { setting_C }).cooked.window.best_s;
    tell(`${ironId}: ${usual.toFixed(0)} s; ${told.join(', ')}, one step darker ${per(darker / usual - 1)}`);
  }
};
