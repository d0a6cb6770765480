import type { Observation } from '../../core/log/index.ts';

export type Answer = { readonly label: string; readonly swatch?: number; readonly say: (mould: number) => Observation };
export type Question = { readonly id: string; readonly ask: string; readonly answers: readonly Answer[] };

const tawny = (side: 'lower' | 'upper', ask: string): Question => ({
  id: `tawny/${side}`,
  ask,
  answers: Array.from({ length: 8 }, (_, i) => ({
    label: String(i + 1),
    swatch: i + 1,
    say: (mould) => ({ kind: 'tawny', mould, side, value: i + 1 }),
  })),
});

const FILL: Question = {
  id: 'fill',
  ask: 'Was it full?',
  answers: [
    { label: 'corner missing', say: (mould) => ({ kind: 'fill', mould, value: 'missing' }) },
    { label: 'full', say: (mould) => ({ kind: 'fill', mould, value: 'full' }) },
    { label: 'leaked', say: (mould) => ({ kind: 'fill', mould, value: 'leaked' }) },
  ],
};
const EDGES_SEEN: Question = {
  id: 'edges',
  ask: 'Its edges?',
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
  ask: 'Roughly how much was missing?',
  answers: [
    { label: 'a twentieth', say: (mould) => ({ kind: 'missing_share', mould, value: 0.05 }) },
    { label: 'a tenth', say: (mould) => ({ kind: 'missing_share', mould, value: 0.1 }) },
    { label: 'a fifth', say: (mould) => ({ kind: 'missing_share', mould, value: 0.2 }) },
    { label: 'a third', say: (mould) => ({ kind: 'missing_share', mould, value: 0.33 }) },
  ],
};
const LEAKED: Question = {
  id: 'leaked_g',
  ask: 'Roughly how much leaked?',
  answers: [
    { label: 'a teaspoon', say: (mould) => ({ kind: 'leaked_g', mould, value: 5 }) },
    { label: 'a spoonful', say: (mould) => ({ kind: 'leaked_g', mould, value: 15 }) },
    { label: 'two spoons', say: (mould) => ({ kind: 'leaked_g', mould, value: 30 }) },
    { label: 'a mess', say: (mould) => ({ kind: 'leaked_g', mould, value: 60 }) },
  ],
};
const CRISP: Question = {
  id: 'crisp',
  ask: 'How crisp?',
  answers: ['soft', 'a little', 'crisp', 'very', 'snaps'].map((label, i) => ({
    label: `${i + 1} ${label}`,
    say: (mould) => ({ kind: 'crisp', mould, value: i + 1 }),
  })),
};
const CRUMB: Question = {
  id: 'crumb',
  ask: 'The crumb?',
  answers: (['airy', 'soft', 'chewy', 'dense'] as const).map((value) => ({
    label: value,
    say: (mould) => ({ kind: 'crumb', mould, value }),
  })),
};
const STUCK: Question = {
  id: 'stuck',
  ask: 'Did it stick?',
  answers: (
    [
      ['no', 'no'],
      ['lower', 'below'],
      ['upper', 'above'],
      ['both', 'both'],
    ] as const
  ).map(([value, label]) => ({ label, say: (mould) => ({ kind: 'stuck', mould, value }) })),
};

export const keyOfObservation = (o: Observation): string => (o.kind === 'tawny' || o.kind === 'lightness' ? `${o.kind}/${o.side}` : o.kind);

/** The questions for a load, in order; how much was missing or leaked only where something was, and how full only where it was full. */
export const questionsFor = (observations: readonly Observation[]): Question[] => {
  const fill = observations.find((o) => o.kind === 'fill')?.value;
  return [
    FILL,
    ...(fill === 'missing' ? [MISSING] : fill === 'leaked' ? [LEAKED] : fill === 'full' ? [EDGES_SEEN] : []),
    tawny('upper', 'Colour above?'),
    tawny('lower', 'Colour below?'),
    CRISP,
    CRUMB,
    STUCK,
  ];
};

/** What was said, as the chip shows it. */
export const answered = (question: Question, observations: readonly Observation[], mould: number): string | null => {
  const found = observations.find((o) => o.mould === mould && keyOfObservation(o) === question.id);
  if (found === undefined) return null;
  return question.answers.find((answer) => answer.say(mould).value === found.value)?.label ?? String(found.value);
};
