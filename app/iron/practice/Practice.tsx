import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { IronWithBatter } from '../../../core/fit/index.ts';
import { lands, settingsOf } from '../../../core/fit/index.ts';
import { dialMark, portion } from '../../../core/plate/index.ts';
import type { PracticeLoad, PracticeResult } from '../../../core/practice/index.ts';
import { levelProgress, LEVELS, openedAt, practiceIronWithBatter } from '../../../core/practice/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { useDegrees, useSession } from '../../session/index.ts';
import { dialMarkText, grams, InlineSelect, nearestWord, temperature } from '../../ui/index.ts';
import { fixedKey, PAGE_KEYS } from '../../keys/index.ts';
import { commands, useDo, useRows } from '../../store/index.ts';
import { askOnce } from '../../workers/index.ts';
import { AtTheIron } from './AtTheIron.tsx';
import type { Exercise } from './exercise.ts';
import { hiddenOf, keepExercise, keptExercise, levelOf, newExercise } from './exercise.ts';
import { Outcome } from './Outcome.tsx';
import type { PourChoice } from './Pour.tsx';
import { Pour } from './Pour.tsx';
import { Revealed } from './Revealed.tsx';
import { SteamSound } from './steamSound.ts';
import { WholeMorning } from './WholeMorning.tsx';
import { wallNow } from '../../clock/index.ts';
import { ExerciseProgress } from './ExerciseProgress.tsx';

/** What is to be landed on; the same for all, so that loads can be compared. */
const TAWNY = 4;
const SPEEDS = [1, 10, 30, 60] as const;

/** A hidden iron to be found out in as few loads as possible. */
export const Practice = () => {
  const [exercise, setExercise] = useState<Exercise>(() => keptExercise() ?? newExercise(LEVELS[0]!.id, Math.random()));
  const change = (next: Exercise): void => {
    setExercise(next);
    keepExercise(next);
  };
  const level = levelOf(exercise.levelId);
  const pairing = useMemo(() => practiceIronWithBatter(level), [level]);
  if (!pairing.ok) return <p className="p-8 text-xl">{describeSentence(pairing.failure)}.</p>;
  return <Exercising key={`${exercise.levelId}/${exercise.seed}`} exercise={exercise} pairing={pairing.value} onChange={change} />;
};

type Props = { readonly exercise: Exercise; readonly pairing: IronWithBatter; readonly onChange: (exercise: Exercise) => void };

/** Loads that are over, cooked again from the seed: the same each time. */
const useResults = (exercise: Exercise): readonly PracticeResult[] | undefined =>
  useQuery({
    queryKey: ['practised', exercise.levelId, exercise.seed, exercise.done],
    queryFn: async () => {
      const results: PracticeResult[] = [];
      for (const [i, { open_s, ...pour }] of exercise.done.entries()) {
        const { levelId, seed } = exercise;
        const load = await askOnce('practise', { levelId, seed, hidden: hiddenOf(exercise), pour, n: i + 1 });
        if (load.ok) results.push(openedAt(load.value, open_s));
      }
      return results;
    },
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  }).data;

