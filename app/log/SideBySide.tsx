import { useMemo, useState } from 'react';
import { against, LEAST_EACH } from '../../core/book/index.ts';
import { InlineSelect } from '../ui/index.ts';
import type { Entry } from '../../core/book/index.ts';
import { colourMiss } from '../../core/book/index.ts';

const MEASURES = {
  colour: { words: 'colour against what was expected', unit: 'steps', more: 'darker', less: 'paler', of: colourMiss },
  crisp: { words: 'crispness', unit: 'of 5', more: 'crisper', less: 'softer', of: ({ crisp }: Entry) => crisp },
  mass: { words: 'weight', unit: 'g', more: 'heavier', less: 'lighter', of: ({ mass_g }: Entry) => mass_g },
} as const;
type Measure = keyof typeof MEASURES;

/** Rarer than this by chance is called a difference (*common practice*). */
const TELLS = 0.05;

/** Two irons in what is shown: how far they differ, and whether chance would do as much. */
export const SideBySide = ({ entries }: { readonly entries: readonly Entry[] }) => {
  const irons = [...new Map(entries.map((entry) => [entry.load.ironId, entry.iron?.name ?? entry.load.ironId]))];
  const [chosen, setChosen] = useState<{ readonly first: string | null; readonly second: string | null; readonly measure: Measure }>({
    first: null,
    second: null,
    measure: 'colour',
  });
  const has = (id: string | null): boolean => irons.some(([ironId]) => ironId === id);
  const first = has(chosen.first) ? chosen.first : (irons[0]?.[0] ?? null);
  const second = has(chosen.second) && chosen.second !== first ? chosen.second : (irons.find(([id]) => id !== first)?.[0] ?? null);
  const { of, unit, more, less } = MEASURES[chosen.measure];
  // Thousands of shuffles: not again for every touch elsewhere.
  const { mine, theirs, found } = useMemo(() => {
    const valuesOf = (id: string | null): number[] =>
      entries.flatMap((entry) => {
        const value = entry.load.ironId === id ? of(entry) : null;
        return value === null ? [] : [value];
      });
    const [a, b] = [valuesOf(first), valuesOf(second)];
    return { mine: a, theirs: b, found: against(a, b) };
  }, [entries, of, first, second]);
  if (irons.length < 2) return null;
  const nameOf = (id: string | null): string => irons.find(([ironId]) => ironId === id)?.[1] ?? '';
  const choices = irons.map(([value, label]) => ({ value, label }));
  return (
    <p className="text-lg" data-figure="side by side" data-exact={found === null ? '' : found.difference.toFixed(3)}>
      <InlineSelect label="The one iron" value={first} choices={choices} onChange={(id) => setChosen({ ...chosen, first: id })} /> against{' '}
      <InlineSelect label="The other iron" value={second} choices={choices} onChange={(id) => setChosen({ ...chosen, second: id })} /> in{' '}
      <InlineSelect
        label="In what"
        value={chosen.measure}
        choices={Object.entries(MEASURES).map(([value, { words }]) => ({ value: value as Measure, label: words }))}
        onChange={(measure) => setChosen({ ...chosen, measure })}
      />
      :{' '}
      {found === null ? (
        `too little was said: ${mine.length} and ${theirs.length} loads, ${LEAST_EACH} of each are wanted.`
      ) : (
        <>
          <b>
            {Math.abs(found.difference).toFixed(1)} {unit} {found.difference >= 0 ? more : less}
          </b>{' '}
          ({mine.length} and {theirs.length} loads). {verdict(found.byChance, nameOf(first), nameOf(second))}
        </>
      )}
    </p>
  );
};

const verdict = (byChance: number, first: string, second: string): string =>
  byChance < TELLS
    ? `Chance alone would do that in ${byChance < 0.001 ? 'fewer than one case of a thousand' : `one of ${Math.round(1 / byChance)}`}: ${first} and ${second} differ.`
    : `Chance alone does as much in ${Math.round(100 * byChance)} of a hundred: nothing says that they differ.`;
