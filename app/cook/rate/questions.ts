import type { Observation, PlaceOnPlate } from '../../../core/log/index.ts';

/** One touch of the answer: what it is called, and what it says of a mould. */
export type Answer = { readonly label: string; readonly say: (mould: number) => Observation };
export type Question = { readonly id: string; readonly ask: string; readonly answers: readonly Answer[] };

/** One face held against the eight bands. */
export const faceQuestion = (side: 'lower' | 'upper'): Question => ({
  id: `tawny/${side}`,
  ask: side === 'upper' ? 'Above' : 'Below',
  answers: Array.from({ length: 8 }, (_, i) => ({
    label: `step ${i + 1}`,
    say: (mould) => ({ kind: 'tawny', mould, side, value: i + 1 }),
  })),
});

const corner = (at: PlaceOnPlate, words: string): Answer => ({
  label: `corner missing, ${words}`,
  say: (mould) => ({ kind: 'fill', mould, value: 'missing', at }),
});
const leak = (at: PlaceOnPlate, words: string): Answer => ({
  label: `leaked, ${words}`,
  say: (mould) => ({ kind: 'fill', mould, value: 'leaked', at }),
});
/** As the piece lies before the cook, the hinge at the back: its corners may be missing, over its sides it may leak, its middle says full. */
export const FILL: Question = {
  id: 'fill',
  ask: 'Full?',
  answers: [
    corner('hinge-left', 'hinge left'),
    leak('hinge', 'at the hinge'),
    corner('hinge-right', 'hinge right'),
    leak('left', 'left'),
    { label: 'full', say: (mould) => ({ kind: 'fill', mould, value: 'full' }) },
    leak('right', 'right'),
    corner('front-left', 'front left'),
    leak('front', 'in front'),
    corner('front-right', 'front right'),
  ],
};

const EDGES_SEEN: Question = {
  id: 'edges',
  ask: 'Edges?',
  answers: (
    [
      ['rounded', 'rounded'],
      ['sharp', 'sharp'],
      ['bead', 'a bead at the rim'],
    ] as const
  ).map(([value, label]) => ({ label, say: (mould) => ({ kind: 'edges', mould, value }) })),
};
const MISSING: Question = {
  id: 'missing_share',
  ask: 'Missing?',
  answers: [
    { label: 'a twentieth', say: (mould) => ({ kind: 'missing_share', mould, value: 0.05 }) },
    { label: 'a tenth', say: (mould) => ({ kind: 'missing_share', mould, value: 0.1 }) },
    { label: 'a fifth', say: (mould) => ({ kind: 'missing_share', mould, value: 0.2 }) },
    { label: 'a third', say: (mould) => ({ kind: 'missing_share', mould, value: 0.33 }) },
  ],
};
const LEAKED: Question = {
  id: 'leaked_g',
  ask: 'Leaked?',
  answers: [
    { label: 'a teaspoon', say: (mould) => ({ kind: 'leaked_g', mould, value: 5 }) },
    { label: 'a spoonful', say: (mould) => ({ kind: 'leaked_g', mould, value: 15 }) },
    { label: 'two spoons', say: (mould) => ({ kind: 'leaked_g', mould, value: 30 }) },
    { label: 'a mess', say: (mould) => ({ kind: 'leaked_g', mould, value: 60 }) },
  ],
};
export const CRISP: Question = {
  id: 'crisp',
  ask: 'Crisp?',
  answers: ['soft', 'a little', 'crisp', 'very crisp', 'snaps'].map((label, i) => ({
    label,
    say: (mould) => ({ kind: 'crisp', mould, value: i + 1 }),
  })),
};
const CRUMB: Question = {
  id: 'crumb',
  ask: 'Crumb?',
  answers: (['airy', 'soft', 'chewy', 'dense'] as const).map((value) => ({
    label: value,
    say: (mould) => ({ kind: 'crumb', mould, value }),
  })),
};
const STUCK: Question = {
  id: 'stuck',
  ask: 'Stuck?',
  answers: (
    [
      ['no', 'no'],
      ['lower', 'below'],
      ['upper', 'above'],
      ['both', 'both'],
    ] as const
  ).map(([value, label]) => ({ label, say: (mould) => ({ kind: 'stuck', mould, value }) })),
};
const LOST: Question = {
  id: 'lost',
  ask: 'Thrown away?',
  answers: (
    [
      ['no', 'eaten'],
      ['burnt', 'burnt'],
      ['torn', 'torn'],
      ['dropped', 'dropped'],
    ] as const
  ).map(([value, label]) => ({ label, say: (mould) => ({ kind: 'lost', mould, value }) })),
};