const Exercising = ({ exercise, pairing, onChange }: Props) => {
  const carryOut = useDo();
  const records = useRows('practices') ?? [];
  const session = useSession();
  const { iron } = pairing;
  const level = levelOf(exercise.levelId);
  const full_g = useMemo(() => portion(iron, pairing.batter).portion_g, [iron, pairing.batter]);
  const [low, high] = settingsOf(iron);
  const [choice, setChoice] = useState<PourChoice>({
    portion_g: exercise.done.at(-1)?.portion_g ?? full_g,
    setting_C: exercise.done.at(-1)?.setting_C ?? (low + high) / 2,
  });
  const [load, setLoad] = useState<PracticeLoad | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [speed, setSpeed] = useState<number>(10);
  const [hasSound, setHasSound] = useState(false);
  const [sound] = useState(() => new SteamSound());
  useEffect(() => () => sound.stop(), [sound]);
  const results = useResults(exercise);
  const hidden = hiddenOf(exercise);
  const { data: replayed } = useQuery({
    queryKey: ['replayed', exercise.levelId, exercise.seed],
    queryFn: () => askOnce('replay', { levelId: exercise.levelId, seed: exercise.seed, hidden, tawny: TAWNY }),
    enabled: exercise.isOver,
    staleTime: Infinity,
  });
  const isLanded = results?.some((result) => lands(result, TAWNY)) === true;
  const progress = levelProgress(level.id, records);

  const pour = async (): Promise<void> => {
    if (hasSound) sound.start();
    const { levelId, seed, done } = exercise;
    const cooked = await askOnce('practise', { levelId, seed, hidden, pour: choice, n: done.length + 1 });
    if (cooked.ok) setLoad(cooked.value);
    else setTrouble(describeSentence(cooked.failure));
  };
  const over = async (next: Exercise, hasLanded: boolean): Promise<void> => {
    const { levelId, seed } = next;
    const record = { id: `${levelId}-${seed}`, levelId, seed, at: wallNow(), loads: next.done.length, isLanded: hasLanded };
    await carryOut(commands.addPractice({ ...record, estimatorLoads: null }));
    const its = await askOnce('replay', { levelId, seed, hidden, tawny: TAWNY });
    if (its.ok && its.value.at(-1)?.lands === true) await carryOut(commands.addPractice({ ...record, estimatorLoads: its.value.length }));
  };
  const open = (open_s: number): void => {
    if (load === null) return;
    const hasLanded = lands(openedAt(load, open_s), TAWNY);
    const next = { ...exercise, done: [...exercise.done, { ...choice, open_s }], isOver: hasLanded };
    setLoad(null);
    onChange(next);
    if (hasLanded) void over(next, true);
  };
  const giveUp = (): void => {
    const next = { ...exercise, isOver: true };
    onChange(next);
    void over(next, false);
  };
  useHotkeys(fixedKey('practice.pour'), () => void (load === null && !exercise.isOver && pour()), PAGE_KEYS);
  useHotkeys(fixedKey('practice.open'), () => document.querySelector<HTMLButtonElement>('[data-act="open"]')?.click(), PAGE_KEYS);
  useHotkeys(fixedKey('practice.look'), () => document.querySelector<HTMLButtonElement>('[data-act="look"]')?.click(), PAGE_KEYS);

  const unit = useDegrees();
  const pouredWords = (n: number): string => {
    const done = exercise.done[n];
    if (done === undefined) return '';
    const dial = dialMark(iron, done.setting_C);
    return `${low === high ? '' : dial === null ? `${temperature(done.setting_C, unit)} · ` : `dial ${dialMarkText(dial)} · `}${grams(done.portion_g)} g`;
  };
  return (
    <div className="flex flex-col gap-3 px-5 py-3" data-over={exercise.isOver} data-loads={exercise.done.length}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1 className="flex flex-wrap items-baseline gap-x-2 text-2xl">
          <span className="font-normal text-quiet">Practice:</span>
          <InlineSelect
            label="Level"
            value={level.id}
            choices={LEVELS.map(({ id, name, faults, goodLoads }) => ({
              value: id,
              label: name,
              note: `${faults.length} ${faults.length === 1 ? 'fault' : 'faults'}, good in ${goodLoads}`,
            }))}
            onChange={(levelId) => onChange(newExercise(levelId, Math.random()))}
          />
        </h1>
        <p className="text-[15px] text-quiet" data-figure="progress">
          {progress.played === 0
            ? 'not tried yet'
            : `${progress.landed} of ${progress.played} right${progress.best === null ? '' : `, best in ${progress.best}`}${progress.lately === null ? '' : `, lately ${progress.lately.toFixed(1)} loads`}`}
        </p>
      </div>
      <p className="max-w-3xl text-[17px]">
        A {iron.name.toLowerCase()} you don’t know yet. Bring both faces to {nearestWord(TAWNY)} , full and set through. A practised cook
        needs {level.goodLoads} loads. Its measures and the batter are right; something else is off.
      </p>
      <div className="flex gap-6 max-lg:flex-col">
        <div className="flex w-[400px] shrink-0 flex-col gap-3 max-lg:w-full">
          {exercise.isOver ? (
            <>
              <Revealed iron={iron} hidden={hidden} mine={{ loads: exercise.done.length, isLanded }} replayed={replayed} />
              <button type="button" className="button-act min-h-14" onClick={() => onChange(newExercise(level.id, Math.random()))}>
                Another like it
              </button>
            </>
          ) : load === null ? (
            <Pour pairing={pairing} full_g={full_g} choice={choice} disabled={false} onChange={setChoice} onPour={() => void pour()} />
          ) : (
            <AtTheIron load={load} speed={speed} sound={sound} onOpen={open} />
          )}
          {trouble !== null && (
            <p role="alert" className="text-hazard">
              {trouble}.
            </p>
          )}
          {!exercise.isOver && (
            <div className="flex flex-wrap items-center gap-x-5 gap-y-2 text-[15px]">
              <span className="flex items-center gap-1" role="radiogroup" aria-label="Speed">
                {SPEEDS.map((value) => (
                  <button
                    key={value}
                    type="button"
                    role="radio"
                    aria-checked={speed === value}
                    className={`min-h-11 min-w-12 rounded-md border-2 font-semibold ${speed === value ? 'border-act bg-act text-page' : 'border-line'}`}
                    onClick={() => setSpeed(value)}
                  >
                    ×{value}
                  </button>
                ))}
              </span>
              <label className="inline-flex min-h-11 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-5 accent-act"
                  checked={hasSound}
                  onChange={(event) => {
                    setHasSound(event.target.checked);
                    if (event.target.checked) sound.start();
                    else sound.stop();
                  }}
                />
                hear the steam
              </label>
              {exercise.done.length > 0 && load === null && (
                <button type="button" className="min-h-11 font-semibold text-act underline underline-offset-2" onClick={giveUp}>
                  Show me what it is
                </button>
              )}
            </div>
          )}
        </div>
        <ol aria-label="Your loads" className="grid min-w-0 flex-1 grid-cols-2 content-start gap-3 max-md:grid-cols-1">
          {exercise.done.length === 0 && <li className="col-span-2 text-quiet">What comes out will lie here, load by load.</li>}
          {(results ?? []).map((result, i) => (
            <Outcome key={i} n={i + 1} iron={iron} tawny={TAWNY} poured={pouredWords(i)} result={result} />
          ))}
        </ol>
      </div>
      <ExerciseProgress records={records} chosen={level.id} onChoose={(levelId) => onChange(newExercise(levelId, Math.random()))} />
      {session !== undefined && <WholeMorning session={session} records={records} />}
    </div>
  );
};
