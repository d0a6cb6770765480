import type { IronCommand, IronOutcome, IronReading } from '../../contract/devices.ts';

/** A seeded number in [0, 1). */
type Random = () => number;

/** By rules of its own, so that what is tried on it is not examined by itself (*common practice* in size). */
const ROOM_C = 21;
const SENSOR_LAG_S = 12;
const HYSTERESIS_K = 4;
const ALUMINIUM = 900;
const LOSS_W_PER_K_CM2 = 0.0042;
const OPEN_LID = 3;
const CONTACT_W_PER_M2K = 280;
const CRUST_W_PER_MK = 0.09;
/** Water that has to leave for a cubic metre of crust, kg. */
const CRUST_WATER = 420;
const LATENT = 2.26e6;
const BATTER_J_PER_KG_K = 3300;
const BATTER_C = 20;
const INNER_SHARE = 0.75;
const INNER_W_PER_M2K = 60;
const SET_C = 92;
const RAW_LIGHTNESS = 86;
const BROWNS_PER_S_AT_150 = 1.25e-3;
const BROWNS_DOUBLES_K = 13;
const GIVES = 1.1;
const STEP_S = 0.25;
const MOST_STEPS = 4000;
const NOISE_K = 0.6;

type Plate = { T: number; sensor: number; isHeating: boolean };
type Side = { outer_C: number; inner_C: number; crust_m: number; lost_kgPerM2: number; lightness: number };

/** Faults: the dial is worn, the room isn't what a ruler says, it browns in its own way, one side and the hinge are hotter. */
type Faults = { offset_K: number; room: number; browning: number; side_K: number; hinge_K: number; beeps_s: number };

const normalOf = (random: Random): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/** FNV-1a of the name, then a multiplicative generator (Park & Miller 1988). */
const diceOf = (name: string): Random => {
  let x = 2_166_136_261;
  for (const char of name) x = Math.imul(x ^ (char.codePointAt(0) ?? 0), 16_777_619) >>> 0;
  let state = (x % 2_147_483_646) + 1;
  return () => (state = (state * 16_807) % 2_147_483_647) / 2_147_483_647;
};

const faultsOf = (name: string): Faults => {
  const random = diceOf(name);
  // The first numbers of such a generator follow its seed too closely.
  for (let i = 0; i < 8; i++) random();
  return {
    offset_K: 10 * normalOf(random),
    room: Math.exp(0.12 * normalOf(random)),
    browning: Math.exp(0.2 * normalOf(random)),
    side_K: 3 * normalOf(random),
    hinge_K: 2 + 3 * random(),
    beeps_s: 150 + 150 * random(),
  };
};

/** An iron that isn't there, with a thermometer in its plates. Time is given to it, in ms. */
export class SimulatedIron {
  private measures = { name: '', plates_kg: 1.5, power_W: 1000, low_C: 135, high_C: 195, heated_cm2: 457 };
  private faults: Faults;
  private share = 0.5;
  private isOn = false;
  private isOpen = false;
  private lower: Plate = { T: ROOM_C, sensor: ROOM_C, isHeating: false };
  private upper: Plate = { T: ROOM_C, sensor: ROOM_C, isHeating: false };
  private clock_s = 0;
  private speed = 1;
  private seenAt: number;
  private batter: { grams: number; share: number; leaked_g: number; sides: [Side, Side]; poured_C: number } | null = null;
  private closed_s: number | null = null;
  private steam_W = 0;
  private mostSteam_W = 1;
  private out: IronOutcome | null = null;
  private loads = 0;

  constructor(
    now: number,
    private readonly random: Random,
  ) {
    this.seenAt = now;
    this.faults = faultsOf('');
  }

  private normal(): number {
    return normalOf(this.random);
  }

  obey(command: IronCommand, now: number): void {
    this.advance(now);
    if (command.do === 'become') {
      const { do: _, ...measures } = command;
      if (measures.name !== this.measures.name) {
        this.faults = faultsOf(measures.name);
        this.loads = 0;
        this.out = null;
        this.batter = null;
        this.closed_s = null;
      }
      this.measures = measures;
    } else if (command.do === 'switch') this.isOn = command.isOn;
    else if (command.do === 'set') this.share = command.share;
    else if (command.do === 'speed') this.speed = command.factor;
    else if (command.do === 'pour') this.pour(command.grams, command.fills_g);
    else if (command.do === 'close') this.close();
    else this.open();
  }

  private pour(grams: number, fills_g: number): void {
    const share = (grams * (1 + 0.01 * this.normal())) / (fills_g * this.faults.room);
    const leaked_g = share > GIVES ? (1 - GIVES / share) * grams : 0;
    const side = (): Side => ({ outer_C: BATTER_C, inner_C: BATTER_C, crust_m: 0, lost_kgPerM2: 0, lightness: RAW_LIGHTNESS });
    this.batter = { grams: grams - leaked_g, share, leaked_g, sides: [side(), side()], poured_C: this.lower.T };
    this.isOpen = true;
    this.out = null;
    this.mostSteam_W = 1;
  }

  private close(): void {
    this.isOpen = false;
    if (this.batter !== null && this.closed_s === null) this.closed_s = this.clock_s;
  }