/** How much was missing, or leaked; null: nothing was. */
export const howMuch = (observations: readonly Observation[]): Question | null => {
  const fill = observations.find((o) => o.kind === 'fill')?.value;
  return fill === 'missing' ? MISSING : fill === 'leaked' ? LEAKED : null;
};

/** Beside the faces: how full only where it was full. */
export const wordQuestions = (observations: readonly Observation[]): readonly Question[] => [
  ...(howMuch(observations) === null ? [EDGES_SEEN] : []),
  CRUMB,
  STUCK,
  LOST,
];

/** What was said of a piece, in a line: "corner missing, 5 above". Empty: nothing yet. */
export const saidInShort = (observations: readonly Observation[]): string => observations.flatMap(shortOf).join(', ');

const shortOf = (o: Observation): string[] => {
  switch (o.kind) {
    case 'fill':
      return [{ full: 'full', missing: 'corner missing', leaked: 'leaked' }[o.value]];
    case 'tawny':
      return [`${o.value} ${o.side === 'upper' ? 'above' : 'below'}`];
    case 'crisp':
      return [CRISP.answers[o.value - 1]?.label ?? ''];
    case 'stuck':
      return [o.value === 'no' ? 'not stuck' : 'stuck'];
    case 'lost':
      return o.value === 'no' ? [] : [o.value];
    default:
      return [];
  }
};

const keyOf = (o: Observation): string => (o.kind === 'tawny' || o.kind === 'lightness' ? `${o.kind}/${o.side}` : o.kind);

/** Of each thing the last word. */
export const lastWords = (said: readonly Observation[]): readonly Observation[] => [
  ...new Map(said.map((o) => [`${o.mould}/${keyOf(o)}`, o])).values(),
];

/** Which answer was given; -1: none yet. */
export const givenTo = (question: Question, observations: readonly Observation[], mould: number): number => {
  const found = observations.find((o) => o.mould === mould && keyOf(o) === question.id);
  if (found === undefined) return -1;
  return question.answers.findIndex((answer) => {
    const said = answer.say(mould);
    return said.value === found.value && !(said.kind === 'fill' && found.kind === 'fill' && found.at !== undefined && said.at !== found.at);
  });
};

/** What was promised, in the steps that can be touched. */
export const expectedOf = ({ tawnyStep, crisp }: { readonly tawnyStep: number; readonly crisp: number }) => ({
  step: Math.min(8, Math.max(1, Math.round(tawnyStep))),
  crisp: Math.min(5, Math.max(1, Math.round(crisp))),
});

/** All at once where the piece is what was promised: full, in the colour and the crispness said before, not stuck. */
export const asExpected = (expected: { readonly tawnyStep: number; readonly crisp: number }, mould: number): Observation[] => {
  const { step: value, crisp } = expectedOf(expected);
  return [
    { kind: 'fill', mould, value: 'full' },
    { kind: 'tawny', mould, side: 'upper', value },
    { kind: 'tawny', mould, side: 'lower', value },
    { kind: 'crisp', mould, value: crisp },
    { kind: 'stuck', mould, value: 'no' },
  ];
};
