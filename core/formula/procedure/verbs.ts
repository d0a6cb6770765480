import type { ActKind } from './act.ts';

/** What a verb stands among: the words from it to the next verb, its sentence, and what came before it. */
export type Around = {
  readonly verb: string;
  /** From the verb to the next one. */
  readonly text: string;
  /** The kinds of acts before, the newest last. */
  readonly before: readonly ActKind[];
  /** Of the same sentence. */
  readonly here: readonly ActKind[];
  /** The batter ferments: yeast or a sponge is among its lines. */
  readonly hasYeast: boolean;
};

/** A verb of the trade, and what it means where it stands; null: nothing that is done. */
type Verb = { readonly words: RegExp; readonly means: (around: Around) => ActKind | null };

const DRY = /\b(?:flours?|dry|powders?|salt|starch|cornflour|soda|semolina|meal)\b/i;
const WET =
  /\b(?:milks?|eggs?|yolks?|butter|oil|water|wet|liquid|buttermilk|yogh?urt|curd|cream|malt|mash|pumpkin|vanilla|vinegar|wine)\b/i;
/** Any named thing, also "them", "everything", "the rest". */
const THING =
  /\b(?:eggs?|yolks?|whites?|everything|rest|both|each|sugar|yeast|aniseed|cumin|cheese|chips|extract|spices?|zest|mix|sponge|flaxseed)\b/i;
const namesThing = (text: string): boolean => DRY.test(text) || WET.test(text) || THING.test(text);

const OF_IRON = /\b(?:iron|pan|maker|plates?|moulds?|molds?|both sides|oven)\b/i;
const IN_IRON =
  /\b(?:batter|(?:each|every|per|onto the|on each|onto each|the lower) (?:\w+ )?(?:plates?|squares?|moulds?|molds?|waffles?|hearts?|rounds?|pieces?|pockets?)|in(?:to)? the (?:\w+ )?(?:iron|cent(?:re|er)|middle|pan)|on the iron|to \d+ ?%)\b|%/i;
const DOSE =
  /(?:\d|½|¼|¾|⅓|⅔|\bhalf|\bthird|\bquarter|\bscant|\bgenerous|\bheaped|\blevel)[^.;]*?\b(?:cups?|m[lL]|g|grams?|tablespoons?|teaspoons?|tbsp|tsp|ladles?|scoops?)\b|\b(?:tea|table)spoon\b/i;
const NIGHT = /\b(?:overnight|all night|night|until morning|next day)\b/i;
const LONG = /\b(?:hours?|hrs?|h\b|doubled|risen)\b/i;
const COLD = /\b(?:refrigerat\w*|fridge|cold)\b/i;
/** What makes a wait worth planning: its time, or what it ends with. */
const WAITS =
  /\d|½|¼|¾|\b(?:one|two|three|four|five|ten|fifteen|twenty|thirty|half|quarter|minutes?|hours?|overnight|night|doubled|while|until|room temperature)\b/i;

const FOAM = /\b(?:ribbon|pale|thick|fluffy|froth\w*|foamy|tripled|doubled|creamy)\b/i;
const ONLY_MIXED = /\b(?:until (?:just )?(?:mixed|combined|smooth)|no foam|only until|just until)\b/i;

/** What eggs alone become under a whisk; null: they are only mixed. */
const whipOf = ({ verb, text, here }: Around): ActKind | null => {
  if (ONLY_MIXED.test(text)) return null;
  if (/^froth/i.test(verb) && /\beggs?\b/i.test(text)) return 'whip';
  if (/\bwhites?\b|\bmeringue\b/i.test(text)) return 'whip';
  const [first = ''] = text.split(/,? then\b/i);
  const alone = first.replace(/\b(?:hot|simmering) water\b/gi, '');
  const isEggs = /\b(?:eggs?|yolks?)\b/i.test(first);
  const isAlone = !/\b(?:milks?|butter|oil|water|flours?|mash|yogh?urt|buttermilk|cream|dry|pumpkin|soda)\b/i.test(alone);
  if (isEggs && isAlone && (FOAM.test(first) || /\b(?:sugar|honey)\b/i.test(first))) return 'whip';
  // Off the heat, on and on.
  return /\buntil (?:it is )?(?:cool|cold)\b/i.test(text) && !here.includes('combine') ? 'whip' : null;
};

/** What is stirred by itself, and what comes together. */
const mixOf = ({ verb, text }: Around): ActKind | null => {
  const things = text.slice(verb.length);
  if (/^combine with\b/i.test(text)) return 'combine';
  const isInto = /\b(?:in|into|add|everything|to the)\b/i.test(text.slice(0, 60)) || /^(?:add|pour|tip|dissolve|temper)/i.test(verb);
  if (/^(?:tip|pour|put|weigh)/i.test(verb) && !namesThing(things)) return null;
  if (isInto) return 'combine';
  if (DRY.test(things) && !WET.test(things)) return 'whisk-dry';
  if (WET.test(things) && !DRY.test(things) && !/^combine/i.test(verb)) return 'whisk-wet';
  if (/\b(?:dry)\b/i.test(things) && /^shake/i.test(verb)) return 'whisk-dry';
  return 'combine';
};

const restOf = ({ verb, text, hasYeast }: Around): ActKind | null => {
  if (!WAITS.test(text) && !/^(?:rest|rise|ferment|pro(?:ve|of))/i.test(verb)) return null;
  if (COLD.test(text)) return 'chill';
  const isLong = NIGHT.test(text) || LONG.test(text) || /^(?:rise|ferment|pro)/i.test(verb);
  return hasYeast && isLong ? 'ferment' : 'rest';
};

