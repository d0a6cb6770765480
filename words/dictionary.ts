import type { Code, CodeFields } from '../core/basis/index.ts';
import { degrees, degreesApart, lengthOf } from './units.ts';

/** Words for everything the core can find or fail at, by code. One catalogue for interface and command line. */
export const SENTENCES: { readonly [C in Code]: (f: CodeFields[C]) => string } = {
  // Lines
  weighed: () => 'weighed',
  edited: () => 'changed by hand',
  heading: () => 'a heading',
  'household-measure': (f) => `1 ${f.measure} = ${f.each_g} g`,
  'by-size': (f) => `${f.size}: ${f.each_g} g each`,
  'size-assumed': (f) => `no size given: ${f.each_g} g each assumed`,
  'by-density': (f) => `by volume, ${fixed(f.density, 2)} g per mL`,
  'cup-by-hand': (f) => `${f.cup_g} g in a US cup; ${f.low_g}–${f.high_g} g by hand`,
  'cup-sifted': (f) => `sifted first: ${f.cup_g} g in a US cup`,
  'rough-measure': (f) => `a rough measure, about ${f.grams} g`,
  'range-undecided': (f) => `a range, ${f.low} to ${f.high}: the middle is taken until you decide`,
  'spoon-not-level': (f) => `not level: times ${f.factor}`,
  container: () => 'by the size printed on the container',
  'weight-in-brackets': () => 'the weight given beside it is taken',
  'amounts-clash': (f) => `two amounts that disagree, ${f.first_g} g and ${f.second_g} g: which one?`,
  'rule-soured-milk': () => 'a tablespoon of it in a cup, filled up with milk; five minutes',
  'rule-half-water': () => 'half of it, half water',
  'rule-oil-for-butter': () => 'three quarters of the butter’s cups or spoons in oil',
  'rule-same-weight': () => 'the same weight of it',
  'rule-salt-a-stick': () => 'a quarter teaspoon of salt to each stick',
  'rule-powder-from-soda': () => 'for each teaspoon a quarter of soda and half of cream of tartar',
  'rule-powder-for-soda': () => 'three times as many teaspoons of powder',
  'rule-raising-flour': () => 'to each cup of flour a teaspoon and a half of powder and half a teaspoon of salt',
  'rule-fine-flour': () => 'two tablespoons of each cup of plain flour replaced by starch',
  'rule-brown-sugar': () => 'to each cup of white sugar a tablespoon of molasses',
  'word-by-market': (f) => `this word means different things: taken as ${ingredient(f.taken)}, or is it ${ingredient(f.other)}?`,
  'words-ignored': (f) => `taken as ${ingredient(f.taken)}; not understood: ${f.words}`,
  'amount-missing': () => 'how much?',
  'amount-to-taste': () => 'to taste: how much do you use?',
  'amount-negative': () => 'an amount below zero',
  'number-unclear': (f) => (f.readings === '' ? `“${f.written}” isn’t a number: how much?` : `“${f.written}”: which number is meant?`),
  'two-things': () => 'two things in one line',
  'amount-absurd': () => 'an amount nobody has: check it',
  'unit-unknown': () => 'this measure says nothing about this ingredient: how many grams?',
  'ingredient-unknown': () => 'what is this? Choose an ingredient, or it counts as weight only',
  'container-unsized': () => 'how much does the container hold?',
  'line-too-long': (f) => `too long for an ingredient (over ${f.longest} characters)`,
  'nothing-said': () => 'not understood',

  // Formula
  'lines-unresolved': (f) => `${count(f.count, 'line has', 'lines have')} no grams yet and ${f.count === 1 ? 'is' : 'are'} left out`,
  'ingredient-unknown-mass': (f) => `${f.grams} g of something unknown counts as weight only`,
  'no-flour': () => "no flour or meal: baker's percentages need one",
  'gas-far-above': (f) => `very much gas: ${f.gas} mmol per 100 g flour, usual is ${f.low}–${f.high}`,
  'gas-far-below': (f) => `hardly any gas: ${f.gas} mmol per 100 g flour, usual is ${f.low}–${f.high}`,
  'soda-without-acid': () => 'soda without enough acid to work with: it will taste soapy and lift half',
  'soda-left-over': (f) => `${f.leftover_meq} meq of soda find no acid: a soapy taste is likely`,
  'salt-spoon-size': (f) => `salt is ${f.percent} % of the flour, usual is up to ${f.usual} %: a spoon too big?`,
  'powder-spoon-size': (f) => `baking powder is ${f.percent} % of the flour, usual is nearer ${f.usual} %: another spoon meant?`,
  'soda-for-powder': (f) => `soda is ${f.percent} % of the flour: was powder meant?`,

  // Audit
  'line-doubled': (f) => `${f.line}: ${f.percent} % of the flour is a lot beside its neighbours. Doubled? ${f.meant_g} g would fit`,
  'line-halved': (f) => `${f.line}: ${f.percent} % of the flour is little beside its neighbours. Halved? ${f.meant_g} g would fit`,
  'spoon-too-big': (f) => `${f.line}: a spoon too big? ${f.meant_g} g would fit the rest`,
  'spoon-too-small': (f) => `${f.line}: a spoon too small? ${f.meant_g} g would fit the rest`,
  'line-tenfold': (f) => `${f.line}: ten times too much? ${f.meant_g} g would fit the rest`,
  'yield-against-bowl': (f) => `the yield times the dose it gives makes ${f.claimed_mL} mL, the bowl holds ${f.bowl_mL} mL`,
  'yield-against-iron': (f) => `your recipe says ${f.claimed} pieces; we expect ${f.pieces} on this iron`,
  'time-against-iron': (f) => `your recipe says ${minutes(f.claimed_s)}; we expect ${minutes(f.reckoned_s)} on this iron`,
  'gas-expands': () => 'gas takes more room in thin air',
  'sugar-concentrates': () => 'water leaves sooner, so sugar weakens the crumb',
  'water-leaves': () => 'water leaves sooner in thin air',

  // Labels
  'label-over-100': (f) => `its figures add up to ${f.grams} g in 100 g: check them`,
  'label-sugars-over-carbohydrate': () => 'more sugars than carbohydrate: check them',
  'label-energy-off': (f) => `the printed ${f.printed} kcal don’t fit its own figures (${f.reckoned} kcal): a slip of the pen?`,

  // Weighing
  melt: () => 'Melt on low until just liquid; warm, not hot',
  'whisk-dry': () => 'Whisk the dry bowl until it is one colour, about half a minute',
  'whisk-wet': () => 'Whisk until no streak of egg is seen',
  'warm-wet': () => 'Warm milk and fat on low until the fat has just melted. It must not boil',
  'warm-into-dry': () => 'The warm milk, then the eggs, into the dry bowl',
  'sieve-own': () => 'Pass through a sieve',
  'cool-wet': () => 'Let it cool until just warm to a clean finger, five to six minutes: too hot kills the yeast',
  'separate-eggs': (f) =>
    `Crack ${f.eggs} eggs one by one over the little bowl: white to the clean bowl, yolk to the wet one. A trace of yolk spoils the foam`,
  'whip-whites': () => 'Whip the whites until a peak bends over',
  'whip-warm': () => `Whip eggs and sugar over hot water to a ribbon, some five minutes; keep it under ${degrees(50)}, or the egg sets`,
  'whip-whole': () => 'Whip eggs and sugar until pale, about three minutes',
  froth: () => 'Beat the eggs frothy, then sugar, fat last',
  'keep-for-plate': (f) => `Keep these ${f.grams} g beside the iron: they go on the plate, not into the bowl`,
  'fat-into-wet': () => 'Stir the warm fat into the wet bowl; warm, not hot, or the egg sets',
  combine: () => 'Wet into dry; stop when no dry flour shows. Small lumps are fine',
  fold: () => 'Stir in a third of the foam, fold the rest in some ten to fifteen strokes',
  'mix-low': () => 'Mix everything at low speed, two and a half minutes',
  sieve: (f) => `Pass through a sieve into the larger bowl; about ${f.loss_percent} % stays behind`,
  chill: () => 'Cover and chill, an hour at least',
  'beat-smooth': () => 'Beat smooth, about two minutes',
  'cover-rise': () => 'Cover and let it rise',
  'after-the-rest': () => 'After the rest, stir in what was kept back',
  'keep-for-morning': () => 'Cover this and keep it cold: it goes in tomorrow morning',
  'raw-egg': () => 'Raw egg: wash hands and what it touched (FDA consumer advice)',
  'raw-flour': () => 'Raw flour: don’t taste (FDA consumer advice)',
  'bowl-too-small': (f) => `it needs a bowl of ${f.needs_mL} mL once it has risen; the largest here holds ${f.has_mL} mL`,
  'bowl-plastic': () => 'a foam wants a bowl without a trace of fat: plastic keeps some, however clean',
  'measures-none': () => 'no cups or spoons in your kitchen yet',
  'density-unknown': () => 'by weight only: what a cup of it weighs isn’t known',
  'measures-too-small': (f) => `${f.mL} mL is more than a dozen of the largest cup`,
  'measures-too-large': (f) => `${f.mL} mL is less than the smallest spoon holds (${f.least} mL): a fine scale or a stock mix`,

  // Lift
  'whip-no-eggs': () => 'there is no egg in it to whip',
  'whip-bowl-small': (f) => `the foam needs a bowl of ${f.needs_mL} mL; this one holds ${f.has_mL} mL`,
  'whip-jug': () => 'a jug is too narrow for a whisk to take air in: a wide bowl whips sooner',
  'whip-plastic': () => 'plastic keeps a trace of fat, and a thousandth of the white’s mass spoils the foam: take metal or glass',
  'whip-cold': (f) => `whites at ${degrees(f.temperature_C)} whip slowly; at room temperature they take a quarter less time`,
  'whip-too-warm': (f) =>
    `over ${degrees(f.most_C)} in the bowl is too hot: egg sets at about ${degrees(f.sets_C)}. Hot water and steam burn: hold the bowl with a cloth`,
  'ferment-too-short': (f) => `${f.hours} h are too short for yeast on this path; ${f.nearest_h} h would just do`,
  'ferment-too-long': (f) => `${f.hours} h are too long even for a trace of yeast; ${f.nearest_h} h would do, or keep it colder`,
  'reading-senseless': (f) => `a reading of ${f.value} can’t be: the probe may be out of the batter. It was left aside`,
  'reading-odd': (f) => `a reading of ${f.value} is far from the ${f.expected} that the others speak of: it was left nearly aside`,
  'yeast-hurt': (f) =>
    `${degrees(f.liquid_C)} hurts yeast (from ${degrees(48)} on) and kills it at ${degrees(54)} (US extension): cool it first`,
  'liquid-frozen': (f) => `liquid would have to be at ${degrees(f.liquid_C)}: use some ice, or let the rest cool`,
  'lift-refused': (f) =>
    `egg or dairy batter would be out of the cold for ${Math.round(f.has_h)} h; ${f.source.split(':')[0] ?? ''} allows ${f.limit_h} h. Keep it colder, or add eggs and milk in the morning`,
  'as-it-is': () => 'as it is',
  'cooler-liquid': () => `cooler liquid, so that it starts at ${degrees(12)}`,
  'shallow-pan': () => 'in a shallow pan, three centimetres deep',
  'ice-bath': () => 'half an hour in an ice bath first',
  'colder-refrigerator': () => `a refrigerator at ${degrees(3)}, in a shallow pan`,
  'eggs-in-the-morning': () => 'eggs and milk only in the morning: flour, water and yeast know no such clock',
  // What a recipe asks for
  'act-sift': () => 'Sift',
  'act-whisk-dry': () => 'Mix dry',
  'act-whisk-wet': () => 'Mix wet',
  'act-melt': () => 'Melt',
  'act-warm': () => 'Warm',
  'act-cool': () => 'Let cool',
  'act-separate': () => 'Separate eggs',
  'act-whip': () => 'Whip',
  'act-combine': () => 'Mix in',
  'act-fold': () => 'Fold',
  'act-stir': () => 'Stir',
  'act-sieve': () => 'Sieve',
  'act-jugs': () => 'Into jugs',
  'act-rest': () => 'Rest',
  'act-chill': () => 'Chill',
  'act-ferment': () => 'Let rise',
  'act-deflate': () => 'Beat flat',
  'act-preheat': () => 'Preheat',
  'act-grease': () => 'Grease',
  'act-pour': () => 'Pour',
  'act-scatter': () => 'Scatter',
  'act-close': () => 'Close',
  'act-turn': () => 'Turn',
  'act-cook': () => 'Cook',
  'act-shape': () => 'Shape',
  'act-cool-piece': () => 'Cool on a rack',
  'act-stack': () => 'Stack',
  'act-hold': () => 'Keep warm',
  'act-keep': () => 'Store',
  'act-freeze': () => 'Freeze',
  'act-reheat': () => 'Reheat',
  'act-serve': () => 'Serve',
  'act-other': () => 'Other work',

  'prep-set-out': () => 'Set everything out',
  'prep-mix': () => 'Mix the batter',
  'prep-eggs-out': () => 'Eggs out of the cold',
  'prep-whip': () => 'Whip',
  'prep-fold': () => 'Fold',
  'prep-water-bath': () => 'Heat the water bath',
  'prep-cold-out': () => 'Batter out of the cold',
  'prep-warm-milk': () => 'Warm milk and butter, let them cool',
  'prep-refrigerate': () => 'Into the refrigerator',
  'prep-beat-down': () => 'Beat it down',
  'prep-stir-in': () => 'Stir in what was kept back',
  'prep-sieve': () => 'Sieve the batter',
  'prep-rest': () => 'Let the batter rest',
  'prep-oven-on': () => 'Oven on',

  'iron-measure': (f) => `${f.what.replace(/_.*/, '')}: ${f.value} can’t be`,
  'iron-wall-too-wide': (f) => `walls of ${lengthOf(f.wall_mm)} leave no pocket where one repeats every ${lengthOf(f.pitch_mm)}`,
  'iron-fill-unbelievable': (f) => `the fill says ${f.fill_mL} mL, the ruler ${f.ruler_mL} mL: one of the two is wrong`,
  'probe-unbelievable': (f) =>
    `the probe says ${degrees(f.read_C)} where ${degrees(f.expected_C)} are set: is it on a hot plate, and has the light gone out?`,
  'iron-broken': (f) => `that can’t be an iron: look at its ${f.where.replace(/_.*/, '')}`,
  // Which of setting, portion and time moved, and why
  'moved-hotter-less-drying': () => 'hotter plates colour before they dry deeper',
  'moved-cooler-more-drying': () => 'cooler plates dry deeper before they colour',
  'moved-keeps-both': () => 'so that colour and crispness still come together',
  'moved-as-you-set': () => 'as you set it',
  'moved-as-you-pour': () => 'as you pour it',
  'moved-waits-for-core': () => 'the core has to set first',
  'moved-hotter-quicker': () => 'hotter plates are quicker',
  'moved-cooler-slower': () => 'cooler plates take longer',
  'moved-browns-longer': () => 'it browns on',
  'moved-browns-shorter': () => 'it browns less long',
  'moved-more-weighs-more': () => 'more in the same room weighs more',
  'moved-less-weighs-less': () => 'less in the same room weighs less',
  'moved-more-cooks-longer': () => 'more batter takes more heat',
  'moved-less-cooks-sooner': () => 'less batter takes less heat',
  'moved-by-taste': () => 'rather over or under, as you said',
  'moved-swells-otherwise': () => 'its gas swells differently',
  'moved-colder-batter': () => 'colder batter has to be warmed first',
  'moved-warmer-batter': () => 'warmer batter is on its way already',
  'moved-plates-cooler': () => 'the plates are cooler when you pour',
  'moved-plates-hotter': () => 'the plates are hotter when you pour',
  'moved-plates-otherwise': () => 'the plates are different when you pour',
  'moved-sides-otherwise': () => 'the two sides hold other shares of the batter',
  'moved-takes-room': () => 'it takes room from the batter',
  'moved-other-air': () => 'another batter by its air',
  'moved-thinner-air': () => 'air and boiling differ up there',
  'moved-other-batter': () => 'another batter',
  'moved-other-iron': () => 'another iron',
  // On the plate
  'lightness-out-of-reach': (f) =>
    `wished ${f.wanted_gPerML} g/mL, it comes to ${f.reached_gPerML}: fill and time can do no more. ${f.cup_g === undefined ? (f.wanted_gPerML > f.reached_gPerML ? 'Even without any air in it this batter swells further' : 'No whipping of this batter brings it') : f.cup_g < (f.cupNow_g ?? 0) ? `A batter that weighs ${f.cup_g} g a level US cup would, now ${f.cupNow_g} g: more air, by whites, whipping or yeast (Lift)` : `A batter that weighs ${f.cup_g} g a level US cup would, now ${f.cupNow_g} g: fewer bubbles`}`,
  'turn-by': (f) =>
    `turn it at once${f.latest_s === undefined ? '' : `, within ${f.latest_s} s: later less than half of it flows`}. ${f.first_percent} % stays on the first side, thin and crisp, step ${f.first_step}; the side that ends below takes the rest and is dense, step ${f.second_step}. About ${f.hollow_percent} % of a ball stays hollow`,
  'on-a-hob': (f) =>
    `over a hob nothing regulates the heat: turn it over every ${f.every_s} s, and take it off between loads. Handles and flame burn`,
  'may-stick': (f) =>
    `it may stick (${f.because.replace('thin-batter', 'thin').replace('bare', 'bare plates').replace('lean', 'hardly any fat').replace('sweet', 'much sugar')}): grease, and don’t open before it is dry; a lid that won’t lift by itself wants more time`,
  'spot-wet': (f) =>
    `around ${f.topping} it is still ${f.percent} % water when the rest has ${f.around_percent} %, at step ${f.around_step === f.step ? 'the same' : `${f.step} beside ${f.around_step}`}${f.later_s === undefined ? '' : f.later_s === 'never' ? ', and it doesn’t set' : `, and sets ${f.later_s} s later`}: fewer, smaller, towards the middle, and a little longer`,
  'spot-dark': (f) => `around ${f.topping} it comes out darker, step ${f.step} beside ${f.around_step}: fewer, or cooler plates`,
  'spot-scorch': (f) =>
    `sugar burns on and sticks from about ${degrees(f.scorches_C)} and the plates have ${degrees(f.plates_C)}: scatter after the pour, not on bare metal. Hot sugar burns badly`,
  'allergen-carry-over': (f) => `${f.allergens}: cook plain loads first; what follows on these plates carries it too`,
  'slow-to-close': (f) => `${f.delay_s} s until the lid closes: the lower face is ahead of the upper one`,
  'browned-starch': () => 'beyond golden, browned starch holds more acrylamide: golden rather than brown (Regulation (EU) 2017/2158)',

  // Pictures
  'coin-too-small': (f) => `the coin is ${f.pixels} pixels across in the picture, and ${f.least} are needed: take it from nearer`,
  'plate-unbelievable': (f) =>
    `that makes a plate of ${lengthOf(f.size_mm)}; plates are ${lengthOf(f.from)} to ${lengthOf(f.to)}: look at the four marks again`,
  'gap-unbelievable': (f) =>
    `a floor of ${lengthOf(f.gap_mm)} where ${lengthOf(f.taken_mm)} were taken: was the lid quite closed, and the dough in a pocket?`,
  'label-other': () => 'that square is of something else, not of a label from here',
  'label-gone': () => 'nothing in this kitchen has that label: it was removed, or it is another kitchen’s',
  'label-unseen': () => 'no square is seen in the picture: nearer, flat and in good light',
  'keep-not-counted': () => 'nobody has counted it: write the amount as a number first, such as 12 pieces',
  'keep-too-many': (f) => `there are ${f.has} of it`,
  'photo-broken': () => 'this is no picture that can be read',
  'photo-too-large': (f) => `the file has ${f.megabytes} MB; ${f.most} MB are the most`,
  'photo-too-many-pixels': (f) => `${f.megapixels} megapixels are more than this page can hold; ${f.most} are the most`,
  'photo-too-small': (f) => `${f.width} × ${f.height} pixels are too few to tell pockets apart`,
  'corners-missing': () => 'a corner is missing',
  'corners-crossed': () => 'the corners are crossed: once around the piece, beginning at the hinge on the left',
  'corners-too-close': () => 'the corners lie on one spot: put them on the corners of the piece',
  'corners-outside': () => 'most of the piece lies outside the picture',
  'white-missing': () => 'no white yet: put the white mark on plain white paper beside the piece',
  'white-too-dark': () => 'that is too dark to be white paper',
  'white-clipped': () => 'the white is burnt out: take the picture a little darker',
  'white-uneven': () => 'the white mark isn’t on one even patch of paper',
  'pattern-even': () => 'as even as an eye can tell',
  'pattern-lean': (f) =>
    `hotter by ${degreesApart(f.kelvin)} towards the ${f.hotter}: pour a little towards it, and turn the piece round half-way where it lets itself be turned`,
  'pattern-cool-rim': (f) => `the rim is ${degreesApart(f.kelvin)} cooler than the middle: heat it longer before the first pour`,
  'pattern-spots': (f) => `spots of up to ${degreesApart(f.kelvin)}: a longer preheat evens them out somewhat`,

  'level-unknown': () => 'there is no such level',
  'observation-conflict': () =>
    'what was said of this load hardly fits what was seen before: a wrong touch, or something has changed. It counts only a little until it is said again',

  'correction-none': () => 'nothing to add: it is like that already',

  // Plate
  'batter-too-thick': () => 'too thick to spread in this iron',
  'batter-too-thin': () => 'very thin for this iron: it may run out before it sets',
  'colour-cannot-guide': () => 'a dark batter: colour can’t guide. Go by the steam, the smell and the time',
  'tawny-out-of-reach': (f) =>
    `step ${f.wanted} is out of reach here: ${f.reached} is the nearest. Crispness was kept in view, colour given up`,
  'colour-before-set': (f) =>
    f.waitsFor === 'dry-through'
      ? `it will be at step ${f.reached} by the time it is dry through: colour was given up for a wafer that snaps`
      : `it will be at step ${f.reached} by the time it has set: colour was given up for a set core`,
  'crisp-out-of-reach': (f) =>
    `crispness ${f.wanted} doesn’t come together with that colour here: ${f.reached} is the nearest. Colour was kept, crispness given up`,
  'too-dry-before-colour': (f) => `it dries out (after ${f.after_s} s) before it has that colour`,
  'sets-late': (f) =>
    `so much sugar sets only at ${degrees(f.set_C)}, and water boils at ${degrees(f.boiling_C)} here: it may stay soft inside`,
  'own-portion-short': (f) => `your ${f.portion_g} g leaves corners empty: from ${f.fills_g} g on they fill`,
  'steam-says-nothing': () =>
    'it steams on after it is done: this iron works near its full watts, so go by time and colour, not by the steam',
  'own-time-colour': (f) => `after your ${minutes(f.time_s)} it is at step ${f.reached}, not ${f.wanted}`,
  'own-time-raw': (f) =>
    f.set_s === 0
      ? `after your ${minutes(f.time_s)} the middle hasn’t set`
      : `after your ${minutes(f.time_s)} the middle hasn’t set: it does after ${minutes(f.set_s)}`,
  'own-time-splits': (f) =>
    `after your ${minutes(f.time_s)} it has set but still holds on to the plates, and may split: it lets go at ${minutes(f.letsGo_s)}`,
  'own-portion-leaks': (f) => `your ${f.portion_g} g runs over: up to ${f.fills_g} g stays in`,
  'setting-ignored': () => 'this iron has nothing to set: the wished temperature is left aside',
  'setting-beyond-dial': (f) => `${degrees(f.setting_C)} is off this iron’s dial (${degrees(f.min_C)}–${degrees(f.max_C)})`,
  'less-than-a-load': (f) => `the bowl holds ${f.bowl_g} g, less than one load of ${f.portion_g} g`,
  'preheat-short': (f) => `not hot yet: plates at ${degrees(f.plates_C)} for a setting of ${degrees(f.setting_C)}`,
  'bowl-empty': () => 'nothing in the bowl has a weight yet',
  'bowl-without-water': () => 'no water in it: this is not a batter yet',
  'bowl-without-starch': () => 'no flour, starch or mix with a weight in it: this is not a batter yet',
  'bowl-half-read': (f) => `only half read: “${f.line}”${f.count > 1 ? ` and ${f.count - 1} more` : ''}. Settle it in the recipe first`,
  'never-sets': (f) => `the middle never sets (needs ${degrees(f.set_C)}; water boils at ${degrees(f.boiling_C)} here)`,
  'off-balance': () =>
    'water and heat of this load don’t add up in our computation: no figures for it. Please report it with its batter and iron',
  'never-dries': () => 'it doesn’t dry through within five minutes on this iron',
  'out-of-range': (f) => `${QUANTITIES[f.what] ?? f.what} must lie between ${f.min} and ${f.max} (got ${f.value})`,

  // Circuits and the run
  'circuit-overloaded': (f) =>
    `${f.circuit}: ${f.power_W} W on a circuit of ${f.limit_W} W. Don’t run these together; ask a licensed electrician`,
  'circuit-nearly-full': (f) =>
    `${f.circuit}: ${f.share} % of ${f.limit_W} W. For three hours and more 80 % is the limit (NFPA 70 210.20(A)); keep kettle and toaster off it. Local code decides`,
  'nothing-to-cook': () => 'nobody to cook for yet',
  'no-irons': () => 'choose an iron',
  'run-too-long': (f) => `over ${f.hours} hours: only ${f.pieces} of ${f.wanted} pieces are planned. Another iron would help`,
  'batter-short': (f) => `${f.missing_g} g of batter short: make ${f.factor} times as much`,
  'portions-evened': (f) => `portions evened out to ${f.percent} %, so that the last plate isn’t stunted`,
  'hold-long': (f) => `the first plates wait ${f.minutes} min: keep them on a rack in a warm oven`,
  'iron-left-off': (f) =>
    `${f.iron} stays off: ${f.circuit} carries ${f.limit_W} W, and with it there would be more. Put it on another circuit to use it`,
  'pin-impossible': (f) => `${f.iron}, load ${f.load} can’t stay where it was put: a hand or its iron is busy then. It was planned anew`,
  'pieces-over': (f) => `${count(f.pieces, 'piece', 'pieces')} more than asked for`,

  // Keeping
  'us-food-code-2022': () => 'FDA Food Code 2022',
  'us-home': () => 'US home rule (USDA FSIS)',
  'england-2013': () => 'England, 2013 regulations',
  'out-of-cold': () => 'out of the cold',
  'cold-storage': () => 'kept cold',
  'recipe-keeps': () => 'by the recipe’s own word',
  opened: () => 'opened, out of its can, with a lid on',
  quality: () => 'at its best',

  // Files
  'file-too-large': (f) =>
    `this file has ${Math.round(f.bytes / 1e6)} MB and isn’t laid out as ours are; ${Math.round(f.most / 1e6)} MB are the most of such`,
  'recipes-left': (f) =>
    `“${f.taken}” was taken; ${f.count === 1 ? 'one more recipe stands' : `${f.count} more recipes stand`} in the same text: paste ${f.count === 1 ? 'it' : 'each'} by itself`,
  'file-row-too-long': (f) => `a line of it has over ${Math.round(f.most / 1e6)} million characters: no kitchen is written so`,
  'file-empty': () => 'this file is empty',
  'file-not-json': () => 'this file is not readable JSON: perhaps it was cut off',
  'file-forbidden-key': () => 'this file holds names that could do harm, so it was not read',
  'file-foreign': () => 'this is not a Tawny Lattice kitchen file',
  'file-newer': (f) => `this file is of version ${f.version}; this application reads up to ${f.known}. Nothing was changed`,
  'file-broken': (f) => `this file is damaged at ${f.where === '' ? 'its start' : f.where}: ${f.why}`,
  'file-unlinked': (f) => `this file is incomplete: ${f.what} ${f.id} is missing`,
  'recipe-missing': () => 'no Recipe was found in it',
  'recipe-broken': (f) => `the Recipe in it is damaged at ${f.where}`,
  'recipe-empty': () => 'the Recipe in it has no ingredients',

  // Interface and command line
  'text-too-large': () => 'too long to be read: try a shorter text',
  'took-too-long': () => 'an answer took too long, so you see the last one. Reload the page to ask again',
  'worker-crashed': () => 'the computation stopped twice, so you see the last answer. Reload the page to ask again',
  'recipe-too-long': (f) =>
    `the recipe has ${f.lines} ingredient lines; more than ${f.most} isn’t taken, for half a recipe is another batter`,
  'paste-too-long': (f) => `only the first ${f.most} lines were taken; ${f.cut} are left out`,
  'row-unsound': (f) => `that can’t be kept: ${f.where === '' ? (TABLE_WORDS[f.table] ?? f.table) : f.where}: ${f.why}`,
  'row-gone': (f) => `${TABLE_WORDS[f.table] ?? f.table} is no longer there: another tab has removed it`,
  'update-waits': () => 'a load is cooking, or somebody is typing, here or in another tab: the new version waits until that is over',
  'storage-cleared': () =>
    'this browser’s storage was cleared while the page was open: the irons, batters, plans, bowls and the loads this page knew are back; what is older is only in your files',
  'already-done': () => 'nothing changed: this was done already',
  'iron-has-load': () => 'nothing was poured: that iron has a load in it already',
  'write-failed': (f) => `this could not be written down (${f.why}). What is on the screen is not stored: export, then load the page again`,
  'export-failed': (f) => `the export could not be made (${f.why})`,
  'update-ready': () => 'a newer version of this application is ready',
  'changed-elsewhere': (f) => `${f.name} was changed in another tab meanwhile: your change was put on top, both are in the revisions`,
  'store-moved-on': () => 'another tab runs a newer version of this application: load this page again',
  'storage-failing': () => 'something that waited for room could not be written any more: look whether the last touches are there',
  'storage-full': () => 'the device’s storage is full: everything goes on in memory. Export now, so that nothing is lost',
  'storage-forbidden': () => 'this browser doesn’t let us store anything: everything lives in memory only. Export before you close it',
  'usage-unknown-option': (f) => `unknown option ${f.option}`,
  'usage-missing-value': (f) => `${f.option} needs a value`,
  'usage-bad-number': (f) => `${f.option} needs a number, not "${f.value}"`,
  'usage-bad-choice': (f) => `${f.option} takes one of ${f.choices}`,
  'usage-no-iron': (f) => `name an iron with --iron; known: ${f.known}`,
  'usage-no-file': () => 'name a file to read',
  'usage-no-command': () => 'the commands are "advise", "read" and "scale"; try --help',
  'usage-no-formula': (f) => `no such recipe; in this file: ${f.known}`,
  'usage-which-formula': (f) => `several recipes in this file, name one with --formula: ${f.known}`,
  'file-unreadable': (f) => `can’t read ${f.file}`,
};

const TABLE_WORDS: Readonly<Record<string, string>> = {
  formulas: 'the recipe',
  irons: 'the iron',
  runs: 'the plan',
  keepItems: 'what was put away',
  kits: 'the kitchen',
  loads: 'the load',
  lots: 'the bowl',
};

const QUANTITIES: Readonly<Record<string, string>> = {
  altitude_m: 'altitude (m)',
  batter_C: 'batter temperature (°C)',
  setting_C: 'setting (°C)',
  tawny: 'tawny step',
  crisp: 'crispness',
  load: 'load number',
  preheat_s: 'preheat (s)',
  airFraction: 'air in the batter',
};

const minutes = (seconds: number | string | undefined): string => {
  const s = Number(seconds ?? 0);
  return s < 90 ? `${Math.round(s)} s` : `${(s / 60).toFixed(1)} min`;
};
const fixed = (value: number | string | undefined, digits: number): string => Number(value ?? 0).toFixed(digits);
const count = (value: number | string | undefined, one: string, many: string): string => `${value} ${value === 1 ? one : many}`;
const ingredient = (id: number | string | undefined): string => String(id ?? '').replaceAll('-', ' ');
