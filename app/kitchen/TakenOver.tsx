import type { KitchenTable } from '../../core/kitchen/index.ts';
import { useState } from 'react';
import { InlineSelect, dayAndTime } from '../ui/index.ts';
import { useNow, wallNow } from '../clock/index.ts';
import { useLoadsInIrons } from '../session/index.ts';
import { useKitchen, useKit, useQueried } from '../store/index.ts';
import type { Snapshot } from '../store/snapshots.ts';
import { snapshotOf, untilOf } from '../store/snapshots.ts';
import type { HowTaken } from '../store/transfer.ts';
import type { ComingFile, Taken } from './useTransfer.ts';

const THINGS: readonly (readonly [table: KitchenTable, one: string, many: string])[] = [
  ['irons', 'iron', 'irons'],
  ['formulas', 'recipe', 'recipes'],
  ['lots', 'bowl', 'bowls'],
  ['loads', 'load', 'loads'],
  ['photos', 'picture', 'pictures'],
  ['runs', 'run', 'runs'],
  ['keepItems', 'thing put away', 'things put away'],
];

const TABLE_WORDS: ReadonlyMap<string, string> = new Map<string, string>(THINGS.map(([table, one]) => [table, one]));

/** "Put together: 2 irons and 14 loads are new." */
const broughtWords = ({ added, doubled }: NonNullable<Taken['result']['brought']>): string => {
  const counts: Readonly<Record<string, number | undefined>> = added;
  const news = THINGS.flatMap(([table, one, many]) => {
    const count = counts[table];
    return count === undefined ? [] : [`${count.toLocaleString('en-GB')} ${count === 1 ? one : many}`];
  });
  const said = news.length === 0 ? 'nothing new' : `new: ${news.join(', ')}`;
  const both =
    doubled <= 0
      ? ''
      : ` ${doubled === 1 ? 'One row stood' : `${doubled} rows stood`} differently in both. We kept the other version aside; every export includes it.`;
  return `Put together; ${said}.${both}`;
};

/** "2 irons, 3 formulas, 14 loads"; of what a file or the kitchen holds. */
const holdsWords = (rows: Readonly<Partial<Record<string, number>>>): string =>
  THINGS.flatMap(([table, one, many]) => {
    const count = rows[table] ?? 0;
    return count === 0 ? [] : [`${count.toLocaleString('en-GB')} ${count === 1 ? one : many}`];
  }).join(', ') || 'nothing but settings';

const HOW_WORDS: Readonly<Record<HowTaken, string>> = {
  merged: 'Keeps what is here and adds what is new. Use it for two devices of one kitchen, as often as you like.',
  beside: 'Adds its irons, recipes and loads under new names. Your settings stay.',
  'in place': 'Replaces everything here. You can bring it back for seven days.',
};
const TAKE_WORDS: Readonly<Record<HowTaken, string>> = { merged: 'Merge it', beside: 'Add it', 'in place': 'Replace what is here' };

