/** One step of a recipe with what its writer meant by it: acts in order, each with what it carries. Written before the reader. */
export type MeantStep = readonly [sentence: string, ...acts: string[]];

/** A recipe's steps. "whip whites soft 150" : kind, then what is checked of it: words of its fields, and a time from–to in seconds. */
export type MeantProcedure = {
  readonly title: string;
  /** Things among the lines that change what a step means. */
  readonly has?: 'yeast';
  readonly steps: readonly MeantStep[];
};

/** The steps of `OPEN` (read/testing/wholeRecipes), by what they mean, and others with forms that those haven't. To tune by. */
export const OPEN_PROCEDURES: readonly MeantProcedure[] = [
  {
    title: 'Sour milk squares for a wet Sunday',
    steps: [
      ['Heat the waffle iron for 10 minutes.', 'preheat 600'],
      [
        'Whisk the dry things together, then the wet ones, and stir the two until just combined, about 20 strokes.',
        'whisk-dry',
        'whisk-wet',
        'combine',
      ],
      ['Let the batter rest for 15 minutes.', 'rest 900'],
      ['Pour half a cup into each square and cook for three to five minutes, until golden.', 'pour', 'cook 180–300 colour'],
      ['Keep warm in a 200°F oven for up to 20 minutes.', 'hold oven'],
    ],
  },
  {
    title: 'Folded waffles the slow way',
    steps: [
      [
        'Sift flour, powder and salt into a bowl. Beat the yolks with the milk and the butter and stir them in.',
        'sift',
        'whisk-wet',
        'combine',
      ],
      ['Whip the whites until soft, rain in the sugar and go on to firm peaks, two and a half minutes in all.', 'whip whites firm 150'],
      ['Fold the whites in with a big spoon; a few streaks are fine.', 'fold'],
      ['Bake 2 1/2 minutes in a hot iron set to 3 1/2 on the dial.', 'cook 150'],
      ['Serve at once on a rack, never stacked.', 'serve'],
    ],
  },
  {
    title: 'Egg bubble waffles',
    steps: [
      ['Whisk the eggs and sugar until frothy, then add milk, water and vanilla.', 'whip whole-eggs frothy', 'combine'],
      ['Sift in the powders and whisk smooth. Stir in the oil last.', 'sift', 'combine smooth', 'combine'],
      ['Cover and chill the batter for at least 1 hour, or overnight.', 'chill 3600–50400'],
      ['Heat the pan over medium heat on both sides for 3 minutes and brush it with oil.', 'preheat 180', 'grease'],
      ['Pour ¾ of a cup into the centre, close, turn at once and cook 2 minutes on each side.', 'pour', 'close', 'turn', 'cook 120'],
    ],
  },
  {
    title: 'Overnight yeast waffles',
    has: 'yeast',
    steps: [
      ['Dissolve the yeast in the water and let it stand 5 minutes.', 'combine', 'rest 300'],
      ['Whisk in milk, butter, salt, sugar and flour. Cover and leave on the counter overnight.', 'combine', 'ferment room evening'],
      ['Beat in eggs and soda; the batter is thin.', 'combine morning'],
      ['Ladle about 3/4 cup batter into the iron and bake 5 or 6 minutes at 375°F.', 'pour', 'cook 300–360'],
      ['The batter lasts 3 days in the refrigerator.', 'keep cold 259200'],
    ],
  },
  {
    title: 'Aniseed wafers',
    steps: [
      ['Beat eggs and sugar for two minutes. Add butter and aniseed.', 'whip whole-eggs 120', 'combine'],
      ['Stir in flour and baking powder to a stiff batter.', 'combine'],
      ['Drop a level tablespoon of batter onto each plate and close the lid for 25 to 30 seconds.', 'pour', 'close', 'cook 25–30'],
      ['Cool flat on a rack. They keep two weeks in a tin.', 'cool-piece rack', 'keep tin 1209600'],
    ],
  },
  {
    title: 'Ribbon waffles',
    steps: [
      ['Beat eggs and sugar over hot water until pale and the ribbon stands, five minutes or so.', 'whip whole-eggs ribbon hot-water 300'],
      ['Take off the heat and beat until cool, another 3 minutes.', 'whip 180'],
      ['Fold in the flour in two goes, then the butter.', 'fold additions=2'],
      ['Chill for half an hour.', 'chill 1800'],
      ['Bake at 180 °C until light gold, 3-4 min.', 'cook 180–240 colour'],
    ],
  },
  {
    title: 'Half-wholemeal waffles',
    steps: [
      ['Mix everything with a whisk until no dry flour is left.', 'combine hand'],
      ['Rest ten minutes while the iron heats.', 'rest 600', 'preheat'],
      ['Cook in a deep iron 4 to 5 minutes per waffle at setting 4.', 'cook 240–300'],
      ['Freeze leftovers flat; toast from frozen.', 'freeze', 'reheat toaster'],
    ],
  },
  {
    title: 'Yogurt waffles from my notebook',
    steps: [
      ['Weigh everything but the butter into one bowl and stir, not too long.', 'combine'],
      ['Melt the butter in, leave it 20 min.', 'melt', 'rest 1200'],
      ['Iron at 200C, 60 g of batter per mould, 3 min.', 'cook 180'],
    ],
  },
  {
    title: 'Curd and semolina squares',
    steps: [
      ['Stir semolina, curd, water and salt; rest 20 minutes so that the semolina drinks.', 'combine', 'rest 1200'],
      ['Temper the cumin in hot oil and mix it in.', 'combine'],
      ['Just before cooking stir in the soda.', 'combine'],
      ['Cook in a greased waffle maker until crisp, 6-7 minutes.', 'cook 360–420'],
    ],
  },
  {
    title: 'Light waffles, the whites of three eggs',
    steps: [
      ['Stir flour, baking powder and salt with yolks, milk and oil.', 'combine'],
      ['Beat the whites until stiff but not dry and fold them in.', 'whip whites stiff', 'fold'],
      ['Pour a scant cup of batter on the iron. Bake about 4 minutes or until the steam stops.', 'pour', 'cook 240 steam'],
    ],
  },
  {
    title: 'Malted rye waffles',
    steps: [
      ['Melt the butter and let it cool.', 'melt', 'cool'],
      ['Mix all the dry ingredients, make a well, and pour in milk, eggs and malt.', 'whisk-dry', 'combine'],
      ['Whisk smooth, add the butter.', 'combine smooth', 'combine'],
      ['Stand for a quarter of an hour.', 'rest 900'],
      ['Fry golden brown in a greased iron, about four minutes a side over medium flame.', 'cook 240 colour'],
    ],
  },
  {
    title: 'Corn and cheese waffles',
    steps: [
      ['Preheat the oven to 100 °C and put a rack in it.', 'preheat oven'],
      [
        'Stir the dry ingredients, then everything else except the cheese. Let stand 10 minutes to hydrate the meal.',
        'whisk-dry',
        'combine',
        'rest 600',
      ],
      ['Fold in the cheese.', 'fold'],
      ['Use a third of a cup per small waffle; cook on medium-high for 4 min.', 'pour', 'cook 240'],
      ['Hold the finished ones in the oven no longer than 15 minutes.', 'hold oven'],
    ],
  },
  {
    title: 'Vegan oat waffles',
    steps: [
      ['Stir flaxseed into the oat milk with the vinegar and leave for 5 minutes to curdle.', 'combine', 'rest 300'],
      ['Whisk in everything else. The batter should be thick; wait another 10 minutes.', 'combine', 'rest 600'],
      ['Grease the iron well. Cook each waffle 6 to 8 minutes and do not peek before five.', 'grease', 'cook 360–480'],
    ],
  },
  {
    title: 'Chocolate dinner waffles',
    steps: [
      ['Melt the butter piece by piece, whisk in milk and eggs.', 'melt', 'combine'],
      ['Combine with the dry ingredients; fold in the chips.', 'combine', 'fold'],
      ['Cook at 185-190°C for 2 minutes 30 seconds.', 'cook 150'],
      ['Dust with icing sugar and pile the raspberries on top.', 'serve'],
    ],
  },
  {
    title: 'Whole egg sponge waffles',
    steps: [
      ['Beat the eggs with the sugar until pale and thick, about four minutes on high.', 'whip whole-eggs pale 240 machine'],
      ['Fold in flour and powder, then milk and butter.', 'fold'],
      ['Rest overnight in the refrigerator if there is time.', 'chill evening'],
      ['Bake for a minute and a half on each side in a stovetop iron.', 'cook 90'],
    ],
  },
  {
    title: 'Buckwheat waffles, no wheat',
    steps: [
      ['Put it all in a blender and blend for 30 seconds.', 'combine machine 30'],
      ['Let the batter sit for five minutes.', 'rest 300'],
      ['Fill the iron with ½ cup of batter and cook 3½ minutes until no more steam comes out.', 'pour', 'cook 210 steam'],
    ],
  },
  {
    title: 'Egg waffles for the counter',
    steps: [
      ['Beat the eggs with the sugar and salt only until mixed; no foam.', 'combine'],
      ['Add both milks, then the flour mix in three additions, whisking by hand.', 'combine additions=3 hand'],
      ['Pass the batter through a fine sieve twice.', 'sieve times=2'],
      ['Fill into jugs, three quarters full, cover and refrigerate overnight.', 'jugs', 'chill evening'],
      ['In the morning stir it again and let it come to room temperature, 20 minutes.', 'deflate morning', 'rest 1200'],
      [
        'Heat both sides of the pan until a drop of water dances, oil every pocket, pour to 80 %, close and turn over at once.',
        'preheat',
        'grease',
        'pour',
        'close',
        'turn',
      ],
      ['Cook 2½ minutes, turn and cook 1 minute more if pale.', 'cook 150', 'turn', 'cook 60'],
      ['Shape it over a ladle while it is soft and cool on a rack.', 'shape', 'cool-piece rack'],
    ],
  },
  {
    title: 'Bacon under, cheese over',
    steps: [
      ['Whisk the flour, powder and salt. In a second bowl whisk eggs, milk and oil.', 'whisk-dry', 'whisk-wet'],
      ['Pour the wet into the dry and stir until a few lumps remain.', 'combine lumpy'],
      ['Set the iron to 4 and let it heat until the light goes out.', 'preheat light'],
      [
        'Lay two strips of bacon on the plate, pour 120 ml batter over them and scatter 15 g cheese on top.',
        'scatter under',
        'pour',
        'scatter over',
      ],
      ['Close and cook 5–6 minutes, not before 5, until it stops steaming.', 'close', 'cook 300–360 steam'],
      ['Hold on a rack in the oven at 120 °C, uncovered, up to half an hour.', 'hold oven'],
      ['Freeze in bags of four; reheat in the toaster for 3 minutes.', 'freeze count=4', 'reheat toaster 180'],
    ],
  },
  {
    title: 'Yeasted and folded',
    has: 'yeast',
    steps: [
      ['Warm the milk with the butter until the butter melts; cool to lukewarm.', 'warm', 'cool'],
      ['Whisk in the yeast and the flour by hand until smooth.', 'combine smooth hand'],
      ['Cover and let rise in a warm place until doubled, 1 to 1½ hours.', 'ferment warm 3600–5400'],
      ['Stir down the batter and beat in the yolks.', 'deflate', 'combine'],
      ['Whip the whites to soft peaks by hand and fold them in in three additions.', 'whip whites soft hand', 'fold additions=3'],
      ['Grease the plates before the first waffle only.', 'grease first'],
      ['Cook until deep golden and fragrant, 4 minutes; the lid should lift without sticking.', 'cook 240 colour'],
    ],
  },
  {
    title: 'Thin wafers for cones',
    steps: [
      ['Sift the flour with the starch twice.', 'sift times=2'],
      ['Beat the yolks with the sugar until pale.', 'whip yolks pale'],
      ['Stir in the butter, then the flour; add the wine to adjust.', 'combine', 'combine'],
      ['Leave for 30 minutes at room temperature.', 'rest 1800'],
      ['Put a scant teaspoon in the middle, press the lid shut and bake for 40 seconds until the beep.', 'pour', 'close', 'cook 40 beep'],
      ['Roll each round a cone at once, hold for ten seconds, and stack when cold.', 'shape', 'stack'],
      ['Store in a tin for up to three to five months.', 'keep tin'],
    ],
  },
];

