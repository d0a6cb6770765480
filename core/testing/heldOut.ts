import { recoveredPlates, simulate, UNSCALED } from '../plate/index.ts';
import type { Emulator } from '../fit/index.ts';
import { swelledTo } from '../fit/index.ts';

/** A load of the emulator's pairing run by the model itself, at a plate temperature, contact and amount that lie between the emulator's. */
export const heldOut = (e: Emulator, plate_C: number, contact: number, amount: number, duration_s: number) =>
  simulate({
    machine: swelledTo(e.pairing.iron, amount),
    batter: e.pairing.batter,
    portion_kg: (e.full_g * amount) / 1000,
    plates: recoveredPlates(e.machine, plate_C, e.pairing.room_C),
    setting_C: plate_C,
    room_C: e.pairing.room_C,
    duration_s,
    scales: { ...UNSCALED, contact },
    profiles: true,
  });
