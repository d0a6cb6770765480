import type { RefrigeratorCommand, RefrigeratorReading } from '../../contract/devices.ts';

/** A seeded number in [0, 1). */
type Random = () => number;

/** A household machine: the compressor starts and stops around its mark, the door lets warm air in, a warm bowl warms the air (*common practice*). */
const HYSTERESIS_K = 1.3;
const PULL_K_PER_S = 0.0042;
const LEAK_PER_S = 1 / 5200;
const ROOM_C = 21;
const DOOR_S = 25;
const DOOR_K_PER_S = 0.22;
const BOWL_WARMS = 4.5e-5;
/** Batter in two parts, rim and middle, each passing heat on; per second and kg^(−1/3). */
const RIM_PER_S = 3.3e-4;
const MIDDLE_PER_S = 5.5e-4;
const PROBE_LAG_S = 40;
const PROBE_NOISE_K = 0.15;
/** Gas by a rule of its own: doubling every nine kelvins, and only so much food. */
const RISE_PER_S_AT_25 = 7e-5;
const MOST_RISE = 1.6;
const STEP_S = 5;
const MOST_STEPS = 20_000;

/** A refrigerator that isn't there, with a probe in its batter. Time is given to it, in ms. */
export class SimulatedRefrigerator {
  private set_C = 4;
  private air_C = 4;
  private isCooling = false;
  private doorUntil_s = -1;
  private speed = 1;
  private clock_s = 0;
  private seenAt: number;
  private batter: { rim_C: number; middle_C: number; mass_kg: number; since_s: number; risen: number; yeast: boolean } | null = null;
  private probe_C = 4;
  private isProbeIn = true;

  constructor(
    now: number,
    private readonly random: Random,
  ) {
    this.seenAt = now;
  }

  obey(command: RefrigeratorCommand, now: number): void {
    this.advance(now);
    if (command.do === 'put') {
      this.batter = {
        rim_C: command.start_C,
        middle_C: command.start_C,
        mass_kg: command.mass_kg,
        since_s: this.clock_s,
        risen: 0,
        yeast: command.yeast,
      };
      this.probe_C = command.start_C;
      this.isProbeIn = true;
      this.doorUntil_s = this.clock_s + DOOR_S;
    } else if (command.do === 'door') this.doorUntil_s = this.clock_s + DOOR_S;
    else if (command.do === 'set') this.set_C = command.air_C;
    else if (command.do === 'speed') this.speed = command.factor;
    else this.isProbeIn = command.isIn;
  }

  private advance(now: number): void {
    const seconds = (Math.max(0, now - this.seenAt) / 1000) * this.speed;
    this.seenAt = now;
    const steps = Math.min(MOST_STEPS, Math.ceil(seconds / STEP_S));
    for (let i = 0; i < steps; i++) this.step(seconds / steps);
  }

  private step(h: number): void {
    this.clock_s += h;
    if (this.air_C > this.set_C + HYSTERESIS_K) this.isCooling = true;
    if (this.air_C < this.set_C - HYSTERESIS_K) this.isCooling = false;
    const door = this.clock_s < this.doorUntil_s ? DOOR_K_PER_S : 0;
    const bowl = this.batter === null ? 0 : BOWL_WARMS * this.batter.mass_kg * (this.batter.rim_C - this.air_C);
    this.air_C +=
      h * ((this.isCooling ? -PULL_K_PER_S : 0) + LEAK_PER_S * (ROOM_C - this.air_C) + bowl) +
      door * Math.min(h, DOOR_S) * ((ROOM_C - this.air_C) / ROOM_C);
    if (this.batter !== null) {
      const b = this.batter;
      const size = Math.cbrt(b.mass_kg);
      const out = (RIM_PER_S / size) * (this.air_C - b.rim_C);
      const through = (MIDDLE_PER_S / size) * (b.middle_C - b.rim_C);
      b.rim_C += h * (out + through);
      b.middle_C -= h * through;
      const mean = (b.rim_C + b.middle_C) / 2;
      if (b.yeast) b.risen += h * RISE_PER_S_AT_25 * 2 ** ((mean - 25) / 9) * Math.max(0, 1 - b.risen / MOST_RISE);
    }
    const felt = this.batter !== null && this.isProbeIn ? this.batter.middle_C : this.air_C;
    this.probe_C += (felt - this.probe_C) * (1 - Math.exp(-h / PROBE_LAG_S));
  }

  reading(now: number): RefrigeratorReading {
    this.advance(now);
    const noise = PROBE_NOISE_K * (this.random() - 0.5) * 2;
    return {
      at: now,
      since_s: this.batter === null ? null : Math.round(this.clock_s - this.batter.since_s),
      air_C: Number(this.air_C.toFixed(1)),
      probe_C: this.batter === null ? null : Number((this.probe_C + noise).toFixed(1)),
      rise: this.batter === null ? null : Number((1 + this.batter.risen).toFixed(2)),
    };
  }
}
