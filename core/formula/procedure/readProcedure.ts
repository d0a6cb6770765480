import type { Act, ActKind } from './act.ts';
import { MOST_ACTS } from './act.ts';
import { detailsIn, said } from './details.ts';
import { NOT_AN_ORDER, VERBS } from './verbs.ts';

/** Sentences of a step; a semicolon parts two, an abbreviation's dot doesn't. */
export const sentencesIn = (step: string): string[] =>
  step
    .split(/(?<=[\p{L}\d)%½¼¾]{2}[.!?])\s+(?=[\p{Lu}\d½¼¾])|(?<=;)\s+/u)
    .map((sentence) => sentence.trim())
    .filter((sentence) => sentence !== '');

/** Longer steps are stories; only their beginning is read. */
const LONGEST_STEP = 600;

type Found = { readonly kind: ActKind; readonly text: string; readonly verb: string };

type Hit = { readonly index: number; readonly verb: string; readonly rule: (typeof VERBS)[number] };

/** The verbs of a sentence in order, each once; the first rule that fits a place has it. */
const hitsIn = (sentence: string): Hit[] => {
  const hits: Hit[] = [];
  for (const rule of VERBS)
    for (const match of sentence.matchAll(rule.words)) {
      const { index } = match;
      const overlaps = hits.some((hit) => index < hit.index + hit.verb.length && hit.index < index + match[0].length);
      if (!overlaps && !NOT_AN_ORDER.test(sentence.slice(0, index))) hits.push({ index, verb: match[0], rule });
    }
  return hits.sort((a, b) => a.index - b.index);
};

/** Said once although two words of a sentence say it. */
const ONCE: ReadonlySet<ActKind> = new Set([
  'serve',
  'hold',
  'preheat',
  'rest',
  'chill',
  'sieve',
  'cool',
  'cool-piece',
  'jugs',
  'keep',
  'ferment',
  'deflate',
  'pour',
  'grease',
]);
const THINGS =
  /\b(?:eggs?|yolks?|milk|butter|oil|flour|sugar|dry|wet|everything|water|batter|salt|powder|cream|mix|rest|soda|wine|cheese|chips|vanilla)\b/i;
/** Two things that were stirred apart come together. */
const TOGETHER = /\b(?:the two|both|them)\b/i;
const ONLY_SUGAR = /^(?:\w+)(?: in)?(?: the)? ?(?:caster |white |brown )?sugar\b/i;

/** What is said goes on in the act before: sugar that is rained into whites, stirring until it is smooth. */
const goesOn = (last: Found | undefined, next: Found): boolean => {
  if (last === undefined) return false;
  if (last.kind === next.kind && ONCE.has(next.kind)) return true;
  if (last.kind === 'whip' && next.kind === 'combine' && ONLY_SUGAR.test(next.text)) return true;
  if (last.kind === 'whip' && next.kind === 'whip') return !/\b(?:whites?|eggs?|yolks?)\b/i.test(next.text);
  const isMixed = /^(?:combine|whisk-dry|whisk-wet|sieve)$/.test(last.kind);
  return (
    next.kind === 'combine' &&
    last.kind !== 'sieve' &&
    isMixed &&
    !THINGS.test(next.text.slice(next.verb.length)) &&
    !(last.kind !== 'combine' && TOGETHER.test(next.text))
  );
};

const foundIn = (sentence: string, before: readonly ActKind[], hasYeast: boolean): Found[] => {
  const hits = hitsIn(sentence);
  const found: Found[] = [];
  // What stands before the first act belongs to it.
  let opening = sentence.slice(0, hits[0]?.index ?? 0);
  for (const [i, { index, verb, rule }] of hits.entries()) {
    const text = sentence.slice(index, hits[i + 1]?.index ?? sentence.length);
    const here = found.map(({ kind }) => kind);
    const kind = rule.means({ verb, text, before: [...before, ...here], here, hasYeast });
    const last = found.at(-1);
    if (kind === null) {
      if (last === undefined) opening += text;
      else found[found.length - 1] = { ...last, text: last.text + text };
      continue;
    }
    const whole = opening + text;
    opening = '';
    const next = { kind, text: whole, verb };
    if (goesOn(last, next) && last !== undefined) found[found.length - 1] = { ...last, text: `${last.text}${whole}` };
    else found.push(next);
  }
  return found;
};

