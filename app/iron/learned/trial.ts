import type { Observation } from '../../../core/log/index.ts';
import { fillWord, missingWord } from '../../../core/fit/index.ts';
import { tawnyStepOf } from '../../../core/matter/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import type { IronLink, IronOutcome, IronReading } from '../../devices/index.ts';

export type TrialStage = 'heating' | 'pouring' | 'cooking' | 'opening';
export type TrialPlan = { readonly portion_g: number; readonly share: number; readonly open_s: number; readonly fills_g: number };

type Simulated = { readonly tell: IronLink['tell']; readonly latest: () => IronReading | undefined };

/** Simulated seconds per second while it heats and while it cooks. */
const SPEED = { heating: 120, cooking: 40 } as const;
/** After the light has gone out the plates still even out. */
const EVENS_OUT_S = 60;
const POLL_MS = 40;
const PATIENCE_MS = 90_000;

const until = async (isSo: () => boolean, signal: AbortSignal): Promise<void> => {
  const from = performance.now();
  while (!isSo()) {
    if (signal.aborted || performance.now() - from > PATIENCE_MS) throw new DOMException('trial', 'AbortError');
    await new Promise((resolve) => setTimeout(resolve, POLL_MS));
  }
};

/** The measures of an iron, as the stand-in wants them. */
export const measuresFor = (iron: Iron, range: readonly [low: number, high: number]) =>
  ({
    do: 'become',
    name: iron.id,
    plates_kg: iron.plates.mass_kg,
    power_W: iron.plates.power_W,
    low_C: range[0],
    high_C: range[1],
    heated_cm2: iron.geometry.footprint_cm2 * iron.geometry.areaFactor,
  }) as const;

/** Heats, pours, closes, waits and opens, as a cook would; gives what came out. Rejects when it is given up or nobody answers. */
export const runTrial = async (
  iron: Simulated,
  become: ReturnType<typeof measuresFor>,
  plan: TrialPlan,
  onStage: (stage: TrialStage) => void,
  signal: AbortSignal,
): Promise<IronOutcome> => {
  onStage('heating');
  await iron.tell(become);
  await iron.tell({ do: 'speed', factor: SPEED.heating });
  await iron.tell({ do: 'set', share: plan.share });
  await iron.tell({ do: 'switch', isOn: true });
  await iron.tell({ do: 'close' });
  const begun = iron.latest()?.clock_s ?? 0;
  let lightOutAt: number | null = null;
  await until(() => {
    const now = iron.latest();
    if (now === undefined || now.clock_s < begun + 3) return false;
    if (!now.isHeating) lightOutAt ??= now.clock_s;
    return lightOutAt !== null && now.clock_s > lightOutAt + EVENS_OUT_S;
  }, signal);
  onStage('pouring');
  await iron.tell({ do: 'speed', factor: SPEED.cooking });
  await iron.tell({ do: 'pour', grams: plan.portion_g, fills_g: plan.fills_g });
  await iron.tell({ do: 'close' });
  onStage('cooking');
  await until(() => (iron.latest()?.cooking_s ?? 0) >= plan.open_s - 1.5, signal);
  await iron.tell({ do: 'open' });
  onStage('opening');
  await until(() => iron.latest()?.out !== null && iron.latest()?.out !== undefined, signal);
  await iron.tell({ do: 'close' });
  const out = iron.latest()?.out;
  if (out === null || out === undefined) throw new DOMException('trial', 'AbortError');
  return out;
};

/** What a cook would touch on seeing it; `instruments`: a plate thermometer and a scale are read too. */
export const touchedAfter = (out: IronOutcome, rawLightness: number, moulds: number, instruments: boolean): Observation[] => {
  const fill = fillWord(out.share);
  const step = (lightness: number): number => Math.round(tawnyStepOf(lightness, rawLightness));
  return Array.from({ length: moulds }, (_, mould): Observation[] => [
    { kind: 'fill', mould, value: fill },
    ...(fill === 'missing'
      ? [{ kind: 'missing_share', mould, value: missingWord(out.share) } as const]
      : fill === 'leaked'
        ? [{ kind: 'leaked_g', mould, value: Math.max(1, Math.round(out.leaked_g / moulds)) } as const]
        : []),
    { kind: 'tawny', mould, side: 'upper', value: step(out.upperLightness) },
    { kind: 'tawny', mould, side: 'lower', value: step(out.lowerLightness) },
    { kind: 'crumb', mould, value: out.isSet ? 'soft' : 'dense' },
    ...(instruments
      ? ([
          { kind: 'plate_C', mould, value: out.plate_C },
          { kind: 'mass_g', mould, value: Math.max(1, out.mass_g / moulds) },
        ] as const)
      : []),
  ]).flat();
};
