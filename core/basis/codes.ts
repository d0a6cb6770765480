/** No fields: the code says it all. */
export type None = Readonly<Record<string, never>>;

/**
 * Every code that the core, the interface and the command line can give, with its fields: findings, failures, reading
 * notes, steps. A closed list: `words/` must have a sentence for each, and gets its fields by type.
 */
export type CodeFields = {
  // Lines
  readonly weighed: None;
  readonly edited: { readonly grams: number };
  readonly heading: None;
  readonly 'household-measure': { readonly measure: string; readonly each_g: number };
  readonly 'by-size': { readonly size: string; readonly each_g: number };
  readonly 'size-assumed': { readonly each_g: number };
  readonly 'by-density': { readonly density: number };
  readonly 'cup-by-hand': { readonly cup_g: number; readonly low_g: number; readonly high_g: number };
  readonly 'cup-sifted': { readonly cup_g: number };
  readonly 'rough-measure': { readonly grams: number };
  readonly 'range-undecided': { readonly low: number; readonly high: number };
  readonly 'spoon-not-level': { readonly factor: number };
  readonly container: None;
  readonly 'weight-in-brackets': None;
  readonly 'amounts-clash': { readonly first_g: number; readonly second_g: number };
  // Rules of the trade for doing without
  readonly 'rule-soured-milk': None;
  readonly 'rule-half-water': None;
  readonly 'rule-oil-for-butter': None;
  readonly 'rule-same-weight': None;
  readonly 'rule-salt-a-stick': None;
  readonly 'rule-powder-from-soda': None;
  readonly 'rule-powder-for-soda': None;
  readonly 'rule-raising-flour': None;
  readonly 'rule-fine-flour': None;
  readonly 'rule-brown-sugar': None;
  readonly 'word-by-market': { readonly taken: string; readonly other: string };
  readonly 'words-ignored': { readonly taken: string; readonly words: string };
  readonly 'amount-missing': None;
  readonly 'amount-to-taste': None;
  readonly 'amount-negative': None;
  readonly 'amount-absurd': None;
  /** `readings`: the line written as each of them, parted by line breaks; empty: none can be guessed. */
  readonly 'number-unclear': { readonly written: string; readonly readings: string };
  readonly 'two-things': { readonly first: string; readonly second: string };
  readonly 'unit-unknown': None;
  readonly 'ingredient-unknown': None;
  readonly 'container-unsized': None;
  readonly 'line-too-long': { readonly longest: number };
  readonly 'nothing-said': None;
  // Formula
  readonly 'lines-unresolved': { readonly count: number };
  readonly 'ingredient-unknown-mass': { readonly count: number; readonly grams: number };
  readonly 'no-flour': None;
  readonly 'gas-far-above': { readonly gas: number; readonly low: number; readonly high: number };
  readonly 'gas-far-below': { readonly gas: number; readonly low: number; readonly high: number };
  readonly 'soda-without-acid': {
    readonly soda_meq: number;
    readonly acid_meq: number;
    readonly share?: number;
    readonly vinegar_g?: number;
    readonly powder_g?: number;
  };
  readonly 'soda-left-over': { readonly leftover_meq: number };
  readonly 'salt-spoon-size': { readonly percent: number; readonly usual: number };
  readonly 'powder-spoon-size': { readonly percent: number; readonly usual: number };
  readonly 'soda-for-powder': { readonly percent: number };
  // Audit
  readonly 'line-doubled': { readonly line: string; readonly grams: number; readonly meant_g: number; readonly percent: number };
  readonly 'line-halved': { readonly line: string; readonly grams: number; readonly meant_g: number; readonly percent: number };
  readonly 'spoon-too-big': { readonly line: string; readonly grams: number; readonly meant_g: number; readonly percent: number };
  readonly 'spoon-too-small': { readonly line: string; readonly grams: number; readonly meant_g: number; readonly percent: number };
  readonly 'line-tenfold': { readonly line: string; readonly grams: number; readonly meant_g: number; readonly percent: number };
  readonly 'yield-against-bowl': { readonly claimed_mL: number; readonly bowl_mL: number };
  readonly 'yield-against-iron': { readonly claimed: number; readonly pieces: number };
  readonly 'time-against-iron': { readonly claimed_s: number; readonly reckoned_s: number };
  readonly 'gas-expands': None;
  readonly 'sugar-concentrates': None;
  readonly 'water-leaves': None;
  // Labels
  readonly 'label-over-100': { readonly grams: number };
  readonly 'label-sugars-over-carbohydrate': None;
  readonly 'label-energy-off': { readonly printed: number; readonly reckoned: number };
  // Weighing
  readonly melt: None;
  readonly 'whisk-dry': None;
  readonly 'whisk-wet': None;
  readonly 'warm-wet': None;
  readonly 'warm-into-dry': None;
  readonly 'sieve-own': None;
  readonly 'cool-wet': None;
  readonly 'separate-eggs': { readonly eggs: number };
  readonly 'whip-whites': None;
  readonly 'whip-warm': None;
  readonly 'whip-whole': None;
  readonly froth: None;
  readonly 'keep-for-plate': { readonly grams: number };
  readonly 'fat-into-wet': None;
  readonly combine: None;
  readonly fold: None;
  readonly 'mix-low': None;
  readonly sieve: { readonly loss_percent: number };
  readonly chill: None;
  readonly 'beat-smooth': None;
  readonly 'cover-rise': None;
  readonly 'after-the-rest': None;
  readonly 'keep-for-morning': None;
  readonly 'raw-egg': None;
  readonly 'raw-flour': None;
  readonly 'bowl-too-small': { readonly needs_mL: number; readonly has_mL: number };
  readonly 'bowl-plastic': None;
  readonly 'measures-none': None;
  readonly 'density-unknown': None;
  readonly 'measures-too-small': { readonly mL: number; readonly most: number };
  readonly 'measures-too-large': { readonly mL: number; readonly least: number };
  // Lift
  readonly 'whip-no-eggs': None;
  readonly 'whip-bowl-small': { readonly needs_mL: number; readonly has_mL: number };
  readonly 'whip-plastic': None;
  readonly 'whip-jug': None;
  readonly 'whip-cold': { readonly temperature_C: number };
  readonly 'whip-too-warm': { readonly most_C: number; readonly sets_C: number };
  readonly 'ferment-too-short': { readonly hours: number; readonly nearest_h: number };
  readonly 'ferment-too-long': { readonly hours: number; readonly nearest_h: number };
  readonly 'reading-senseless': { readonly value: number | 'not a number' };
  readonly 'reading-odd': { readonly value: number; readonly expected: number };
  readonly 'yeast-hurt': { readonly liquid_C: number };
  readonly 'liquid-frozen': { readonly liquid_C: number };
  readonly 'lift-refused': { readonly has_h: number; readonly limit_h: number; readonly source: string };
  readonly 'as-it-is': None;
  readonly 'cooler-liquid': None;
  readonly 'shallow-pan': None;
  readonly 'ice-bath': None;
  readonly 'colder-refrigerator': None;
  readonly 'eggs-in-the-morning': None;
  readonly 'prep-set-out': None;
  readonly 'prep-mix': None;
  readonly 'prep-eggs-out': None;
  readonly 'prep-whip': None;
  readonly 'prep-fold': None;
  readonly 'prep-water-bath': None;
  readonly 'prep-cold-out': None;
  readonly 'prep-warm-milk': None;
  readonly 'prep-refrigerate': None;
  readonly 'prep-beat-down': None;
  readonly 'prep-stir-in': None;
  readonly 'prep-sieve': None;
  readonly 'prep-rest': None;
  readonly 'prep-oven-on': None;
  readonly 'iron-measure': { readonly what: string; readonly value: number | 'not a number' };
  readonly 'iron-wall-too-wide': { readonly wall_mm: number; readonly pitch_mm: number };
  readonly 'iron-fill-unbelievable': { readonly fill_mL: number; readonly ruler_mL: number };
  readonly 'probe-unbelievable': { readonly read_C: number; readonly expected_C: number };
  readonly 'iron-broken': { readonly where: string };
  // Which of setting, portion and time moved, and why
  readonly 'moved-hotter-less-drying': None;
  readonly 'moved-cooler-more-drying': None;
  readonly 'moved-keeps-both': None;
  readonly 'moved-as-you-set': None;
  readonly 'moved-as-you-pour': None;
  readonly 'moved-waits-for-core': None;
  readonly 'moved-hotter-quicker': None;
  readonly 'moved-cooler-slower': None;
  readonly 'moved-browns-longer': None;
  readonly 'moved-browns-shorter': None;
  readonly 'moved-more-weighs-more': None;
  readonly 'moved-less-weighs-less': None;
  readonly 'moved-more-cooks-longer': None;
  readonly 'moved-less-cooks-sooner': None;
  readonly 'moved-by-taste': None;
  readonly 'moved-swells-otherwise': None;
  readonly 'moved-colder-batter': None;
  readonly 'moved-warmer-batter': None;
  readonly 'moved-plates-cooler': None;
  readonly 'moved-plates-hotter': None;
  readonly 'moved-plates-otherwise': None;
  readonly 'moved-sides-otherwise': None;
  readonly 'moved-takes-room': None;
  readonly 'moved-other-air': None;
  readonly 'moved-thinner-air': None;
  readonly 'moved-other-batter': None;
  readonly 'moved-other-iron': None;
  // On the plate
  readonly 'lightness-out-of-reach': {
    readonly wanted_gPerML: number;
    readonly reached_gPerML: number;
    readonly cup_g?: number | undefined;
    readonly cupNow_g?: number | undefined;
  };
  readonly 'turn-by': {
    readonly latest_s?: number;
    readonly first_percent: number;
    readonly first_step: number;
    readonly second_step: number;
    readonly hollow_percent: number;
  };
  readonly 'on-a-hob': { readonly every_s: number };
  readonly 'may-stick': { readonly because: string };
  readonly 'spot-wet': {
    readonly topping: string;
    readonly percent: number;
    readonly around_percent: number;
    readonly step: number;
    readonly around_step: number;
    readonly later_s?: number | 'never' | undefined;
  };
  readonly 'spot-dark': { readonly topping: string; readonly step: number; readonly around_step: number };
  readonly 'spot-scorch': { readonly topping: string; readonly plates_C: number; readonly scorches_C: number };
  readonly 'allergen-carry-over': { readonly allergens: string };
  readonly 'slow-to-close': { readonly delay_s: number };
  readonly 'browned-starch': None;
  readonly 'steam-says-nothing': None;
  // Pictures
  readonly 'label-other': None;
  readonly 'label-gone': None;
  readonly 'label-unseen': None;
  readonly 'keep-not-counted': None;
  readonly 'keep-too-many': { readonly has: number; readonly wanted: number };
  readonly 'photo-broken': None;
  readonly 'coin-too-small': { readonly pixels: number; readonly least: number };
  readonly 'plate-unbelievable': { readonly size_mm: number; readonly from: number; readonly to: number };
  readonly 'gap-unbelievable': { readonly gap_mm: number; readonly taken_mm: number };
  readonly 'photo-too-large': { readonly megabytes: number; readonly most: number };
  readonly 'photo-too-many-pixels': { readonly megapixels: number; readonly most: number };
  readonly 'photo-too-small': { readonly width: number; readonly height: number };
  readonly 'corners-missing': None;
  readonly 'corners-crossed': None;
  readonly 'corners-too-close': None;
  readonly 'corners-outside': None;
  readonly 'white-missing': None;
  readonly 'white-too-dark': None;
  readonly 'white-clipped': None;
  readonly 'white-uneven': None;
  readonly 'pattern-even': None;
  readonly 'pattern-lean': { readonly kelvin: number; readonly hotter: string };
  readonly 'pattern-cool-rim': { readonly kelvin: number };
  readonly 'pattern-spots': { readonly kelvin: number };
  readonly 'level-unknown': { readonly levelId: string };
  readonly 'observation-conflict': { readonly odds: number };
  readonly 'correction-none': None;
  // Plate
  readonly 'batter-too-thick': { readonly looseness: number; readonly least: number; readonly most?: number; readonly hydration?: number };
  readonly 'batter-too-thin': { readonly looseness: number; readonly most: number; readonly least?: number; readonly hydration?: number };
  readonly 'colour-cannot-guide': { readonly lightness: number };
  readonly 'tawny-out-of-reach': { readonly wanted: number; readonly reached: number };
  /** What has to happen first takes it past the colour wished for: the core sets, or the wafer dries through. */
  readonly 'colour-before-set': { readonly reached: number; readonly waitsFor: 'set' | 'dry-through' };
  readonly 'crisp-out-of-reach': { readonly wanted: number; readonly reached: number };
  readonly 'too-dry-before-colour': { readonly after_s: number };
  readonly 'sets-late': { readonly set_C: number; readonly boiling_C: number };
  /** A portion of the cook's own, and the least or the most that fills without harm, g. */
  readonly 'own-portion-short': { readonly portion_g: number; readonly fills_g: number };
  readonly 'own-time-colour': { readonly time_s: number; readonly wanted: number; readonly reached: number };
  readonly 'own-time-raw': { readonly time_s: number; readonly set_s: number };
  readonly 'own-time-splits': { readonly time_s: number; readonly letsGo_s: number };
  readonly 'own-portion-leaks': { readonly portion_g: number; readonly fills_g: number };
  readonly 'setting-ignored': { readonly setting_C: number };
  readonly 'setting-beyond-dial': { readonly setting_C: number; readonly min_C: number; readonly max_C: number };
  readonly 'less-than-a-load': { readonly bowl_g: number; readonly portion_g: number };
  readonly 'preheat-short': { readonly plates_C: number; readonly setting_C: number };
  readonly 'bowl-empty': None;
  readonly 'bowl-without-water': None;
  readonly 'bowl-without-starch': None;
  readonly 'bowl-half-read': { readonly line: string; readonly count: number };
  readonly 'never-sets': { readonly set_C: number; readonly boiling_C: number };
  readonly 'never-dries': None;
  readonly 'off-balance': { readonly share: number };
  readonly 'out-of-range': { readonly what: string; readonly min: number; readonly max: number; readonly value: number | 'not a number' };
  // Circuits and the run
  readonly 'circuit-overloaded': { readonly circuit: string; readonly power_W: number; readonly limit_W: number };
  readonly 'circuit-nearly-full': { readonly circuit: string; readonly share: number; readonly limit_W: number };
  readonly 'nothing-to-cook': None;
  readonly 'no-irons': None;
  readonly 'run-too-long': { readonly hours: number; readonly pieces: number; readonly wanted: number };
  readonly 'batter-short': { readonly missing_g: number; readonly factor: number };
  readonly 'portions-evened': { readonly percent: number };
  readonly 'hold-long': { readonly minutes: number };
  readonly 'pieces-over': { readonly pieces: number };
  readonly 'pin-impossible': { readonly iron: string; readonly load: number };
  readonly 'iron-left-off': { readonly iron: string; readonly circuit: string; readonly limit_W: number };
  // Keeping
  readonly 'us-food-code-2022': None;
  readonly 'us-home': None;
  readonly 'england-2013': None;
  readonly 'out-of-cold': None;
  readonly 'cold-storage': None;
  readonly 'recipe-keeps': None;
  readonly opened: None;
  readonly quality: None;
  // Files
  readonly 'recipes-left': { readonly taken: string; readonly count: number };
  readonly 'file-row-too-long': { readonly most: number };
  readonly 'file-too-large': { readonly bytes: number; readonly most: number };
  readonly 'file-empty': None;
  readonly 'file-not-json': None;
  readonly 'file-forbidden-key': None;
  readonly 'file-foreign': None;
  readonly 'file-newer': { readonly version: number; readonly known: number };
  readonly 'file-broken': { readonly where: string; readonly why: string };
  readonly 'file-unlinked': { readonly what: string; readonly id: string };
  readonly 'recipe-missing': None;
  readonly 'recipe-broken': { readonly where: string };
  readonly 'recipe-empty': None;
  // Interface and command line
  readonly 'text-too-large': None;
  readonly 'took-too-long': None;
  readonly 'worker-crashed': None;
  readonly 'recipe-too-long': { readonly lines: number; readonly most: number };
  readonly 'paste-too-long': { readonly most: number; readonly cut: number };
  readonly 'row-unsound': { readonly table: string; readonly where: string; readonly why: string };
  readonly 'row-gone': { readonly table: string; readonly id: string };
  readonly 'export-failed': { readonly why: string };
  readonly 'update-ready': None;
  readonly 'update-waits': None;
  readonly 'already-done': None;
  readonly 'iron-has-load': None;
  readonly 'write-failed': { readonly why: string };
  readonly 'changed-elsewhere': { readonly name: string };
  readonly 'storage-cleared': None;
  readonly 'store-moved-on': None;
  readonly 'storage-failing': None;
  readonly 'storage-full': None;
  readonly 'storage-forbidden': None;
  readonly 'usage-unknown-option': { readonly option: string };
  readonly 'usage-missing-value': { readonly option: string };
  readonly 'usage-bad-number': { readonly option: string; readonly value: string };
  readonly 'usage-bad-choice': { readonly option: string; readonly choices: string };
  readonly 'usage-no-iron': { readonly known: string };
  readonly 'usage-no-file': None;
  readonly 'usage-no-command': None;
  readonly 'usage-no-formula': { readonly known: string };
  readonly 'usage-which-formula': { readonly known: string };
  readonly 'file-unreadable': { readonly file: string };
};

export type Code = keyof CodeFields;

/** Codes that have no fields. */
export type PlainCode = { [C in Code]: CodeFields[C] extends None ? C : never }[Code];

/** A code with the fields that belong to it. */
export type Coded<C extends Code = Code> = { readonly [K in C]: { readonly code: K; readonly fields: CodeFields[K] } }[C];
