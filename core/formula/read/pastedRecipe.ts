import { Reader, tokenize } from './quantity.ts';
import { isLabel } from './label.ts';
import { matchIngredient } from './match.ts';
import { unitOf } from './words.ts';

/** A pasted text taken apart: what goes in, what is done, what goes on top or under, what it makes, what else is said. */
export type PastedRecipe = {
  readonly name: string | null;
  readonly ingredients: readonly string[];
  readonly steps: readonly string[];
  /** Toppings, garnish, fat for the pan: never batter. */
  readonly extras: readonly string[];
  readonly notes: readonly string[];
  /** What a piece brings, as it was declared. */
  readonly declared: readonly string[];
  readonly yieldHint: string | null;
};

type Part = 'unknown' | 'ingredients' | 'steps' | 'extras' | 'notes' | 'declared';

/** What stands over lines of a kind. Other headings ("In the morning") go on with the kind before. */
const HEADINGS: readonly (readonly [Part, RegExp])[] = [
  [
    'steps',
    /^(?:method|directions?|instructions?|steps?|preparation|procedure|how to(?: make (?:it|them))?|what to do|making (?:it|them))$/i,
  ],
  [
    'extras',
    /^(?:(?:to|for) (?:serve|serving|finish|garnish|dust|decorate)|toppings?|garnish(?:es)?|for the (?:pan|iron|plates|toppings?|sauce|glaze|compote|filling)|sauce|glaze|compote|filling|on top|for greasing)\b.{0,20}$/i,
  ],
  ['declared', /^nutrition(?:al)?(?: facts| information| values?)?(?: per (?:waffle|piece|wafer|square|round))?$/i],
  ['notes', /^(?:notes?|tips?|equipment|tools|storage|video|comments?|about)$/i],
  [
    'ingredients',
    /^(?:ingredients?|you(?:’|')?(?:ll)? need|what (?:you need|goes in)|for the (?:batter|dough|sponge)|batter|dough|dry|wet|dry ingredients|wet ingredients|the (?:dry|wet) (?:things|ingredients)|shopping list)\b.{0,20}$/i,
  ],
];

const PIECES = String.raw`(?:waffles?|squares?|rounds?|wafers?|pizzelle|pieces?|sheets?|servings?|portions?|hearts?)`;
const YIELD = new RegExp(
  String.raw`^(?:(?:makes?|yields?|gives?|serves?|servings?|for)\b[:\s]*(?:about |around |approx\.? |some )?\d|(?:about )?\d[\d\s–-]*(?:to \d+ )?(?:\p{L}+ ){0,2}${PIECES}\.?$)`,
  'iu',
);
const IN_TITLE = /\s*[([]((?:makes?|yields?|gives?|serves?|for)\b[^)\]]*\d[^)\]]*)[)\]]\s*$/i;
const NUMBERED = /^\s*(?:step\s*)?\d{1,2}\s*[.):]\s+(?=\p{L}|½|¼|¾)/iu;
const VERBS =
  /\b(?:whisk|mix|stir|fold|beat|whip|combine|pour|cook|bake|heat|preheat|melt|sift|sieve|rest|chill|refrigerate|cover|serve|add|let|leave|grease|brush|close|open|ladle|spread|separate|warm|cool|blend|cream|scoop|spoon|turn|flip|roll|knead|stand|repeat|place|put|remove|keep|use|transfer|divide|dissolve|froth|freeze|hold|dust|fill|take|drop|weigh|shake|store|fry|brown|tip|set|wait|eat)\b/i;