const WHITES = /\b(?:whites?|meringue)\b/i;
const YOLKS = /\byolks?\b/i;
const EGGS = /\beggs?\b/i;
const whippedIn = (text: string): Act['what'] =>
  WHITES.test(text) ? 'whites' : EGGS.test(text.replace(/\begg yolks?/gi, '')) ? 'whole-eggs' : YOLKS.test(text) ? 'yolks' : 'whole-eggs';

const FIRST_ONLY = /\b(?:first (?:waffle|load|one)|once|only before)\b/i;
const EVERY_LOAD = /\b(?:every|each) (?:load|waffle|time)\b/i;

/** A part of a sentence by itself. */
const asPart = (text: string): string => {
  const bare = text.replace(/^[\s,;]+|^and\s+/gi, '').replace(/[\s,;]*(?:\b(?:and|then)\b[\s,;]*)*$/i, '');
  return bare.charAt(0).toUpperCase() + bare.slice(1);
};

const actOf = ({ kind, text }: Found, step: number, sentence: string, isAlone: boolean, before: readonly ActKind[]): Act => ({
  kind,
  step,
  words: (isAlone ? sentence.replace(/;$/, '') : asPart(text)).slice(0, LONGEST_STEP),
  ...detailsIn(text, kind),
  ...said({
    what: kind === 'whip' ? whippedIn(text) : undefined,
    // "Over hot water" stands in front of "beat" as often as behind it.
    place: kind === 'whip' && /\b(?:hot|simmering) water\b/i.test(sentence) ? ('hot-water' as const) : undefined,
    // "In two portions" may stand with what is sieved over.
    additions: kind === 'fold' ? detailsIn(sentence, kind).additions : undefined,
    side: kind === 'scatter' ? (before.includes('pour') ? ('over' as const) : ('under' as const)) : undefined,
    every:
      kind === 'grease' ? (FIRST_ONLY.test(text) ? ('first' as const) : EVERY_LOAD.test(text) ? ('load' as const) : undefined) : undefined,
  }),
});

/** A closed lid with a time behind it is the cooking. */
const withCooking = (act: Act): Act[] => {
  if (act.kind !== 'close' || act.time_s === undefined) return [act];
  const { time_s, notBefore_s, until, ...close } = act;
  return [close, { ...close, kind: 'cook', ...said({ time_s, notBefore_s, until }) }];
};

const NIGHT = /\b(?:overnight|all night|until morning)\b/i;
const NIGHT_S = 6 * 3600;
const MORNING = /\b(?:next day|next morning|in the morning|on the day)\b/i;

/** Over night: what comes before it is the evening's work, what comes after it the morning's. */
const withDays = (acts: readonly Act[]): Act[] => {
  const isNight = ({ kind, time_s, words }: Act): boolean =>
    /^(?:rest|chill|ferment)$/.test(kind) &&
    ((time_s !== undefined && time_s[0] >= NIGHT_S) || (time_s === undefined && NIGHT.test(words)));
  const night = acts.findIndex(isNight);
  const morning = night >= 0 ? night + 1 : acts.findIndex(({ words }) => MORNING.test(words));
  if (morning <= 0) return [...acts];
  return acts.map((act, i) =>
    i < morning ? { ...act, day: 'evening' as const } : isOfMorning(act) ? { ...act, day: 'morning' as const } : act,
  );
};
/** What is eaten, kept and warmed again has its own day. */
const isOfMorning = ({ kind }: Act): boolean => !/^(?:keep|freeze|reheat|serve|hold|stack)$/.test(kind);

/**
 * What the steps of a recipe ask for, in their own order: acts with what they carry. Verbs that tell when or what not to do are no acts.
 *
 * @param steps As written; headings and labels among them say nothing.
 * @param hasYeast Yeast or a sponge is among the lines: a long rest is a ferment.
 */
export const readProcedure = (steps: readonly string[], hasYeast = false): Act[] => {
  const acts: Act[] = [];
  const kinds = (): ActKind[] => acts.map(({ kind }) => kind);
  for (const [step, whole] of steps.entries())
    for (const sentence of sentencesIn(whole.slice(0, LONGEST_STEP))) {
      const found = foundIn(sentence, kinds(), hasYeast);
      for (const one of found) acts.push(...withCooking(actOf(one, step, sentence, found.length === 1, kinds())));
    }
  return withDays(acts.slice(0, MOST_ACTS));
};
