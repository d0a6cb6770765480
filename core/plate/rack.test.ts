import { describe, expect, test } from '@jest/globals';
import { batterOf } from '../cook/index.ts';
import { DEFAULT_CONDITIONS } from '../advise/index.ts';
import { presetIron, readBatter } from '../testing/batters.ts';
import { breathing } from './rack.ts';
import { columnAt, crispLayer_m, crispness, KITCHEN, plateMachine, portion, recoveredPlates, simulate, standOnRack } from './index.ts';

const cooked = (ironId: string, batter: 'quick' | 'wafer', setting_C: number, duration_s: number) => {
  const iron = presetIron(ironId);
  const bowl = batterOf(readBatter(batter), DEFAULT_CONDITIONS);
  if (!bowl.ok) throw new Error(bowl.failure.code);
  const machine = plateMachine(iron);
  const { trace, end } = simulate({
    machine,
    batter: bowl.value,
    portion_kg: portion(iron, bowl.value).portion_g / 1000,
    plates: recoveredPlates(machine, setting_C, 22),
    setting_C,
    room_C: 22,
    duration_s,
    profiles: true,
  });
  return { m: end.medium, at: (second: number) => trace.columns.map((column) => columnAt(end.medium, column, second)) };
};

const deep = cooked('deep-round', 'quick', 175, 420);

describe('the air round a piece', () => {
  test('radiation carries heat and no vapour', () => {
    const still = { convection_WPerM2K: 4, radiation_WPerM2K: 0 };
    const [dark, bright] = [breathing(22, KITCHEN, still), breathing(22, KITCHEN, { ...still, radiation_WPerM2K: 8 })];
    if (dark.kind !== 'air' || bright.kind !== 'air') throw new Error('no air');
    expect(bright.h_WPerM2K).toBe(dark.h_WPerM2K + 8);
    expect(bright.vapourConductance).toBe(dark.vapourConductance);
  });

  // Lewis relation, Incropera & DeWitt, section 6.7: h/h_m = ρ·c_p·Le^(2/3), moist air at 50 °C (1.09 kg/m³, 1,007 J/kgK, Le 0.86; from memory).
  test('vapour leaves as the Lewis relation says (5 %)', () => {
    const face = breathing(50, KITCHEN, { convection_WPerM2K: 10, radiation_WPerM2K: 0 });
    if (face.kind !== 'air') throw new Error('no air');
    const transfer_mPerS = 10 / (1.09 * 1007 * 0.86 ** (2 / 3));
    const expected = (transfer_mPerS * 0.018015) / (8.314 * 323.15);
    expect(Math.abs(face.vapourConductance / expected - 1)).toBeLessThan(0.05);
  });
});

describe('off the iron', () => {
  test('a piece cools and its crust takes up water from the crumb', () => {
    const [, rib] = deep.at(330);
    if (rib === undefined) throw new Error('no rib');
    const hot = Float64Array.from(rib.T);
    const before = crispLayer_m(deep.m, rib);
    standOnRack(deep.m, [rib], KITCHEN, 600);
    rib.T.forEach((T, i) => expect(T).toBeLessThan(hot[i] ?? 0));
    expect(Math.min(...rib.T)).toBeGreaterThan(KITCHEN.temperature_C - 6);
    expect(crispLayer_m(deep.m, rib)).toBeLessThan(before);
  });

  test('damp air takes the crunch sooner', () => {
    const [dry, damp] = [0.3, 0.9].map((humidity) => {
      const columns = deep.at(360);
      standOnRack(deep.m, columns, { temperature_C: 22, humidity }, 1200);
      return crispness(deep.m, columns, false);
    }) as [number, number];
    expect(damp).toBeLessThan(dry);
  });

  test('crispness lies between 1 and 5 and grows with time in the iron', () => {
    let before = 0;
    for (const second of [60, 150, 240, 330, 410]) {
      const columns = deep.at(second);
      standOnRack(deep.m, columns, KITCHEN, 120);
      const crisp = crispness(deep.m, columns, false);
      expect(crisp).toBeGreaterThanOrEqual(Math.max(1, before - 0.05));
      expect(crisp).toBeLessThanOrEqual(5);
      before = crisp;
    }
    expect(before).toBeGreaterThan(3);
  });

  // *Common practice*: crisp thin wafers are left to cool on a rack, and are still crisp when they are packed.
  test('a wafer is still crisp after twenty minutes on an open rack, and in damp air no longer', () => {
    const wafer = cooked('wafer', 'wafer', 215, 60);
    const after = (humidity: number, minutes: number): number => {
      const columns = wafer.at(40);
      standOnRack(wafer.m, columns, { temperature_C: 22, humidity }, minutes * 60);
      return crispness(wafer.m, columns, true);
    };
    expect(after(0.5, 20)).toBeGreaterThan(3);
    expect(after(0.8, 40)).toBeLessThan(1.5);
  });

  test('a wafer that is dry right through snaps; one taken out early doesn’t', () => {
    const wafer = cooked('wafer', 'wafer', 215, 60);
    const [early, done] = [8, 40].map((second) => {
      const columns = wafer.at(second);
      standOnRack(wafer.m, columns, KITCHEN, 120);
      return crispness(wafer.m, columns, true);
    }) as [number, number];
    expect(done).toBeGreaterThan(4.5);
    expect(early).toBeLessThan(2.5);
  });
});
