import { seededRandom } from '../../../basis/index.ts';
import type { WholeRecipe } from './wholeRecipes.ts';

/** Five hands that write the same recipe down. */
export const STYLES = ['as a book prints it', 'as a page of marks', 'as a chat', 'in a hurry', 'as copied from a site'] as const;
export type Style = (typeof STYLES)[number];

const unnumbered = (step: string): string => step.replace(/^\d+\.\s*/, '');

/** Slips of a hurried hand: spaces lost and doubled, capitals, a unit's dot. The words stay readable to anybody. */
const hurried = (line: string, seed: number): string => {
  const random = seededRandom(seed);
  const slips = [
    (s: string) => s.replace(/(\d) (g|ml|tsp|tbsp)\b/, '$1$2'),
    (s: string) => s.replace(/ /, '  '),
    (s: string) => s.toLowerCase(),
    (s: string) => s.replace(/\btsp\b/, 'tsp.').replace(/\btbsp\b/, 'Tbsp'),
    (s: string) => `${s} `,
    (s: string) => s.replace(/baking powder/, 'bakng powder').replace(/butter\b/, 'buter'),
  ];
  return (slips[random.below(slips.length)] ?? ((s: string) => s))(line);
};

/** The recipe as that hand writes it. */
export const writtenBy = (style: Style, r: WholeRecipe): string => {
  const lines = r.groups.flatMap(({ heading, lines: of }) => [heading ?? '', ...of.map(([text]) => text)]);
  const extras = r.extras === undefined ? [] : [r.extras.heading, ...r.extras.lines];
  const steps = r.steps.map(unnumbered);
  const yields = r.yields === null ? [] : [r.yields];
  switch (style) {
    case 'as a book prints it':
      return [r.title, ...yields, '', ...lines, ...extras, '', 'Method', ...steps.map((s, i) => `${i + 1}. ${s}`)].join('\n');
    case 'as a page of marks':
      return [
        `# ${r.title}`,
        ...yields.map((y) => `*${y}*`),
        '## Ingredients',
        ...r.groups.flatMap(({ heading, lines: of }) => [
          ...(heading === null || heading === '' || /^ingredients/i.test(heading) ? [] : [`### ${heading.replace(/:$/, '')}`]),
          ...of.map(([text]) => `- ${text}`),
        ]),
        ...(r.extras === undefined ? [] : [`### ${r.extras.heading.replace(/:$/, '')}`, ...r.extras.lines.map((l) => `- ${l}`)]),
        '## Directions',
        ...steps.map((s) => `- ${s}`),
      ].join('\n');
    case 'as a chat':
      // No headings of its own but the recipe's: a list, an empty line, loose sentences.
      return [
        r.title,
        ...yields,
        '',
        ...lines.filter((l) => !/^(?:ingredients|you need|what goes in)\b/i.test(l)),
        '',
        ...steps,
        ...(extras.length === 0 ? [] : ['', ...extras]),
      ].join('\n');
    case 'in a hurry':
      return [
        r.title.toLowerCase(),
        ...lines.map((l, i) => hurried(l, i + r.title.length)),
        ...extras,
        'method:',
        ...steps.map((s) => s.replace(/\.$/, '')),
        ...yields,
      ].join('\n');
    case 'as copied from a site':
      return [
        r.title.toUpperCase(),
        'Jump down to the recipe',
        'We make these every winter, and nobody has complained yet.',
        ...yields.map((y) => `${y} `),
        'Ingredients',
        ...lines.filter((l) => !/^ingredients/i.test(l)).map((l) => (l === '' ? l : `▢ ${l}`)),
        ...extras.map((l, i) => (i === 0 ? l : `▢ ${l}`)),
        'Instructions',
        ...steps.map((s, i) => `Step ${i + 1}. ${s}`),
        'Notes',
        'Nutrition is an estimate.',
      ].join('\n');
  }
};