  private open(): void {
    this.isOpen = true;
    const b = this.batter;
    if (b === null || this.closed_s === null) return;
    const area_m2 = this.measures.heated_cm2 * 1e-4;
    const lost_g = 1000 * area_m2 * (b.sides[0].lost_kgPerM2 + b.sides[1].lost_kgPerM2);
    this.loads++;
    this.out = {
      n: this.loads,
      cooked_s: Math.round(this.clock_s - this.closed_s),
      lowerLightness: Number((b.sides[0].lightness + 0.6 * this.normal()).toFixed(1)),
      upperLightness: Number((b.sides[1].lightness + 0.6 * this.normal()).toFixed(1)),
      share: Number(b.share.toFixed(3)),
      leaked_g: Math.round(b.leaked_g),
      isSet: Math.min(b.sides[0].inner_C, b.sides[1].inner_C) >= SET_C,
      mass_g: Math.round(b.grams - lost_g),
      plate_C: Math.round(b.poured_C),
    };
    this.batter = null;
    this.closed_s = null;
    this.steam_W = 0;
  }

  private advance(now: number): void {
    const seconds = (Math.max(0, now - this.seenAt) / 1000) * this.speed;
    this.seenAt = now;
    const steps = Math.min(MOST_STEPS, Math.ceil(seconds / STEP_S));
    for (let i = 0; i < steps; i++) this.step(seconds / steps);
  }

  private aim_C(): number {
    const { low_C, high_C } = this.measures;
    return low_C + this.share * (high_C - low_C) + this.faults.offset_K;
  }

  private step(h: number): void {
    this.clock_s += h;
    const area_m2 = this.measures.heated_cm2 * 1e-4;
    let steam_W = 0;
    const plates = [this.lower, this.upper] as const;
    plates.forEach((plate, i) => {
      const side = this.isOpen ? undefined : this.batter?.sides[i];
      let taken_W = 0;
      if (side !== undefined && this.batter !== null) {
        const flow = this.cook(side, plate.T, (this.batter.grams * 1e-3) / area_m2 / 2, h);
        taken_W = area_m2 * flow.heat;
        steam_W += area_m2 * flow.steam;
      }
      const aim = this.aim_C() + (i === 1 ? this.faults.side_K : 0);
      if (plate.sensor > aim + HYSTERESIS_K) plate.isHeating = false;
      if (plate.sensor < aim - HYSTERESIS_K) plate.isHeating = true;
      const heater_W = this.isOn && plate.isHeating ? this.measures.power_W / 2 : 0;
      const loss_W = LOSS_W_PER_K_CM2 * (this.measures.heated_cm2 / 1.8) * (this.isOpen ? OPEN_LID : 1) * (plate.T - ROOM_C);
      plate.T += (h * (heater_W - loss_W - taken_W)) / ((this.measures.plates_kg * ALUMINIUM) / 2);
      plate.sensor += (plate.T - plate.sensor) * (1 - Math.exp(-h / SENSOR_LAG_S));
    });
    this.steam_W = steam_W;
    this.mostSteam_W = Math.max(this.mostSteam_W, steam_W);
  }

  /** One face for `h` seconds: an outer and an inner part, a crust that grows as water leaves, and its colour. W/m². */
  private cook(side: Side, plate_C: number, mass_kgPerM2: number, h: number): { heat: number; steam: number } {
    const resistance = 1 / CONTACT_W_PER_M2K + side.crust_m / CRUST_W_PER_MK;
    const heat = (plate_C - side.outer_C) / resistance;
    const inward = INNER_W_PER_M2K * (side.outer_C - side.inner_C);
    side.inner_C += (h * inward) / (INNER_SHARE * mass_kgPerM2 * BATTER_J_PER_KG_K);
    let steam = 0;
    if (side.outer_C < 100) side.outer_C += (h * (heat - inward)) / ((1 - INNER_SHARE) * mass_kgPerM2 * BATTER_J_PER_KG_K);
    else {
      steam = Math.max(0, heat - inward);
      side.crust_m += (h * steam) / LATENT / CRUST_WATER;
      side.lost_kgPerM2 += (h * steam) / LATENT;
    }
    const face_C = plate_C - heat / CONTACT_W_PER_M2K;
    if (face_C > 105)
      side.lightness *= Math.exp(-h * this.faults.browning * BROWNS_PER_S_AT_150 * 2 ** ((face_C - 150) / BROWNS_DOUBLES_K));
    return { heat, steam };
  }

  reading(now: number): IronReading {
    this.advance(now);
    const felt = (value: number): number => Number((value + NOISE_K * (this.random() - 0.5)).toFixed(1));
    return {
      at: now,
      clock_s: Math.round(this.clock_s),
      isOn: this.isOn,
      isHeating: this.isOn && (this.lower.isHeating || this.upper.isHeating),
      hinge_C: felt(this.lower.T + this.faults.hinge_K / 2),
      front_C: felt(this.lower.T - this.faults.hinge_K / 2),
      upper_C: felt(this.upper.T),
      lid: this.isOpen ? 'open' : 'closed',
      cooking_s: this.closed_s === null ? null : Math.round(this.clock_s - this.closed_s),
      steam: Number((this.steam_W / this.mostSteam_W).toFixed(2)),
      hasBeeped: this.closed_s !== null && this.clock_s - this.closed_s > this.faults.beeps_s,
      out: this.out,
    };
  }
}
