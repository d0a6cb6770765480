import type { Result } from '../../../core/basis/index.ts';
import type { Hidden, ReplayedLoad } from '../../../core/practice/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { dialMark } from '../../../core/plate/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { useDegrees } from '../../session/index.ts';
import { clock, dialMarkText, grams, nearestWord, temperature, temperatureOver } from '../../ui/index.ts';

const times = (value: number): string => `×${value.toFixed(2)}`;

/** What was hidden, and how the estimator would have gone about it. */
export const Revealed = ({
  iron,
  hidden,
  mine,
  replayed,
}: {
  readonly iron: Iron;
  readonly hidden: Hidden;
  readonly mine: { readonly loads: number; readonly isLanded: boolean };
  readonly replayed: Result<readonly ReplayedLoad[]> | undefined;
}) => {
  const unit = useDegrees();
  const facts: readonly (readonly [string, string, boolean])[] = [
    ['plates over the control', temperatureOver(hidden.offset_K, unit), Math.abs(hidden.offset_K) >= 1],
    ['room over its measures', times(hidden.cavity), hidden.cavity !== 1],
    ['contact', times(hidden.contact), hidden.contact !== 1],
    ['browns', times(hidden.browning), hidden.browning !== 1],
    ['upper plate over lower', temperatureOver(hidden.side_K, unit), Math.abs(hidden.side_K) >= 1],
    ['hinge over front', temperatureOver(hidden.lean_K, unit), hidden.lean_K !== 0],
  ];
  return (
    <section aria-label="What was hidden" className="flex flex-col gap-3">
      <h2 className="text-xl">What was hidden</h2>
      <dl className="grid grid-cols-[1fr_auto] gap-x-4 text-[17px]">
        {facts
          .filter(([, , isHidden]) => isHidden)
          .map(([name, value]) => (
            <div key={name} className="col-span-2 grid grid-cols-subgrid border-b border-line py-0.5">
              <dt>{name}</dt>
              <dd className="font-bold">{value}</dd>
            </div>
          ))}
      </dl>
      <h2 className="mt-1 text-xl">What the estimator would have done</h2>
      {replayed === undefined && <p className="text-quiet">Playing it over …</p>}
      {replayed?.ok === false && <p>{describeSentence(replayed.failure)}.</p>}
      {replayed?.ok === true && (
        <>
          <ol className="flex flex-col" aria-label="The estimator’s loads">
            {replayed.value.map(({ action, result, lands }, i) => {
              const dial = dialMark(iron, action.setting_C);
              return (
                <li key={i} data-landed={lands} className="border-b border-line py-1 text-[15px]">
                  <b>{i + 1}</b> {dial === null ? temperature(action.setting_C, unit) : `dial ${dialMarkText(dial)}`} ·{' '}
                  {grams(action.portion_g)} g · {clock(action.open_s)} → {nearestWord(result.upper)} above, {nearestWord(result.lower)}{' '}
                  below
                  {lands ? ': right' : ''}
                </li>
              );
            })}
          </ol>
          <p className="font-bold">{compared(mine, replayed.value)}</p>
        </>
      )}
    </section>
  );
};

const compared = (mine: { readonly loads: number; readonly isLanded: boolean }, replayed: readonly ReplayedLoad[]): string => {
  const its = replayed.at(-1)?.lands === true ? replayed.length : null;
  const yours = mine.isLanded ? `You got it in ${mine.loads}` : `You gave up after ${mine.loads}`;
  return its === null ? `${yours}; it never did.` : `${yours}; it needed ${its}.`;
};
