import type { Act } from '../../../core/formula/index.ts';
import { readProcedure } from '../../../core/formula/index.ts';
import { duration } from '../../ui/index.ts';

type Acts = readonly Act[];

/** The acts of one step, with their places among all. */
export const actsOfStep = (acts: Acts, step: number): readonly { readonly act: Act; readonly at: number }[] =>
  acts.flatMap((act, at) => (act.step === step ? [{ act, at }] : []));

export const withChangedAct = (acts: Acts, at: number, changes: Partial<Act>): Act[] =>
  acts.map((act, i) => (i === at ? { ...act, ...changes } : act));

/** An act with another shortest (0) or longest (1) time, s; null: it has none at that end. The other end follows where it would be past it. */
export const withTimeEnd = (acts: Acts, at: number, end: 0 | 1, value: number | null): Act[] =>
  acts.map((act, i) => {
    if (i !== at) return act;
    const { time_s, ...rest } = act;
    const other = time_s?.[1 - end] ?? null;
    const [one, two] = [
      value ?? other,
      value === null ? other : other === null ? value : end === 0 ? Math.max(value, other) : Math.min(value, other),
    ];
    return one === null || two === null ? rest : { ...rest, time_s: [Math.min(one, two), Math.max(one, two)] };
  });

export const withoutAct = (acts: Acts, at: number): Act[] => acts.filter((_, i) => i !== at);

/** An act one earlier or later: of its own step it changes places; at the end of it nothing happens. */
export const withMovedAct = (acts: Acts, at: number, by: 1 | -1): Act[] => {
  const [here, there] = [acts[at], acts[at + by]];
  if (here === undefined || there === undefined || here.step !== there.step) return [...acts];
  return acts.map((act, i) => (i === at ? there : i === at + by ? here : act));
};

/** Another act at the end of a step: what the sentence asks for and nobody has read from it. */
export const withAddedAct = (acts: Acts, step: number, words: string): Act[] => {
  const after = acts.findLastIndex((act) => act.step <= step) + 1;
  return [...acts.slice(0, after), { kind: 'combine', step, words: words.slice(0, 600) }, ...acts.slice(after)];
};

/** The acts once the steps are others: a step that only moved keeps what was put right in it, another one is read anew. */
export const actsAfter = (acts: Acts, before: readonly string[], after: readonly string[]): Act[] =>
  after.flatMap((text, step) => {
    const was = before.indexOf(text);
    return (was >= 0 ? acts.filter((act) => act.step === was) : readProcedure([text])).map((act) => ({ ...act, step }));
  });

/** What an act carries, in a few words: "3 in 20 min", "until stiff, by hand". */
export const carriedWords = ({ time_s, notBefore_s, until, additions, times, by, day }: Act): string =>
  [
    time_s === undefined ? '' : time_s[0] === time_s[1] ? duration(time_s[0]) : `${duration(time_s[0])} to ${duration(time_s[1])}`,
    notBefore_s === undefined ? '' : `not before ${duration(notBefore_s)}`,
    until === undefined ? '' : `until ${UNTIL_WORDS[until] ?? until}`,
    additions === undefined ? '' : `in ${additions} parts`,
    times === undefined ? '' : `${times} times`,
    by === undefined ? '' : by === 'hand' ? 'by hand' : 'by machine',
    day === undefined ? '' : day === 'evening' ? 'the evening before' : 'in the morning',
  ]
    .filter((words) => words !== '')
    .join(', ');

const UNTIL_WORDS: Readonly<Partial<Record<NonNullable<Act['until']>, string>>> = {
  lumpy: 'a few lumps remain',
  'no-streaks': 'no streaks are seen',
  steam: 'the steam stops',
  colour: 'it is golden',
  smell: 'it smells',
  beep: 'it beeps',
  light: 'the light goes out',
  ribbon: 'the ribbon stands',
};
