import type { ScaleCommand, ScaleReading } from '../../contract/devices.ts';

/** A seeded number in [0, 1): the stand-in is the same for the same seed. */
type Random = () => number;

/** A cheap load cell: settles with a little swing, drifts, and trembles while it moves (*common practice* of kitchen scales). */
const SETTLING_S = 0.22;
const SWING_HZ = 2.4;
const DRIFT_G_PER_MIN = 0.12;
const LEAN_S = 1.4;
const LEAN_G = 260;
const BATTERY_PER_HOUR = 0.02;
const FLAT = 0.02;

/** A kitchen scale that isn't there, for showing and testing. Time is given to it, in ms. */
export class SimulatedScale {
  private load_g = 0;
  private zero_g = 0;
  private resolution_g = 1;
  private most_g = 5000;
  private battery = 0.86;
  private batteryAt: number;
  private changedAt: number;
  private from_g = 0;
  private leanedUntil = -Infinity;
  private readonly startedAt: number;

  constructor(
    now: number,
    private readonly random: Random,
  ) {
    this.startedAt = now;
    this.changedAt = now;
    this.batteryAt = now;
  }

  obey(command: ScaleCommand, now: number): void {
    if (command.do === 'zero') this.zero_g = this.felt(now);
    else if (command.do === 'lean') this.leanedUntil = now + 1000 * LEAN_S;
    else if (command.do === 'battery') {
      this.battery = command.level;
      this.batteryAt = now;
    } else if (command.do === 'become') {
      this.resolution_g = command.resolution_g;
      this.most_g = command.most_g;
    } else {
      this.from_g = this.felt(now);
      this.load_g = command.do === 'clear' ? 0 : Math.max(0, this.load_g + command.grams);
      this.changedAt = now;
    }
  }

  /** What the load cell feels, g: the load, on its way from what was there before. */
  private felt(now: number): number {
    const seconds = Math.max(0, (now - this.changedAt) / 1000);
    const swing = Math.exp(-seconds / SETTLING_S) * Math.cos(2 * Math.PI * SWING_HZ * seconds);
    return this.load_g + (this.from_g - this.load_g) * swing;
  }

  reading(now: number): ScaleReading {
    const battery = Math.max(0, this.battery - (BATTERY_PER_HOUR * (now - this.batteryAt)) / 3_600_000);
    if (battery < FLAT) return { at: now, grams: null, trouble: 'battery-flat', battery };
    if (this.load_g > this.most_g) return { at: now, grams: null, trouble: 'overload', battery };
    const drift = (DRIFT_G_PER_MIN * (now - this.startedAt)) / 60_000;
    const lean = now < this.leanedUntil ? LEAN_G * (this.random() - 0.3) : 0;
    const isMoving = now - this.changedAt < 1500;
    const tremble = (isMoving ? 0.6 : 0.25) * this.resolution_g * (this.random() - 0.5);
    const exact = this.felt(now) - this.zero_g + (drift % (2 * this.resolution_g)) * 0.1 + lean + tremble;
    const shown = Math.round(exact / this.resolution_g) * this.resolution_g;
    return { at: now, grams: Number(shown.toFixed(2)), trouble: null, battery };
  }
}
