import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../basis/index.ts';
import type { PlannedIron, RunRequest } from '../run/index.ts';
import { crispAfter, jittered, piecesWanted, planRun, servedBy } from '../run/index.ts';
import { destinations } from '../advise/index.ts';
import { adviceFor } from '../testing/ask.ts';
import { plannedIron } from '../testing/plannedIron.ts';
import type { BelievedIron, Conductor, PlayedMorning } from './index.ts';
import { byTimers, planByTimers, playMorning } from './index.ts';
import { campaign } from '../testing/campaign.ts';
import { morningOf } from '../testing/morning.ts';

const SERVE = Date.UTC(2026, 10, 30, 8);
const believedOf = (iron: PlannedIron): BelievedIron => ({
  ironId: iron.ironId,
  dishId: iron.dishId,
  best_s: iron.cook_s,
  preheat_s: iron.preheat_s,
  portion_g: iron.portion_g,
  setting_C: 175,
  tawny: 4,
});

/** A morning as they are: two to four irons of several kinds, one cook, eight to thirty guests, together or over an hour. */
const morning = (seed: number): RunRequest => {
  const random = seededRandom(seed);
  const irons = Array.from({ length: 2 + random.below(3) }, (_, i) =>
    plannedIron(String.fromCharCode(97 + i), {
      piecesPerLoad: 1 + random.below(4),
      cook_s: Math.round(110 + 200 * random.next()),
      open_s: 20 + random.below(16),
      recovery_s: 15 + random.below(35),
      preheat_s: 240 + random.below(360),
    }),
  );
  const common = { people: 8 + random.below(23), piecesPerPerson: random.pick([1, 1.5, 2]), serveAt: SERVE, irons, batter_g: null };
  return morningOf(random.next() < 0.5 ? { ...common, mode: 'together' } : { ...common, mode: 'as-they-come', door_s: 3600 });
};

/** A hand that isn't there within so long was busy elsewhere, s: it takes up to 4 to come. */
const HAND_COMES_S = 5;
const kept = ({ loads }: PlayedMorning): number => loads.filter(({ lidLate_s }) => lidLate_s > HAND_COMES_S).length;