/** A file before it is taken: what it holds, what is here, and what would become of both. */
export const Coming = ({
  coming: { file, holds },
  onTake,
  onLeave,
}: {
  readonly coming: ComingFile;
  readonly onTake: (file: Blob, how: HowTaken) => Promise<void>;
  readonly onLeave: () => void;
}) => {
  const [how, setHow] = useState<HowTaken>('merged');
  const here = useQueried(async (queries) => queries.rowCounts(THINGS.map(([table]) => table)), 'row counts');
  const cooking = useLoadsInIrons(useNow(5000))?.length ?? 0;
  return (
    <div role="group" aria-label="Before it is taken" className="mt-3 max-w-3xl border-l-3 border-act bg-sheet p-3">
      <p>
        <b>{file.name}</b> holds {holdsWords(holds.rows)}
        {holds.unreadable > 0 && `; ${holds.unreadable.toLocaleString('en-GB')} rows of it can’t be read and are set aside`}.
      </p>
      {here !== undefined && <p>Here: {holdsWords(here)}.</p>}
      <p className="mt-2 text-lg">
        Take it{' '}
        <InlineSelect
          label="How a file is taken"
          value={how}
          choices={[
            { value: 'merged', label: 'as more of this kitchen, merged' },
            { value: 'beside', label: 'as another kitchen, beside this one' },
            { value: 'in place', label: 'in place of all that is here' },
          ]}
          onChange={setHow}
        />
        . <span className="text-[15px] text-quiet">{HOW_WORDS[how]}</span>
      </p>
      {how === 'in place' && cooking > 0 && (
        <p role="alert" className="mt-1 font-semibold text-hazard">
          {cooking === 1 ? 'A load is cooking' : `${cooking} loads are cooking`}: if you replace now, Cook forgets{' '}
          {cooking === 1 ? 'it' : 'them'}. Open
          {cooking === 1 ? ' it' : ' them'} first.
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-3">
        <button type="button" className="button-act" onClick={() => void onTake(file, how)}>
          {TAKE_WORDS[how]}
        </button>
        <button type="button" className="button-plain" onClick={onLeave}>
          Not now
        </button>
      </div>
    </div>
  );
};

/** What a file replaced in the last seven days. */
export const BeforeThat = ({ busy, onBack }: { readonly busy: boolean; readonly onBack: (before: Snapshot) => Promise<void> }) => {
  const kitchen = useKitchen();
  const { zone } = useKit();
  const before = useQueried(() => snapshotOf(kitchen.name, wallNow()), `before ${kitchen.name} ${busy}`);
  if (before == null) return null;
  return (
    <p className="mt-2 flex flex-wrap items-center gap-3 border-l-3 border-line bg-sheet p-2">
      What a file replaced on {dayAndTime(before.at, zone)} is kept until {dayAndTime(untilOf(before), zone)}.
      <button type="button" className="button-plain" disabled={busy} onClick={() => void onBack(before)}>
        Bring it back
      </button>
    </p>
  );
};

const MOST_NAMED = 12;

/** What came of it: what was set aside or put right is named, and so is what an undo would cost. */
export const TakenOver = ({ taken, onUndo }: { readonly taken: Taken; readonly onUndo: () => Promise<void> }) => {
  const { result, at } = taken;
  const since =
    useQueried(async (queries) => (await queries.newestLoads(0, 50)).filter((load) => load.startedAt > at).length, `since ${at}`) ?? 0;
  return (
    <div role="status" className="mt-2 border-l-3 border-act bg-sheet p-2">
      <p>
        {result.brought === null ? 'Taken over.' : broughtWords(result.brought)}{' '}
        <button type="button" className="min-h-11 font-semibold text-act underline underline-offset-2" onClick={() => void onUndo()}>
          Undo: bring back what was here
        </button>
        {since > 0 && ` (${since === 1 ? 'one load' : `${since} loads`} poured since would go with it: export first)`}
      </p>
      {result.brought !== null && result.brought.conflicts.length > 0 && (
        <ul aria-label="Different in both" className="text-[15px]">
          {result.brought.conflicts.map(({ table, key, name, fields }) => (
            <li key={`${table}/${key}`} className="border-t border-line py-1">
              <b>{name === '' ? `${TABLE_WORDS.get(table) ?? table} ${key}` : name}</b>:{' '}
              {fields.map(({ field, stands, aside }) => `${field} is “${stands}”, kept aside “${aside}”`).join('; ')}
            </li>
          ))}
        </ul>
      )}
      {result.repaired.length > 0 && (
        <p>Put right: {result.repaired.map(({ key }) => `iron ${key}, whose dial had one end only`).join('; ')}.</p>
      )}
      {result.setAside.length > 0 && (
        <>
          <p>
            {result.setAside.length === 1 ? 'One row' : `${result.setAside.length.toLocaleString('en-GB')} rows`} can’t be read here and{' '}
            {result.setAside.length === 1 ? 'was' : 'were'} set aside; an export hands them on as they are:
          </p>
          <ul className="text-[15px]">
            {result.setAside.slice(0, MOST_NAMED).map(({ table, key, where, why }) => (
              <li key={`${table}/${key}/${where}`}>
                {table} {key}, {where}: {why}
              </li>
            ))}
            {result.setAside.length > MOST_NAMED && <li>and {result.setAside.length - MOST_NAMED} more</li>}
          </ul>
        </>
      )}
    </div>
  );
};