const pourOf = (around: Around): ActKind | null => {
  const { verb, text } = around;
  if (/\bjugs?\b|\bpitchers?\b/i.test(text)) return 'jugs';
  if (/^(?:sprinkle|place|put|use|lay)/i.test(verb) && !DOSE.test(text) && !IN_IRON.test(text)) return null;
  if (IN_IRON.test(text) || DOSE.test(text)) return 'pour';
  return /^(?:pour)/i.test(verb) ? mixOf(around) : null;
};

const NOW = (kind: ActKind) => (): ActKind => kind;

/** In the order in which they are tried at one place. */
export const VERBS: readonly Verb[] = [
  {
    words: /(?:whisk|beat|stir|knock|punch) (?:it |the batter )?(?:flat|down|again)\b|\bdeflate\b|\bstir (?:it|the batter) again\b/gi,
    means: NOW('deflate'),
  },
  { words: /\bkeep (?:them |it |the waffles )?warm\b/gi, means: NOW('hold') },
  { words: /\bhold\b/gi, means: ({ text }) => (/\bseconds?\b/i.test(text) ? null : 'hold') },
  { words: /\b(?:toast|crisp) from frozen\b|\bre-?heat\b|\bre-?crisp\b/gi, means: NOW('reheat') },
  { words: /\bfreeze\b/gi, means: NOW('freeze') },
  {
    words: /\b(?:keeps?|store|lasts?)\b/gi,
    means: ({ text }) => (/\b(?:days?|weeks?|months?|tin|airtight|refrigerator|fridge|jar)\b/i.test(text) ? 'keep' : null),
  },
  {
    words:
      /\bpre-?heat\b|\bset the iron\b|\bheats? up\b|\bwhile the iron heats\b|\blet it heat\b|\bheat(?= (?:the|your|a|an|both|each|it)\b)/gi,
    means: ({ text }) => (OF_IRON.test(text) || !/\b(?:milk|butter|oil|cream)\b/i.test(text) ? 'preheat' : 'warm'),
  },
  {
    words: /\bgrease\b(?=\W)|\boil (?=(?:the|every|each|both|it)\b)|\bbrush\b|\bcoat (?=(?:the|every|each|both)\b)|\bspray\b/gi,
    means: NOW('grease'),
  },
  { words: /\bseparate (?=the|all|\w+ eggs?)/gi, means: ({ text }) => (/\beggs?\b/i.test(text) ? 'separate' : null) },
  { words: /\bfold(?:ed)?\b/gi, means: NOW('fold') },
  { words: /\bsift\b/gi, means: NOW('sift') },
  {
    words: /\bsieve\b|\bstrain\b|\bpass (?=it|the batter|everything|this)/gi,
    means: ({ text }) => (/\b(?:flours?|dry|powders?|starch)\b/i.test(text) ? 'sift' : 'sieve'),
  },
  { words: /\bmelt\b|\bbrown the butter\b/gi, means: NOW('melt') },
  { words: /\bscald\b|(?<=^|[;.] |\bthen )warm (?=(?:the |up )?(?:milk|butter|cream|water|both))/gi, means: NOW('warm') },
  { words: /\bchill\b|\brefrigerate\b/gi, means: NOW('chill') },
  {
    words: /\b(?:rest|stand|sit|wait|leave|rise|ferment|prove|proof)\b|\bcome to room temperature\b/gi,
    means: restOf,
  },
  {
    words: /\bcool\b/gi,
    means: ({ before, text }) => (before.includes('cook') || /\brack\b/i.test(text) ? 'cool-piece' : 'cool'),
  },
  { words: /\b(?:whip|beat|whisk|froth)(?:ing)?\b/gi, means: (around) => whipOf(around) ?? mixOf(around) },
  { words: /\bthen the (?:wet|liquid)(?: ones?| things| ingredients)?\b/gi, means: NOW('whisk-wet') },
  {
    words: /\bthen (?=(?:in )?(?:the |all )?\w+)/gi,
    means: ({ here, text }) => (here.length > 0 && !/^(?:fold|combine)$/.test(here.at(-1) ?? '') && namesThing(text) ? 'combine' : null),
  },
  { words: /\b(?:stir|mix|combine|add|blend|tip|toss|work|dissolve|temper|shake|weigh|rain)\b/gi, means: mixOf },
  { words: /\b(?:sprinkle|scatter|strew|lay)\b/gi, means: ({ before }) => (before.includes('cook') ? 'serve' : 'scatter') },
  { words: /\b(?:pour|ladle|spoon|scoop|drop|spread|fill|place|put|use)\b/gi, means: pourOf },
  { words: /\bclose\b|\bpress the lid\b|\bshut the lid\b/gi, means: NOW('close') },
  { words: /\bturn\b(?! (?:out|off|down))|\bflip\b/gi, means: NOW('turn') },
  { words: /\b(?:cook|bake|fry)\b|^iron at\b/gi, means: NOW('cook') },
  { words: /\b(?:shape|roll|drape|curl)\b/gi, means: NOW('shape') },
  { words: /\bstack\b/gi, means: NOW('stack') },
  { words: /\b(?:serve|eat|enjoy|dust|pile)\b/gi, means: NOW('serve') },
];

/** Where a verb tells when, how or what not, it isn't an order; nor is one that names a thing ("over a ladle", "the rest"). */
export const NOT_AN_ORDER =
  /(?:\b(?:do not|don[’']t|never|not|before|after|until|as they|as it|it is|without|too|so that|of|if|a|an|the|two|more|while they|to|flour|dry) |\bno )$/i;
