import { useState } from 'react';
import type { Formula, ParsedFormula, ScaleWish } from '../../../core/formula/index.ts';
import {
  scaledAct,
  scaledLines,
  scaledSteps,
  scaledWords,
  scaledYield,
  scaleFactor,
  wholeEggBatches,
} from '../../../core/formula/index.ts';
import type { Kit } from '../../../core/kit/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { grams, InlineSelect, NumberEntry, percent, Sheet } from '../../ui/index.ts';
import type { Revise } from './revise.ts';
import { revised } from './revise.ts';
import { Loads } from './Loads.tsx';

type Props = {
  readonly formula: Formula;
  readonly reading: ParsedFormula;
  readonly iron: Iron | null;
  /** Batter for one load of that iron, g; null while it is reckoned. */
  readonly portion_g: number | null;
  /** Of the batter as poured, g/mL; null where it isn't one. */
  readonly density_gPerML: number | null;
  readonly kit: Kit;
  readonly onRevise: Revise;
  readonly onClose: () => void;
};

const FACTORS = [0.5, 1.5, 2, 3] as const;
/** Rounding that changes a line by more than this is shown. */
const SEEN_ERROR = 0.03;

/** How much of everything: by a factor, by pieces, by what is short, by whole eggs; the new grams are shown before they are taken. */
export const ScaleSheet = ({ formula, reading, iron, portion_g, density_gPerML, kit, onRevise, onClose }: Props) => {
  const [wish, setWish] = useState<ScaleWish>({ by: 'factor', factor: 2 });
  const [resolution_g, setResolution] = useState<number>(() => Math.min(1, ...kit.scales.map((scale) => scale.resolution_g)));
  const [have, setHave] = useState<ReadonlyMap<number, number>>(new Map());
  const [piecesEach, setPiecesEach] = useState(1);
  const [lineIndex, setLineIndex] = useState(() =>
    Math.max(
      0,
      reading.lines.findIndex((line) => line.grams !== null),
    ),
  );
  const factor = scaleFactor(reading, wish);
  const lines = factor === null ? [] : scaledLines(reading, factor, resolution_g);
  const words = new Map(
    lines.map(({ index }) => {
      const read = reading.lines[index];
      return [index, read === undefined ? '' : scaledWords(read.text, factor ?? 1, undefined, read.ingredient ?? undefined)];
    }),
  );
  const eggs = wholeEggBatches(reading, factor ?? 1);
  const smallest = wholeEggBatches(reading, 1e-6)[0]?.factor;
  const weighed = reading.lines.flatMap((line, index) => (line.grams === null ? [] : [{ value: index, label: line.text.slice(0, 40) }]));
  const take = (): void => {
    const byId = new Map(lines.map(({ index, grams: edited_g }) => [formula.lines[index]?.id, { edited_g, text: words.get(index) ?? '' }]));
    onRevise((now) =>
      revised(now, {
        lines: now.lines.map((line) => ({ ...line, ...byId.get(line.id) })),
        steps: scaledSteps(now.steps, factor ?? 1),
        yieldHint: scaledYield(now.yieldHint, factor ?? 1),
        ...(now.acts === undefined ? {} : { acts: now.acts.map((act) => scaledAct(act, factor ?? 1)) }),
      }),
    );
    onClose();
  };
  return (
    <Sheet
      title="Scale"
      open
      onClose={onClose}
      wide
      foot={
        <>
          {' '}
          <button type="button" className="button-act" disabled={factor === null} onClick={take}>
            Take these amounts
          </button>
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-5 accent-act"
              checked={resolution_g < 1}
              onChange={(event) => setResolution(event.target.checked ? 0.1 : 1)}
            />
            my scale reads tenths of a gram
          </label>
        </>
      }
    >
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <div role="group" aria-label="Times" className="flex gap-2">
          {FACTORS.map((times) => (
            <button
              key={times}
              type="button"
              className="button-plain"
              aria-pressed={wish.by === 'factor' && wish.factor === times}
              onClick={() => setWish({ by: 'factor', factor: times })}
            >
              × {times}
            </button>
          ))}
        </div>
        <NumberEntry
          narrow
          label="times"
          value={wish.by === 'factor' ? wish.factor : null}
          min={0.01}
          max={100}
          mayBeEmpty
          onChange={(times) => times !== null && setWish({ by: 'factor', factor: times })}
        />
        {iron !== null && portion_g !== null && (
          <NumberEntry
            narrow
            label={`pieces on ${iron.name}`}
            value={wish.by === 'pieces' ? wish.pieces : null}
            min={1}
            max={5000}
            whole
            mayBeEmpty
            onChange={(pieces) =>
              pieces !== null && setWish({ by: 'pieces', pieces, portion_g, piecesPerLoad: iron.geometry.piecesPerLoad })
            }
          />
        )}
        {iron !== null && portion_g !== null && (
          <>
            <NumberEntry
              narrow
              label="people"
              value={wish.by === 'people' ? wish.people : null}
              min={1}
              max={1000}
              whole
              mayBeEmpty
              onChange={(people) =>
                people !== null && setWish({ by: 'people', people, piecesEach, portion_g, piecesPerLoad: iron.geometry.piecesPerLoad })
              }
            />
            <NumberEntry
              narrow
              label="pieces each"
              value={piecesEach}
              min={0.25}
              max={20}
              onChange={(each) => {
                if (each === null) return;
                setPiecesEach(each);
                if (wish.by === 'people') setWish({ ...wish, piecesEach: each });
              }}
            />
          </>
        )}
        {density_gPerML !== null && kit.bowls.length > 0 && (
          <div role="group" aria-label="As much as a bowl bears" className="flex flex-wrap gap-2">
            {kit.bowls.map((bowl) => (
              <button
                key={bowl.id}
                type="button"
                className="button-plain"
                aria-pressed={wish.by === 'bowl' && wish.volume_mL === bowl.volume_mL}
                onClick={() => setWish({ by: 'bowl', volume_mL: bowl.volume_mL, density_gPerML })}
              >
                {bowl.name}
              </button>
            ))}
          </div>
        )}
        <div className="flex items-end gap-2">
          <NumberEntry
            narrow
            key={lineIndex}
            label="I have, g"
            value={have.get(lineIndex) ?? null}
            min={0.1}
            max={1e6}
            mayBeEmpty
            onChange={(mass) => {
              const next = new Map(have);
              if (mass === null) next.delete(lineIndex);
              else next.set(lineIndex, mass);
              setHave(next);
              if (next.size > 0) setWish({ by: 'stock', have: [...next].map(([index, grams_]) => ({ index, grams: grams_ })) });
            }}
          />
          <span className="pb-2">
            of <InlineSelect label="Of which line" value={lineIndex} choices={weighed} onChange={setLineIndex} />
          </span>
        </div>
      </div>
      {wish.by === 'stock' && have.size > 0 && (
        <p className="mt-2 text-[15px] text-quiet">
          {[...have].map(([index, mass]) => `${grams(mass)} g of ${reading.lines[index]?.text ?? ''}`).join(', ')}: what is shortest
          decides.
        </p>
      )}
      {factor !== null && portion_g !== null && (
        <Loads
          mass_g={factor * reading.totalMass_g}
          portion_g={portion_g}
          onTopUp={(more) => setWish({ by: 'factor', factor: factor * more })}
        />
      )}
      {eggs.length > 0 && factor !== null && (
        <p className="mt-3">
          Whole eggs:{' '}
          {eggs.map((batch) => (
            <button
              key={batch.eggs}
              type="button"
              className="mr-3 min-h-11 font-semibold text-act underline underline-offset-2"
              onClick={() => setWish({ by: 'factor', factor: batch.factor })}
            >
              {batch.eggs} {batch.eggs === 1 ? 'egg' : 'eggs'}, {grams(batch.factor * reading.totalMass_g)} g
            </button>
          ))}
          or weigh beaten egg. With one egg the least sensible bowl is {grams((smallest ?? 0) * reading.totalMass_g)} g.
        </p>
      )}
      {factor === null ? (
        <p role="alert" className="mt-3">
          That can’t be done with this bowl.
        </p>
      ) : (
        <>
          <p className="mt-3 text-lg">
            × <b className="figure text-2xl">{Number(factor.toFixed(3))}</b>, <b>{grams(factor * reading.totalMass_g)}</b> g in the bowl
          </p>
          <table className="mt-1 w-full">
            <caption className="sr-only">New amounts</caption>
            <tbody>
              {lines.map((line) => (
                <tr key={line.index} className="border-b border-line">
                  <th scope="row" className="py-1 text-left font-normal">
                    {words.get(line.index)}
                  </th>
                  <td className="figure text-right text-xl">{grams(line.grams)} g</td>
                  <td className="w-56 pl-3 text-[15px] text-quiet">
                    {Math.abs(line.error) > SEEN_ERROR
                      ? `${percent(Math.abs(line.error))} ${line.error > 0 ? 'over' : 'short'} by the scale: a spoon or a finer scale`
                      : ''}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </Sheet>
  );
};
