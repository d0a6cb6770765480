import { claimsOf } from '../read/claims.ts';
import type { Act, Peak } from './act.ts';

type Details = Omit<Act, 'kind' | 'step' | 'words'>;
type Until = NonNullable<Act['until']>;

const HOW_MANY: Readonly<Record<string, number>> = {
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
  twelve: 12,
  twice: 2,
  thrice: 3,
};
const countOf = (word: string | undefined): number | undefined =>
  word === undefined ? undefined : (HOW_MANY[word.toLowerCase()] ?? (/^\d+$/.test(word) ? Number(word) : undefined));

/** The same with what isn't said left out. */
export const said = <T extends object>(fields: T): { [K in keyof T]?: Exclude<T[K], undefined> } =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as never;

const PEAK_WORDS: readonly (readonly [Peak, RegExp])[] = [
  ['frothy', /\b(?:froth\w*|foamy|bubbly)\b/gi],
  ['soft', /\bsoft\b/gi],
  ['firm', /\bfirm\b|\bmedium peaks?\b/gi],
  ['stiff', /\bstiff\b/gi],
  ['pale', /\b(?:pale|fluffy|thick|creamy|doubled|tripled|light)\b/gi],
];

/** How far something is to be whipped: the ribbon where it is named, else the furthest along that is named last. */
export const peakIn = (text: string): Peak | undefined => {
  if (/\bribbon\b/i.test(text)) return 'ribbon';
  const found = PEAK_WORDS.flatMap(([peak, words]) => [...text.matchAll(words)].map(({ index }) => ({ peak, index })));
  return found.sort((a, b) => a.index - b.index).at(-1)?.peak;
};

const UNTIL_WORDS: readonly (readonly [Until, RegExp])[] = [
  ['steam', /\bsteam\w*\b/i],
  ['light', /\blight (?:goes|is) (?:out|off)\b/i],
  ['beep', /\bbeeps?\b/i],
  ['no-streaks', /\bno (?:white )?streaks\b/i],
  ['lumpy', /\blumps?\b/i],
  ['smooth', /\bsmooth\b/i],
  ['colour', /\b(?:golden|gold|brown(?:ed)?|amber|colou?red)\b/i],
  ['smell', /\b(?:fragrant|smells?)\b/i],
  ['risen', /\b(?:doubled|risen|bubbly)\b/i],
  ['melted', /\b(?:melts|melted)\b/i],
];

const PLACE_WORDS: readonly (readonly [NonNullable<Act['place']>, RegExp])[] = [
  ['hot-water', /\b(?:over|above) (?:hot|(?:barely )?simmering|a pan of)\b|\bsimmering water\b/i],
  ['oven', /\boven\b/i],
  ['toaster', /\btoast(?:er)?\b/i],
  ['cold', /\b(?:refrigerat\w*|fridge|chill\w*|in the cold)\b/i],
  ['freezer', /\bfreez\w*\b/i],
  ['tin', /\b(?:tin|airtight|jar)\b/i],
  ['bag', /\bbags?\b/i],
  ['rack', /\brack\b/i],
  ['warm', /\bwarm (?:place|spot|corner)\b/i],
  ['room', /\b(?:counter|room temperature|leave out|left out|at room)\b/i],
];

const HAND = /\b(?:by hand|with a (?:balloon )?whisk|wooden spoon|with a (?:big |large )?spoon|spatula)\b/i;
const MACHINE = /\b(?:mixer|machine|blender|processor|on (?:high|low|medium)(?! heat)|(?:low|high) speed)\b/i;
const ADDITIONS = /\bin (\w+) (?:additions?|goes|portions?|parts?|batches)\b/i;
const TIMES = /\b(twice|thrice|(\w+) times)\b/i;
const BAGS = /\b(?:bags?|packs?|parcels?) of (\w+)\b/i;
const NOT_BEFORE = /(?:,|;|\band\b)?\s*(?:but )?(?:do(?:es)? not|don[’']t|never|not)(?: \w+)? before\s+([^,.;]+)/i;
const TIME_KINDS: ReadonlySet<string> = new Set(['cook_s', 'preheat_s', 'rest_s', 'chill_s', 'work_s', 'keep_s', 'oven_s']);

/** "Not before 6 minutes", "do not peek before five" (minutes), s; and the text without it. */
const withoutNotBefore = (text: string): { readonly rest: string; readonly notBefore_s: number | undefined } => {
  const found = NOT_BEFORE.exec(text);
  if (found === null) return { rest: text, notBefore_s: undefined };
  const words = (found[1] ?? '').trim();
  const withUnit = /\b(?:min|sec|hour|s\b)/i.test(words) ? words : `${words} minutes`;
  const time = claimsOf([`Cook ${withUnit}.`], null).find(({ kind }) => TIME_KINDS.has(kind));
  return { rest: text.replace(found[0], ''), notBefore_s: time?.low };
};

/** Everything that a few words say of what is done: how long, until when, where, how, in how many parts. `text`: the part of a sentence that is about it. */
export const detailsIn = (text: string, kind: Act['kind']): Details => {
  const { rest, notBefore_s } = withoutNotBefore(text);
  const claims = claimsOf([rest], null);
  const times = claims.filter((claim) => TIME_KINDS.has(claim.kind));
  const of = (...kinds: readonly string[]): [number, number] | undefined => {
    const claim = claims.find((one) => kinds.includes(one.kind));
    return claim === undefined ? undefined : [claim.low, claim.high];
  };
  const isWhip = kind === 'whip';
  return said({
    time_s:
      times.length === 0
        ? undefined
        : ([Math.min(...times.map(({ low }) => low)), Math.max(...times.map(({ high }) => high))] as [number, number]),
    notBefore_s,
    until: isWhip
      ? peakIn(rest)
      : kind === 'melt' && /\bbrown\b/i.test(rest)
        ? 'brown'
        : UNTIL_WORDS.find(([, words]) => words.test(rest))?.[0],
    by: HAND.test(rest) ? ('hand' as const) : MACHINE.test(rest) ? ('machine' as const) : undefined,
    additions: countOf(ADDITIONS.exec(rest)?.[1]),
    times: countOf(TIMES.exec(rest)?.[2] ?? TIMES.exec(rest)?.[1]),
    place: PLACE_WORDS.find(([, words]) => words.test(rest))?.[0],
    temperature_C: of('setting_C', 'oven_C'),
    mark: of('dial'),
    dose_mL: kind === 'pour' || kind === 'cook' ? of('dose_mL') : undefined,
    dose_g: kind === 'pour' || kind === 'cook' ? of('dose_g') : undefined,
    count: countOf(BAGS.exec(rest)?.[1]),
  });
};
