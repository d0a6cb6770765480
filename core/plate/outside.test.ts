import { describe, expect, test } from '@jest/globals';
import type { Composition } from '../matter/index.ts';
import { browningRate_perMinute, flowing_mLPerG, waterActivity } from '../matter/index.ts';
import { batterOf } from '../cook/index.ts';
import { gasAtThePlate_molPerKg } from '../formula/index.ts';
import { presetIron, readBatter, readText } from '../testing/batters.ts';
import { CRISP_WATER_ACTIVITY, KITCHEN, meanThickness_m, plateMachine, portion, recoveredPlates, simulate, UNSCALED } from './index.ts';
import { column, medium } from './medium.ts';
import { crispness } from './rack.ts';
import { step, workspace } from './step.ts';

// Numbers from outside the project, none of them looked at when the model was fitted. Sources are named; *from memory* where the value is.

const bowlOf = (name: Parameters<typeof readBatter>[0]) => {
  const bowl = batterOf(readBatter(name), { batter_C: 20, altitude_m: 0 });
  if (!bowl.ok) throw new Error(bowl.failure.code);
  return bowl.value;
};

describe('colour: kinetics of lightness at two temperatures', () => {
  // Zanoni, Peri & Bruno, LWT 28:604–609 (1995): bread crust, 64.2 kJ/mol (ΔE*); Broyart, Trystram & Duquenoy, J. Food Eng. 35:351–368 (1998): biscuit,
  // 50–90 kJ/mol by water activity. Both from memory (medium): so a band, not a value.
  test.each([0.2, 0.35, 0.5])('a_w %d: apparent energy between 160 and 200 °C as of bread and biscuit crusts (50–90 kJ/mol)', (aw) => {
    const [T1, T2] = [160 + 273.15, 200 + 273.15];
    const energy_kJ = (8.314e-3 * Math.log(browningRate_perMinute(200, aw) / browningRate_perMinute(160, aw))) / (1 / T1 - 1 / T2);
    expect(energy_kJ).toBeGreaterThan(50);
    expect(energy_kJ).toBeLessThan(90);
  });

  // The whole load: of two plate temperatures the same crust takes 1.3–2.2 times as long at the one that is 20 K cooler.
  test('the load as a whole keeps to that: 20 K cooler takes about half as long again', () => {
    const iron = presetIron('thin-round');
    const batter = bowlOf('quick');
    const machine = plateMachine(iron);
    const timeAt = (setting_C: number): number =>
      simulate({
        machine,
        batter,
        portion_kg: portion(iron, batter).portion_g / 1000,
        plates: recoveredPlates(machine, setting_C, 22),
        setting_C,
        room_C: 22,
        duration_s: 500,
      }).trace.lowerLightness.findIndex((L) => L <= 64);
    const ratio = timeAt(165) / timeAt(185);
    expect(ratio).toBeGreaterThan(1.25);
    expect(ratio).toBeLessThan(2.2);
  });
});

describe('contact between plate and batter', () => {
  const batter = bowlOf('quick');
  const iron = presetIron('deep-round');
  const machine = plateMachine(iron);
  const thickness = meanThickness_m(machine);
  const m = medium(batter, portion(iron, batter).portion_g / 1000 / machine.heatedArea_m2, thickness, UNSCALED);

  // Double-sided grilling of moist food: 200–1,200 W/m²K (Houšová & Topinka, J. Food Eng. 4:203–217, 1985), 250–650 later in the cook (Wichchukit,
  // Zorrilla & Singh, J. Food Process. Preserv. 25:207–221, 2001); both from memory (medium).
  test('wet within 200–1,200 W/m²K and dry within 250–650', () => {
    for (const contact of [m.contactWet, m.contactDry]) {
      expect(contact).toBeGreaterThan(250);
      expect(contact).toBeLessThan(1200);
    }
    expect(m.contactDry).toBeLessThan(650);
  });

  test('the flux decays as the crust grows: over the first minute to a half or less, and on from there', () => {
    const c = column(m, thickness, 1, 20, false);
    const w = workspace(c.n);
    const plate = { kind: 'plate', temperature_C: 175 } as const;
    const flux: number[] = [];
    for (let t = 0; t < 240; t += 0.25) {
      step(m, c, w, plate, plate, 0.25);
      flux.push(w.heatLower);
    }
    const at = (s: number): number => flux[s * 4] ?? 0;
    expect(at(60)).toBeLessThan(0.5 * at(5));
    expect(at(180)).toBeLessThan(0.7 * at(60));
    expect(at(180)).toBeGreaterThan(0);
  });

  // Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, section 5.7: two thick bodies that touch take their common temperature at once.
  test('against a perfect contact: the first second at the face stays below the contact temperature of two thick bodies', () => {
    const c = column(m, thickness, 1, 40, false);
    const w = workspace(c.n);
    const plate = { kind: 'plate', temperature_C: 175 } as const;
    for (let t = 0; t < 1; t += 0.02) step(m, c, w, plate, plate, 0.02);
    const aluminium = Math.sqrt(160 * 2680 * 960);
    const rho = m.dryDensity_kgPerM3;
    const wet = Math.sqrt(m.wetConductivity * rho * (batter.dryHeatCapacity_JPerKgK + 4200 * batter.water));
    const touch_C = (aluminium * 175 + wet * batter.temperature_C) / (aluminium + wet);
    expect(c.T[0]).toBeLessThan(touch_C);
    expect(c.T[0]).toBeGreaterThan(batter.temperature_C + 20);
  });
});

