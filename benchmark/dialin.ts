import { seededRandom } from '../core/basis/index.ts';
import { afterLoad, emulated, firstBelief } from '../core/fit/index.ts';
import { suggest } from '../core/advise/index.ts';
import type { PlayerName, Score, World } from '../core/testing/arena.ts';
import {
  arenaEmulators,
  BY_SCALE,
  FILLED,
  GRADED,
  MEASURED,
  OTHER,
  OTHER_PROBED,
  OTHER_TRIED,
  pairingOf,
  play,
  playKnown,
  playRescued,
  PLAYERS,
  PROBED,
  SAME,
  SIGNALS,
  SLIPS,
  TRIED,
  wilson,
} from '../core/testing/arena.ts';

const percent = (hits: number, n: number): string => {
  const [low, high] = wilson(hits, n);
  return `${((100 * hits) / n).toFixed(0)} % (${(100 * low).toFixed(0)}–${(100 * high).toFixed(0)})`;
};

const row = (name: string, score: Score): void => {
  const hits = score.hit.map((hit) => percent(hit, score.n)).join('   ');
  const close = score.close.map((hit) => percent(hit, score.n)).join('   ');
  process.stdout.write(
    `${name.padEnd(44)} ${hits}\n${''.padEnd(44)} within 0.6: ${close}${score.conflicts > 0 ? `; conflicts named on ${score.conflicts} irons` : ''}${score.bands > 0 ? `; 80 % bands cover ${percent(score.covered, score.bands)}` : ''}\n`,
  );
};

/** Shares of loads that land, with 95 % intervals; fixed seeds. Definitions in docs/models/dial-in.md. */
export const dialInStatistics = (irons: number): void => {
  const emulators = arenaEmulators();
  process.stdout.write(`\ndial-in on ${irons} simulated unknown irons: loads 1, 2, 3 that land\n`);
  const worlds: readonly World[] = [SAME, OTHER, SLIPS];
  for (const world of worlds)
    for (const player of Object.keys(PLAYERS) as PlayerName[])
      row(`${world.name}, ${player}`, play(player, world, irons, 3, 77, emulators));
  for (const world of [GRADED, BY_SCALE]) row(`${world.name}, estimator`, play('estimator', world, irons, 3, 77, emulators));
  row(`${MEASURED.name}, estimator`, play('estimator', MEASURED, irons, 3, 77, emulators));
  for (const world of [FILLED, PROBED, OTHER_PROBED, TRIED, OTHER_TRIED])
    row(`${world.name}, estimator`, play('estimator', world, irons, 3, 77, emulators));
  row('first load, with one look on the way', playRescued(SAME, irons, 78, emulators));
  for (const world of [SAME, FILLED, PROBED, OTHER_PROBED])
    row(`${world.name}: first load, smell and up to three looks`, playRescued(world, irons, 78, emulators, SIGNALS));
  row('known iron, new batter, first load', playKnown(SAME, Math.ceil(irons / 2)));
};

/** The same at a smaller size, as a gate: false where a share has fallen well under what was reached. */
export const dialInHolds = (): boolean => {
  const N = 30;
  const emulators = arenaEmulators();
  const share = (hits: number | undefined): number => (hits ?? 0) / N;
  const of = (player: PlayerName, world: World): Score => play(player, world, N, 3, 77, emulators);
  const [same, rule, filled] = [of('estimator', SAME), of("a cook's rule", SAME), of('estimator', FILLED)];
  const tried = play('estimator', TRIED, N, 1, 77, emulators);
  const saved = playRescued(FILLED, N, 78, emulators, SIGNALS);
  const other = of('estimator', OTHER);
  const [slips, ruleSlips] = [of('estimator', SLIPS), of("a cook's rule", SLIPS)];
  const known = playKnown(SAME, 20);
  const covered = (same.covered + other.covered) / (same.bands + other.bands);
  const checks: readonly (readonly [string, boolean])[] = [
    ['same model, second load over 76 %', share(same.hit[1]) > 0.76],
    ['same model, third load over 84 %', share(same.hit[2]) > 0.84],
    ["ahead of a cook's rule by 10 points on the second", share(same.hit[1]) > share(rule.hit[1]) + 0.1],
    ['filled with water first: first load over 28 %, second over 80 %', share(filled.hit[0]) > 0.28 && share(filled.hit[1]) > 0.8],
    ['usual pour and a teaspoon: first load over 45 %', share(tried.hit[0]) > 0.45],
    ['filled, and saved by smell and looks: first load over 45 %', share(saved.hit[0]) > 0.45],
    ['different model, second over 50 and third over 58 %', share(other.hit[1]) > 0.5 && share(other.hit[2]) > 0.58],
    ["one word in five wrong: no worse than a cook's rule", [1, 2].every((n) => share(slips.hit[n]) >= share(ruleSlips.hit[n]))],
    ['80 % bands cover 70 to 90 % of the loads of both worlds', covered > 0.7 && covered < 0.9],
    ['wrong words are named', slips.conflicts > 5],
    ['known iron, new batter: first load over 85 %', (known.hit[0] ?? 0) / 20 > 0.85],
  ];
  for (const [name, holds] of checks) process.stdout.write(`${holds ? 'holds' : 'FAILS'}  dial-in, ${N} irons: ${name}\n`);
  return checks.every(([, holds]) => holds);
};

/** What the interface waits for, ms: the emulator, a first suggestion, an update with the next one. */
export const dialInItems = (): readonly (readonly [string, () => unknown, number, number])[] => {
  const pairing = pairingOf('deep-round', 'quick');
  const e = emulated(pairing);
  const belief = firstBelief(seededRandom(1), 1500);
  const action = suggest(e, belief, 4);
  return [
    ['an emulator of a new iron and batter', () => emulated(pairing), 5000, 2000],
    ['a first suggestion', () => suggest(e, firstBelief(seededRandom(1), 1500), 4), 1000, 400],
    [
      'an update and the next suggestion',
      () =>
        suggest(
          e,
          afterLoad(
            e,
            belief,
            action,
            { fill: 'missing', missing_share: 0.1, leaked_g: null, lower: 5, upper: 5, core: 'set' },
            seededRandom(2),
          ).belief,
          4,
        ),
      150,
      60,
    ],
  ];
};
