import type { Random } from '../basis/index.ts';
import type { IronParameters } from '../fit/index.ts';
import { drawIronParameters, NOMINAL } from '../fit/index.ts';
import type { Fault, Level } from './level.ts';

/** The truth of a practice iron. Beyond `Unknowns`, things the estimator knows nothing of. */
export type Hidden = IronParameters & {
  /** Hinge side over front, K. */
  readonly lean_K: number;
  /** Thickness of crust conductivity over the model's. */
  readonly crust: number;
  /** Per load: pour, share; plates, K. */
  readonly pourScatter: number;
  readonly plateScatter_K: number;
  /** Swing of the thermostat, K, with an unknown phase at the pour. */
  readonly swing_K: number;
  /** When its beep comes, over the model's moment; each iron's is early or late by its own amount. */
  readonly beepFactor: number;
  /** Step of the paler face at which it begins to smell. */
  readonly smellStep: number;
};

/** Even an iron without faults swings a little. */
const SWING_K = 4;

/** Draws an iron for a level; a fault that is drawn is always large enough to be seen. */
export const drawHidden = (level: Level, random: Random): Hidden => {
  const drawn = drawIronParameters(random);
  const has = (fault: Fault): boolean => level.faults.includes(fault);
  const seen = (value: number, least: number): number => (Math.abs(value) >= least ? value : value < 0 ? value - least : value + least);
  const away = (factor: number, least: number): number => Math.exp(seen(Math.log(factor), least));
  return {
    offset_K: has('heat') ? seen(drawn.offset_K, 8) : NOMINAL.offset_K,
    cavity: has('room') ? away(drawn.cavity, 0.12) : NOMINAL.cavity,
    contact: has('contact') ? drawn.contact : NOMINAL.contact,
    browning: has('browning') ? away(drawn.browning, 0.15) : NOMINAL.browning,
    side_K: has('sides') ? seen(drawn.side_K, 4) : NOMINAL.side_K,
    scatter: NOMINAL.scatter,
    lean_K: has('lean') ? 6 + 6 * random.next() : 0,
    crust: has('contact') ? Math.exp(0.15 * random.normal()) : 1,
    pourScatter: has('scatter') ? 0.03 : 0.01,
    plateScatter_K: has('scatter') ? 3 : 1,
    swing_K: SWING_K,
    beepFactor: Math.exp(0.2 * random.normal()),
    smellStep: 2 + 2 * random.next(),
  };
};
