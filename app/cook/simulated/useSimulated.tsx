import type { ReactNode } from 'react';
import { useEffect, useRef } from 'react';
import { seededRandom } from '../../../core/basis/index.ts';
import type { DueAct } from '../../../core/line/index.ts';
import { conduct, conductedIrons } from '../../../core/line/index.ts';
import { cookedFor_s, poured_g, settingOf } from '../../../core/log/index.ts';
import type { BelievedIron, PouredLoad, TrueIron } from '../../../core/rehearsal/index.ts';
import { actTime_s, pieceAt, reaction_s, saidOf, steamAt, trueIronOf } from '../../../core/rehearsal/index.ts';
import { useNow } from '../../clock/index.ts';
import { inkOn, tawnyCss } from '../../ui/index.ts';
import type { Rehearsal } from '../../rehearsal/index.ts';
import { useRehearsal } from '../../rehearsal/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import type { LinePlace } from '../line/linePlace.ts';
import type { Cook } from '../useCook.ts';

const TICK_MS = 1000;
const NOTHING: ReadonlyMap<string, ReactNode> = new Map();

/** In a rehearsal: what a cook sees, hears and smells of every iron; and the simulated hands, where those are at work. */
export const useSimulated = (cook: Cook): ReadonlyMap<string, ReactNode> => {
  const rehearsal = useRehearsal();
  const now = useNow(TICK_MS);
  const isOn = rehearsal !== null && cook.held;
  const irons = isOn ? simulatedIrons(rehearsal, cook.places, cook.planned) : NO_IRONS;
  useSimulatedHands(isOn ? rehearsal : null, irons, now, cook);
  return isOn ? new Map(irons.map((iron) => [iron.place.iron.id, <Seen key={iron.place.iron.id} iron={iron} now={now} />])) : NOTHING;
};

/** One simulated iron, and the load that is or was in it. */
type Simulated = {
  readonly place: LinePlace;
  readonly truth: TrueIron;
  readonly believed: BelievedIron;
  readonly hotAt: number;
  readonly load: PouredLoad | null;
};

const simulatedIrons = (
  { seed, believed, planned: begun }: Rehearsal,
  places: readonly LinePlace[],
  planned: PlannedRun | null,
): readonly Simulated[] =>
  places.flatMap((place) => {
    const mine = believed.find(({ ironId, dishId }) => ironId === place.iron.id && dishId === place.dishId);
    if (mine === undefined) return [];
    const truth = trueIronOf(seed, place.iron.id);
    const from = planned?.plan?.preheats.find(({ ironId }) => ironId === place.iron.id)?.from ?? -Infinity;
    const heats_ms = 1000 * mine.preheat_s * truth.heats;
    const { load, progress, prediction } = place;
    const isPoured = load !== null && progress !== null && progress.phase !== 'ready' && prediction !== null;
    const pouredAt = progress?.pouredAt ?? progress?.closedAt ?? 0;
    return [
      {
        place,
        truth,
        believed: mine,
        hotAt: from + heats_ms,
        load: isPoured
          ? {
              loadId: load.id,
              poured_g: poured_g(prediction, progress),
              setting_C: settingOf(prediction, progress).temperature_C,
              heated: load.n > 1 ? 1 : (pouredAt - from) / heats_ms,
              stood_s: (pouredAt - begun.firstPourAt) / 1000,
            }
          : null,
      },
    ];
  });

const NO_IRONS: readonly Simulated[] = [];

/** From this step on it is smelt. */
const SMELLS_FROM = 2.6;
const BURNS_FROM = 5.5;
const FILL_WORDS = { full: 'full', missing: 'corners missing', leaked: 'it ran out' } as const;

const Seen = ({ iron, now }: { readonly iron: Simulated; readonly now: number }) => (
  <span data-seen-of={iron.place.iron.id}>
    <SeenNow iron={iron} now={now} />
  </span>
);

