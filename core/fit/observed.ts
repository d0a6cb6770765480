import type { LoadProgress, Observation, Prediction } from '../log/index.ts';
import type { Edges } from '../log/index.ts';
import { EDGES, pouredAsWhole_g, settingOf } from '../log/index.ts';
import type { Action, Measured, Outcome } from './belief.ts';

const mean = (values: readonly number[]): number | null => (values.length === 0 ? null : values.reduce((a, b) => a + b, 0) / values.length);

/** Moulds differ: the one in the middle speaks for the load. */
const middleOf = (edges: readonly number[]): Edges =>
  EDGES[[...edges].sort((a, b) => a - b)[Math.floor((edges.length - 1) / 2)] ?? 1] ?? 'sharp';

/** What a cook touched after a load, all moulds together. A dense crumb is a core that hadn't set. */
export const outcomeOf = (observations: readonly Observation[], moulds = 1): Outcome => {
  const fills = observations.flatMap((o) => (o.kind === 'fill' ? [o.value] : []));
  const steps = (side: 'lower' | 'upper'): number | null => {
    const middle = mean(observations.flatMap((o) => (o.kind === 'tawny' && o.side === side ? [o.value] : [])));
    return middle === null ? null : Math.round(middle);
  };
  const edges = observations.flatMap((o) => (o.kind === 'edges' ? [EDGES.indexOf(o.value)] : []));
  const missing = observations.flatMap((o) => (o.kind === 'missing_share' ? [o.value] : []));
  const leaked = observations.flatMap((o) => (o.kind === 'leaked_g' ? [o.value] : []));
  const lightness = (side: 'lower' | 'upper'): number | null =>
    mean(observations.flatMap((o) => (o.kind === 'lightness' && o.side === side ? [o.value] : [])));
  const probes = observations.flatMap((o) => (o.kind === 'plate_C' ? [o.value] : []));
  const masses = observations.flatMap((o) => (o.kind === 'mass_g' ? [o.value] : []));
  // The load's mass is known only when every piece was on the scale.
  const pieces = Math.max(moulds, ...observations.map((o) => o.mould + 1));
  const measured: Measured = {
    lowerLightness: lightness('lower'),
    upperLightness: lightness('upper'),
    plate_C: mean(probes),
    mass_g: masses.length > 0 && masses.length === pieces ? masses.reduce((a, b) => a + b, 0) : null,
  };
  const crisps = observations.flatMap((o) => (o.kind === 'crisp' ? [o.value] : []));
  const crumbs = observations.flatMap((o) => (o.kind === 'crumb' ? [o.value] : []));
  // Moulds differ: the load as a whole is what most of them say.
  const most = (['missing', 'leaked', 'full'] as const).reduce<Outcome['fill']>((best, fill) => {
    const count = (f: Outcome['fill']): number => fills.filter((other) => other === f).length;
    return count(fill) > (best === null ? 0 : count(best)) ? fill : best;
  }, null);
  return {
    fill: most,
    ...(most === 'full' && edges.length > 0 ? { edges: middleOf(edges) } : {}),
    missing_share: most === 'missing' ? mean(missing) : null,
    leaked_g: most === 'leaked' && leaked.length > 0 ? leaked.reduce((a, b) => a + b, 0) : null,
    lower: steps('lower'),
    upper: steps('upper'),
    ...(Object.values(measured).some((value) => value !== null) ? { measured } : {}),
    crisp: mean(crisps),
    core: crumbs.length === 0 ? null : crumbs.filter((crumb) => crumb === 'dense').length * 2 > crumbs.length ? 'wet' : 'set',
  };
};

/** How far the real amount lies from the one that was told, share: weighed, counted in scoops, by eye. */
const TOLD_SD = { scale: 0.01, scoops: 0.03, eye: 0.06 } as const;

/**
 * What was done in a load that is over: poured and set as somebody said, or else as promised; opened when the log says. Null while it cooks, or when
 * nothing was said of what came out.
 */
export const pastLoad = (
  prediction: Pick<Prediction, 'portion_g' | 'setting'>,
  progress: Pick<LoadProgress, 'closedAt' | 'openedAt' | 'observations' | 'did'>,
  moulds = 1,
): { readonly action: Action; readonly outcome: Outcome } | null => {
  const { closedAt, openedAt, observations } = progress;
  if (closedAt === null || openedAt === null || openedAt <= closedAt) return null;
  const outcome = outcomeOf(observations, moulds);
  if (Object.values(outcome).every((value) => value === null)) return null;
  return {
    action: {
      portion_g: pouredAsWhole_g(prediction, progress, moulds),
      setting_C: settingOf(prediction, progress).temperature_C,
      open_s: (openedAt - closedAt) / 1000,
      ...(progress.did.portion === undefined ? {} : { portionSd: TOLD_SD[progress.did.portion.by] }),
    },
    outcome,
  };
};