const COUNT = campaign(60, 300);
describe(`${COUNT} mornings in a simulated kitchen`, () => {
  const played = Array.from({ length: COUNT }, (_, seed) => {
    const request = morning(seed);
    const believed = request.irons.map(believedOf);
    return {
      request,
      conducted: playMorning(request, planRun(request), believed, seed),
      timers: playMorning(request, planByTimers(request), believed, seed, { conductor: byTimers }),
    };
  });

  test('nothing poured before it is hot, nobody forgotten', () => {
    for (const { request, conducted } of played) {
      expect(conducted.tooEarly).toBe(0);
      expect(conducted.pieces).toBeGreaterThanOrEqual(piecesWanted(request));
    }
  });

  test('lids are late, and guests wait, at most half as long as with a kitchen timer for each iron', () => {
    const sum = (of: (one: (typeof played)[number]) => number): number => played.reduce((all, one) => all + of(one), 0);
    const late_s = ({ loads }: PlayedMorning): number =>
      loads.reduce((all, { lidLate_s }) => all + Math.max(0, lidLate_s - HAND_COMES_S), 0);
    expect(sum(({ conducted }) => late_s(conducted))).toBeLessThan(0.5 * sum(({ timers }) => late_s(timers)));
    expect(sum(({ conducted }) => kept(conducted))).toBeLessThan(0.5 * sum(({ timers }) => kept(timers)));
    expect(sum(({ conducted }) => conducted.waited_min)).toBeLessThan(0.5 * sum(({ timers }) => timers.waited_min));
  });

  test('in time costs the oldest pieces little: a fifth of a step of crispness at the most beside a cook with timers, who serves late', () => {
    // A deep piece of the quick batter, on a rack, by the model.
    const rack = destinations(adviceFor('deep-round', 'quick', 4)).courses.find(({ place }) => place === 'rack')!.course;
    const oldest = (request: RunRequest, { loads }: PlayedMorning): readonly number[] => [
      ...servedBy({ loads: loads.map((load) => ({ ...load, openAt: load.openedAt })) }, request).oldest_s.values(),
    ];
    const means = (['together', 'as-they-come'] as const).map((mode) => {
      const those = played.filter(({ request }) => request.mode === mode);
      const mean = (of: (one: (typeof played)[number]) => readonly number[]): { readonly wait_min: number; readonly crisp: number } => {
        const waits = those.flatMap(of);
        const of_ = (value: (wait_s: number) => number): number => waits.reduce((sum, wait) => sum + value(wait), 0) / waits.length;
        return { wait_min: of_((wait_s) => wait_s / 60), crisp: of_((wait_s) => crispAfter(rack, wait_s)) };
      };
      return {
        mode,
        conducted: mean(({ request, conducted }) => oldest(request, conducted)),
        timers: mean(({ request, timers }) => oldest(request, timers)),
      };
    });
    for (const { conducted, timers } of means) {
      expect(conducted.crisp).toBeGreaterThan(timers.crisp - 0.2);
      expect(conducted.wait_min).toBeLessThan(timers.wait_min + 3);
    }
  });

  test('one lid in twelve at the most finds the hand busy, and none for long', () => {
    const loads = played.flatMap(({ conducted }) => conducted.loads);
    expect(loads.filter(({ lidLate_s }) => lidLate_s > HAND_COMES_S).length).toBeLessThan(loads.length / 12);
    expect(Math.max(...loads.map(({ lidLate_s }) => lidLate_s))).toBeLessThan(40);
  });

  test('what the plan says of nine mornings in ten holds in eight of ten when it is played: the last lid is between its tenth and its ninetieth', () => {
    const shares = (['together', 'as-they-come'] as const).map((mode) => {
      const those = played.flatMap(({ request }, seed) => (request.mode === mode ? [{ request, seed }] : []));
      const within = those.filter(({ request, seed }) => {
        const plan = planRun(request);
        const { late_s } = jittered(plan, request);
        const { loads } = playMorning(request, plan, request.irons.map(believedOf), seed, { learns: true, lostShare: 0.03 });
        const planned = Math.max(...plan.loads.map(({ openAt }) => openAt));
        const late = (Math.max(...loads.map(({ openedAt }) => openedAt)) - planned) / 1000;
        return late >= late_s.p10 && late <= late_s.p90;
      });
      return { within: within.length, of: those.length };
    });
    const share = shares.reduce((sum, one) => sum + one.within, 0) / shares.reduce((sum, one) => sum + one.of, 0);
    expect(share).toBeGreaterThan(0.74);
    expect(share).toBeLessThan(0.86);
    // Nor does one kind of morning make up for the other.
    for (const { within, of } of shares) expect(Math.abs(within / of - 0.8)).toBeLessThan(0.1);
  });

  test('one seed, one morning', () => {
    const { request, conducted } = played[7]!;
    expect(playMorning(request, planRun(request), request.irons.map(believedOf), 7)).toEqual(conducted);
  });
});

test('a load that nobody can eat is cooked once more', () => {
  // Two pieces for two, on an iron that is believed to be three times as slow as it is: burnt, until somebody says otherwise.
  const iron = plannedIron('a', { cook_s: 240 });
  const request = morningOf({ people: 2, piecesPerPerson: 1, serveAt: SERVE, mode: 'together', irons: [iron], batter_g: null });
  const swapped = { ...believedOf(iron), best_s: 70 };
  let closed = 0;
  const enoughAfterThree: Conductor = (irons, now) => {
    const said = byTimers(irons, now);
    if (said.next?.act === 'close') closed++;
    return closed >= 3 && said.next?.act === 'pour' ? { next: null, then: null } : said;
  };
  const { loads, lost, pieces } = playMorning(request, planRun(request), [swapped], 3, { conductor: enoughAfterThree });
  expect([loads.length, lost, pieces]).toEqual([3, 3, 0]);
  expect(loads.every(({ piece }) => piece.lost === 'burnt')).toBe(true);
});