/** A line without its bullets, marks of a page, boxes to tick. "-5 g" has none: it is less than nothing, and asked about. */
const bare = (line: string): string =>
  line
    .trim()
    .replace(/^(?:[•·▢☐✓>]|[-–*](?=\s)|\[[ x]?\]|#{1,6})+\s*/u, '')
    .replace(/^[*_]{1,2}(.+?)[*_]{1,2}$/, '$1')
    // Our own pages put what a line weighs before it.
    .replace(/^\*\*[\d.,\s]+g\*\*\s+(?=\S)/u, '')
    .trim();

const amountFirst = (line: string): boolean => {
  const [first, second] = tokenize(line);
  if (first?.kind === 'number') return true;
  return (
    first?.kind === 'word' &&
    ((unitOf(first.text)?.kind ?? 'container') !== 'container' ||
      (/^(?:a|an|one|two|three|four|five|six|half)$/i.test(first.text) && second?.kind === 'word' && second.text !== 'minute'))
  );
};

const wordsIn = (line: string): string[] => line.split(/\s+/);

/** A sentence that tells what to do, not what goes in. */
const isStep = (line: string): boolean => {
  const words = wordsIn(line).length;
  const isSentence = /[.!]\s*$/.test(line);
  if (amountFirst(line)) return isSentence && VERBS.test(line) && words >= 6;
  const opensWithVerb = VERBS.test(wordsIn(line).slice(0, 2).join(' '));
  return (opensWithVerb && words >= 3) || (VERBS.test(line) && words >= 4 && isSentence);
};

/** Over the whole list: says nothing that its lines don't. */
const WHOLE_LIST = /^(?:ingredients?|you(?:’|')?(?:ll)? need|what (?:you need|goes in)|for the batter|batter|shopping list)$/i;

/** Which kind of lines a heading announces ("same": goes on with the kind before); null: it isn't one. `next`: the line behind it. */
const headingOf = (raw: string, line: string, next: string): Part | 'same' | null => {
  const words = line.replace(/:$/, '').trim();
  if (words === '') return 'same';
  if (wordsIn(words).length > 6 || /\.\s*$/.test(words) || words.includes(':')) return null;
  const known = HEADINGS.find(([, pattern]) => pattern.test(words))?.[0];
  const isMarked = /^\s*#{1,6}\s/.test(raw) || line.endsWith(':');
  if (known !== undefined && (isMarked || !amountFirst(words))) return known;
  if (amountFirst(words) || LINK.test(words)) return null;
  if (isMarked) return 'same';
  if (words === words.toUpperCase() && /\p{L}{3}/u.test(words)) return 'same';
  // "In the morning", over an amount: some words that name nothing one could weigh.
  return /^\p{L}[\p{L}\s'’-]*$/u.test(words) &&
    wordsIn(words).length >= 2 &&
    wordsIn(words).length <= 4 &&
    amountFirst(next) &&
    matchIngredient(wordsIn(words)) === null &&
    !isStep(line)
    ? 'same'
    : null;
};

/** "For the pan: butter or lard" says both in one line. */
const EXTRA_LINE = /^(?:(?:to|for) (?:serve|serving|garnish|dust)|for the (?:pan|iron)|topping|garnish)\s*:\s*\S/i;
const FOR_THE_PAN = /\b(?:for (?:the (?:pan|iron|plates)|greasing|brushing|dusting|serving)|to serve|to garnish)\s*\.?$/i;

/** Half of an amount, as it is written: "2 cups" → "1 cups". */
const halfOf = (line: string): { readonly half: string; readonly unit: string } | null => {
  const tokens = tokenize(line);
  const reader = new Reader(tokens);
  const amount = reader.amount();
  if (amount === null) return null;
  const { low, high } = amount.quantity;
  const unit = tokens
    .slice(0, reader.position)
    .flatMap((token) => (token.kind === 'word' && unitOf(token.text) !== undefined ? [token.text] : []))
    .at(-1);
  return { half: String(Number(((low + high) / 4).toFixed(4))), unit: unit ?? '' };
};

/**
 * A line that holds two things, as two lines: "90 g yogurt thinned with 90 g water", "1 cup half curd and half water", "2 cups flour, half whole
 * wheat". Everything else stays one.
 */
export const takenApart = (line: string): readonly string[] => {
  const thinned = /^(.+?)[,\s]+(?:thinned|loosened|let down|mixed|diluted) with\s+((?:about )?[\d½¼¾⅓⅔].+)$/i.exec(line);
  if (thinned !== null && amountFirst(line)) return [thinned[1]?.replace(/,$/, '') ?? line, thinned[2] ?? ''];
  // "Salt and pepper" are two things to ask about.
  const pair = /^(\p{L}+)\s+and\s+(\p{L}+)$/iu.exec(line);
  const [one, other] = [pair?.[1], pair?.[2]].map((word) => (word === undefined ? null : matchIngredient([word])));
  if (one != null && other != null && one.ingredient.id !== other.ingredient.id) return [pair?.[1] ?? line, pair?.[2] ?? ''];
  // "(or half whole wheat, half plain)" is another way, not two parts: the first way is taken.
  if (/\([^)]*\bhalf\b/i.test(line)) return [line];
  const both = /\bhalf\s+(.+?)\s*(?:,|and|&|\/)\s*half\s+(.+)$/i.exec(line);
  const rest = /^(.+?),\s*half\s+(?:of it\s+)?(?:as\s+)?(\p{L}[\p{L}\s-]*)$/iu.exec(line);
  const amount = both === null && rest === null ? null : halfOf(line);
  if (amount === null) return [line];
  const part = (what: string): string => `${amount.half} ${amount.unit} ${what}`.replace(/\s+/g, ' ');
  if (both !== null) return [part(both[1] ?? ''), part(both[2] ?? '')];
  // "half whole wheat" leaves out what the other half is called.
  const first = (rest?.[1] ?? '').replace(/^[\d\s.,/½¼¾⅓⅔⅛-]+(?:\p{L}+\s+)?/u, (head) =>
    amount.unit !== '' && head.toLowerCase().includes(amount.unit.toLowerCase()) ? '' : head.replace(/^[\d\s.,/½¼¾⅓⅔⅛-]+/u, ''),
  );
  const noun = wordsIn(first).at(-1) ?? '';
  const second = rest?.[2] ?? '';
  return [
    part(first),
    part(matchIngredient(wordsIn(second)) === null || /wheat|meal|rye|spelt/i.test(second) ? `${second} ${noun}` : second),
  ];
};

/**
 * Sorts the lines of a text. Headings decide where there are any; else a sentence is a step, a line that starts with an amount or names something to
 * weigh an ingredient, and what remains a note. A first line without an amount, above the rest, is the name. Headings within the list stay in it, with a
 * colon; nothing is dropped but empty lines and the other headings.
 */
export const splitRecipe = (lines: readonly string[]): PastedRecipe => {
  const found = {
    ingredients: [] as string[],
    steps: [] as string[],
    extras: [] as string[],
    notes: [] as string[],
    declared: [] as string[],
  };
  let name: string | null = null;
  let yieldHint: string | null = null;
  let part: Part = 'unknown';
  const bares = lines.map(bare);
  const hasSteps = bares.some(
    (line, i) => headingOf(lines[i] ?? '', line, bares[i + 1] ?? '') === 'steps' || NUMBERED.test(line) || isStep(line),
  );
  for (const [index, raw] of lines.entries()) {
    const line = bares[index] ?? '';
    const plain = line.replace(NUMBERED, '');
    const next = bares[index + 1] ?? '';
    // "Brown butter waffles" opens like a step; what stands over a list, a yield or a heading is its name all the same.
    const isToldToDo = isStep(line) && (/[.!]$/.test(line) || isStep(next));
    // Over a list without steps it must name nothing that one could weigh: "Sunday", not "Flour".
    const isOverAmounts = !line.endsWith(':') && amountFirst(next) && matchIngredient(wordsIn(line)) === null;
    const isMarkedTitle = index === 0 && /^\s*#\s/.test(raw) && lines.length > 2;
    const isTitle =
      isMarkedTitle ||
      (index === 0 && (hasSteps || isOverAmounts) && lines.length > 2 && !amountFirst(line) && !isToldToDo && wordsIn(line).length <= 12);
    const heading = headingOf(raw, line, next);
    if (isTitle && (isMarkedTitle || heading === null || heading === 'same')) {
      const inTitle = IN_TITLE.exec(line);
      name = line.replace(IN_TITLE, '').replace(/:$/, '');
      if (inTitle !== null) yieldHint = inTitle[1] ?? null;
    } else if (heading !== null) {
      if (heading !== 'same') part = heading;
      // A heading of its own over more ingredients ends what was being served.
      else if (part === 'extras') part = 'ingredients';
      const words = line.replace(/:$/, '').trim();
      // "Dry:" and "In the morning" part the list; what only says that there is one doesn't.
      if ((part === 'ingredients' || part === 'unknown') && words !== '' && !WHOLE_LIST.test(words)) found.ingredients.push(`${words}:`);
    } else if (OWN_FACT.test(line)) found.notes.push(line);
    else if (isLabel(line) || (part === 'declared' && !isStep(line))) found.declared.push(line);
    else if (yieldHint === null && YIELD.test(line) && line.length < 80) yieldHint = line;
    else if (part === 'notes') found.notes.push(line);
    else if (part === 'steps') found.steps.push(plain);
    else if (EXTRA_LINE.test(line)) found.extras.push(line);
    else if (NUMBERED.test(line) && !amountFirst(plain)) found.steps.push(plain);
    else if (isStep(line)) {
      found.steps.push(line);
      if (part === 'extras') part = 'steps';
    } else if (part === 'extras') found.extras.push(line);
    else if (!amountFirst(line) && FOR_THE_PAN.test(line)) found.extras.push(line);
    else if (isNote(line, found.ingredients.length > 0))
      (found.ingredients.length > 0 && /[.!]$/.test(line) ? found.steps : found.notes).push(line);
    else found.ingredients.push(...takenApart(NUMBERED.test(line) ? plain : line));
  }
  return { name, ...found, yieldHint };
};

/** What our own pages say of the iron: no ingredient. */
const OWN_FACT = /^(?:Portion|Setting|Time|Contains): /;

/** What stands round a recipe on a page. */
const LINK = /^(?:print|jump|share|save|rate|pin|click|skip|watch|subscribe)\b/i;

/** Neither an amount nor anything one could weigh: a story, a link, a word to the reader. A sentence after the list tells what is done. */
const isNote = (line: string, hasList: boolean): boolean => {
  if (amountFirst(line)) return false;
  if (LINK.test(line)) return true;
  const words = wordsIn(line);
  const isSentence = /[.!?]\s*$/.test(line) && words.length >= 4;
  if (isSentence) return true;
  return !hasList && words.length >= 4 && matchIngredient(words) === null;
};