/** Put away until the reader was done: the steps of `FROZEN_RECIPES`, and others. */
export const FROZEN_PROCEDURES: readonly MeantProcedure[] = [
  {
    title: 'Camp waffles over coals',
    steps: [
      ['Shake the dry mix in its bag, tip into a pot and beat in eggs, water and oil.', 'whisk-dry', 'combine'],
      ['Heat the iron on both sides over the coals for five minutes.', 'preheat 300'],
      ['Pour a generous half cup into the iron, cook two minutes, turn and cook two more minutes.', 'pour', 'cook 120', 'turn', 'cook 120'],
    ],
  },
  {
    title: 'Almond pizzelle',
    steps: [
      ['Whisk eggs and sugar for a minute, then the butter and the almond extract.', 'whip whole-eggs 60', 'combine'],
      ['Stir in flour and baking powder. The dough should be sticky.', 'combine'],
      ['Let it rest 10 minutes while the iron heats up.', 'rest 600', 'preheat'],
      ['Place a heaped teaspoon in the middle of each plate and press the lid for 30 seconds.', 'pour', 'close', 'cook 30'],
      ['Let cool on a rack; they crisp as they cool. Store airtight for up to 10 days.', 'cool-piece rack', 'keep 864000'],
    ],
  },
  {
    title: 'Pumpkin waffles',
    steps: [
      ['Preheat oven to 250°F and waffle iron.', 'preheat oven'],
      [
        'Sift together the dry ingredients. Whisk the eggs, buttermilk and pumpkin until smooth and pour in the butter.',
        'sift',
        'whisk-wet',
        'combine',
      ],
      ['Combine just until moistened.', 'combine'],
      ['Brush the iron with oil. Spoon 2 cups of batter into the iron, spreading it to the corners.', 'grease', 'pour'],
      ['Cook until golden, about 4 minutes. Keep warm in the oven.', 'cook 240 colour', 'hold oven'],
    ],
  },
  {
    title: 'Rice flour waffles',
    steps: [
      ['Separate the eggs. Mix yolks, milk and butter into the flours.', 'separate', 'combine'],
      ['Whip the egg whites with the sugar to soft peaks and fold in gently.', 'whip whites soft', 'fold'],
      ['Leave for 15 minutes.', 'rest 900'],
      ['Bake in a hot iron for 4-5 minutes at level 5.', 'cook 240–300'],
    ],
  },
  {
    title: 'Sourdough discard waffles',
    has: 'yeast',
    steps: [
      ['Stir together the sponge, cover, and leave out overnight.', 'combine', 'ferment room evening'],
      ['Next day whisk in the rest.', 'combine morning'],
      ['Heat the waffle maker to 400 degrees.', 'preheat'],
      ['Scoop 1/2 cup of batter per waffle, close and cook five minutes.', 'pour', 'close', 'cook 300'],
    ],
  },
  {
    title: 'Herb and potato waffles',
    steps: [
      ['Beat the mash with eggs and milk until smooth.', 'combine smooth'],
      ['Stir in the flour and the butter.', 'combine'],
      ['Grease the iron. Spread about 120 g of the batter per waffle, and cook for 5–6 min.', 'grease', 'pour', 'cook 300–360'],
    ],
  },
  {
    title: 'Coconut egg waffles',
    steps: [
      ['Froth the eggs with the sugar for 1 minute.', 'whip whole-eggs frothy 60'],
      ['Add coconut milk, sift in the powders, then the oil.', 'combine', 'sift', 'combine'],
      ['Refrigerate for two hours.', 'chill 7200'],
      [
        'Preheat the pan for 4 minutes. Pour in batter to 80%, flip right away and cook 1½ to 2 minutes per side.',
        'preheat 240',
        'pour',
        'turn',
        'cook 90–120',
      ],
    ],
  },
  {
    title: 'Brown butter hazelnut waffles',
    steps: [
      ['Brown the butter, about six minutes, and let it cool for 10 minutes.', 'melt brown 360', 'cool 600'],
      ['Mix the dry things; beat in yolks, milk and butter.', 'whisk-dry', 'combine'],
      ['Beat the whites stiff and fold them under.', 'whip whites stiff', 'fold'],
      ['Bake 130 g a waffle at mark 3 until golden, four and a half minutes.', 'cook 270 colour'],
      ['Eat at once, or hold in an oven at 90 °C.', 'serve', 'hold oven'],
    ],
  },
  {
    title: 'Harbour shop squares',
    steps: [
      ['Combine the milk and melted butter, whisk in the eggs one by one.', 'combine', 'combine'],
      ['Tip the dry mix into the liquid and whisk until only small lumps are left.', 'combine lumpy'],
      ['Chill for 2–3 hours, covered, or up to a day.', 'chill'],
      ['Whisk it flat again before pouring.', 'deflate'],
      ['Ladle 150 g onto the lower plate, shut the lid and bake at mark 3½–4 for 3 to 4 minutes.', 'pour', 'close', 'cook 180–240'],
      ['Sprinkle with pearl sugar and serve warm.', 'serve'],
    ],
  },
  {
    title: 'Poppy seed hearts with a ribbon',
    steps: [
      ['Set a bowl over simmering water and beat eggs, yolks and sugar to the ribbon.', 'whip whole-eggs ribbon hot-water'],
      ['Sieve the flour over in two portions and fold each one in.', 'sift', 'fold additions=2'],
      ['Refrigerate overnight; in the morning let it stand for 15 minutes.', 'chill evening', 'rest 900'],
      ['Brush the iron with butter for every load.', 'grease load'],
      ['Spoon in 60 ml per heart, strew poppy seeds over it and close.', 'pour', 'scatter over', 'close'],
      [
        'Bake 3 minutes; not before 2½. Cool on a rack, then store in a tin for ten days.',
        'cook 180',
        'cool-piece rack',
        'keep tin 864000',
      ],
    ],
  },
];