// ENERGY STAR commercial griddles: idle at most 320 W per square foot of some 2.2–2.7 kW that are installed, thermostats at 190 °C (from memory, medium): 12–15 %.
// A small iron has more edge: a half more is allowed it.
test('idle duty as published for griddles, and half more for the edges of a small iron', () => {
  for (const [ironId, plate_C] of [
    ['deep-round', 175],
    ['thin-square-4', 180],
    ['mini', 190],
    ['wafer', 190],
  ] as const) {
    const { plates } = presetIron(ironId);
    const duty = (plates.loss_WPerK * (plate_C - 22)) / plates.power_W;
    expect(duty).toBeGreaterThan(0.08);
    expect(duty).toBeLessThan(0.15 * 1.5);
  }
});

describe('crispness and water activity', () => {
  const { sorption } = bowlOf('quick');
  const at = (aw: number): number => {
    let [low, high] = [0, 0.6];
    for (let i = 0; i < 60; i++) {
      const x = (low + high) / 2;
      if (waterActivity(sorption, KITCHEN.temperature_C, x) < aw) low = x;
      else high = x;
    }
    const batter = bowlOf('quick');
    const iron = presetIron('wafer');
    const machine = plateMachine(iron);
    const thickness = meanThickness_m(machine);
    const m = medium(batter, portion(iron, batter).portion_g / 1000 / machine.heatedArea_m2, thickness, UNSCALED);
    const c = column(m, thickness, 1, 20, false);
    c.X.fill((low + high) / 2);
    c.T.fill(KITCHEN.temperature_C);
    return crispness(m, [c], true);
  };

  // Katz & Labuza, J. Food Sci. 46:403–409 (1981): dry snacks become unacceptable between a_w 0.35 and 0.50; Hough, Buera, Chirife & Moro, J. Texture Stud. 32:57–74
  // (2001), biscuits: about 0.5. From memory (medium).
  test('a thin dry sheet is crisp at 0.2, middling at the published loss, limp at 0.65', () => {
    expect(at(0.2)).toBeGreaterThan(4.5);
    expect(at(CRISP_WATER_ACTIVITY)).toBeCloseTo(3, 1);
    expect(CRISP_WATER_ACTIVITY).toBeGreaterThanOrEqual(0.35);
    expect(CRISP_WATER_ACTIVITY).toBeLessThanOrEqual(0.5);
    expect(at(0.65)).toBeLessThan(1.3);
  });
});

describe('sugar in water', () => {
  // Density of sucrose solutions at 20 °C, g/mL (ICUMSA / Bates, NBS Circular C440; from memory, high).
  const DENSITY = [
    [10, 1.0381],
    [20, 1.081],
    [30, 1.127],
    [40, 1.1765],
    [50, 1.2296],
    [60, 1.2865],
  ] as const;
  const none: Composition = readText('100 g water').composition!;
  test.each(DENSITY)('%d %% of sucrose: what flows is the solution’s own volume (0.7 %%)', (percent, density) => {
    const sucrose = percent / 100;
    const solution: Composition = { ...none, water: 1 - sucrose, sucrose };
    expect(Math.abs(flowing_mLPerG(solution) * density - 1)).toBeLessThan(0.007);
  });
});

describe('powder gives its gas in two stages', () => {
  // Dough rate of reaction, two minutes of stirring: tartrate powders have given more than half of it, sodium aluminium sulfate and pyrophosphate (double-acting)
  // 20–40 %; what is given cold is partly lost (cereal chemistry texts on leavening acids; from memory, medium).
  const gas = (powder: string): number => {
    const reading = readText(`250 g flour\n10 g ${powder}\n3 large eggs\n420 g milk\n110 g butter`);
    return gasAtThePlate_molPerKg(reading.leavening, reading.totalMass_g);
  };
  test('double-acting keeps nearly nine tenths for the plate, single-acting clearly less', () => {
    const reading = readText('250 g flour\n10 g baking powder\n3 large eggs\n420 g milk\n110 g butter');
    const all = reading.leavening.gas_mmol / reading.totalMass_g;
    expect(gas('baking powder') / all).toBeGreaterThan(0.8);
    expect(gas('baking powder') / all).toBeLessThan(0.95);
    expect(gas('single-acting baking powder')).toBeLessThan(0.8 * gas('baking powder'));
  });
});