const SeenNow = ({ iron: { place, truth, believed, hotAt, load }, now }: { readonly iron: Simulated; readonly now: number }) => {
  const { progress, n } = place;
  if (progress?.phase === 'opened' && load !== null) {
    const piece = pieceAt(truth, believed, load, cookedFor_s(progress) ?? 0);
    return (
      <>
        {(['upper', 'lower'] as const).map((side) => (
          <span
            key={side}
            className="mr-1 inline-block rounded px-2 font-semibold"
            style={{ background: tawnyCss(Math.round(piece[side])), color: inkOn(Math.round(piece[side])) }}
          >
            {side === 'upper' ? 'above' : 'below'} {Math.round(piece[side])}
          </span>
        ))}{' '}
        {FILL_WORDS[piece.fill]}
        {piece.lost !== null && `, ${piece.lost}`}
      </>
    );
  }
  if (progress?.phase === 'cooking' && load !== null) {
    const cooked_s = (now - (progress.closedAt ?? now)) / 1000;
    const { upper, lower } = pieceAt(truth, believed, load, cooked_s);
    const steam = steamAt(truth, believed, load, cooked_s);
    const smell = Math.min(upper, lower);
    return (
      <>
        {steam > 0.6 ? 'steams a lot' : steam > 0.3 ? 'steams a little' : 'hardly steams'}
        {smell >= BURNS_FROM ? ', smells burnt' : smell >= SMELLS_FROM ? ', smells of biscuits' : ''}
      </>
    );
  }
  if (progress?.phase === 'poured') return <>lid open, batter in it</>;
  return <>{n === 1 && now < hotAt ? 'its light is on' : 'its light is off'}</>;
};

/** A pair of hands that does what the line says, as fast as hands are. */
const useSimulatedHands = (rehearsal: Rehearsal | null, irons: readonly Simulated[], now: number, cook: Cook): void => {
  const { conducting, folds, log: onLog } = cook;
  const state = useRef({
    random: seededRandom(rehearsal?.seed ?? 0),
    freeAt: -Infinity,
    done: '',
    comesAt: Infinity,
    said: new Set<string>(),
  });
  useEffect(() => {
    if (rehearsal?.hands !== 'simulated' || rehearsal.pace === 0) return;
    const hand = state.current;
    for (const { place, truth, believed, load } of irons) {
      const { progress } = place;
      if (load === null || progress?.phase !== 'opened' || progress.observations.length > 0 || hand.said.has(load.loadId)) continue;
      hand.said.add(load.loadId);
      const cooked_s = cookedFor_s(progress) ?? 0;
      const moulds = progress.did.moulds ?? place.iron.geometry.moulds;
      onLog(
        place,
        saidOf(pieceAt(truth, believed, load, cooked_s), moulds).map((data) => ({ kind: 'logged', data })),
      );
    }
    if (now < hand.freeAt) return;
    const { next } = conduct(conductedIrons(conducting, now), now, { folds: folds.due });
    if (next?.act === 'fold') {
      const folding = `fold/${next.dishId ?? ''}/${next.at}`;
      if (next.at > now || hand.done === folding) return;
      hand.done = folding;
      hand.freeAt = now + 1000 * actTime_s('fold', 0, hand.random);
      folds.fold(next.dishId ?? '');
      return;
    }
    const iron = irons.find(({ place }) => place.iron.id === next?.ironId);
    if (next === null || iron === undefined || next.at > now || next.act === 'switch-on') return;
    const { place } = iron;
    // Not yet hot, or not yet known how much.
    if (next.act === 'pour' && ((place.n === 1 && now < iron.hotAt) || place.advice === null)) return;
    const key = `${next.act}/${next.ironId}/${place.load?.id ?? ''}/${place.progress?.phase ?? ''}`;
    if (hand.done === key) return;
    if (hand.comesAt === Infinity) hand.comesAt = now + 1000 * reaction_s(hand.random);
    if (now < hand.comesAt) return;
    hand.done = key;
    hand.comesAt = Infinity;
    hand.freeAt = now + 1000 * actTime_s(next.act, place.advice?.planned.open_s ?? USUAL_OPEN_S, hand.random);
    perform(next, place, cook);
  });
};

const USUAL_OPEN_S = 25;
const DONE = { close: 'closed', turn: 'turned', open: 'opened' } as const;

const perform = ({ act }: DueAct, place: LinePlace, { pour, note }: Pick<Cook, 'pour' | 'note'>): void => {
  if (act === 'pour') pour(place);
  else if (act !== 'switch-on' && act !== 'fold') note(place, { kind: DONE[act], data: {} });
};
