import { conductedIrons } from '../../core/line/index.ts';
import { createContext, useContext } from 'react';
import type { LineIron } from '../../core/line/index.ts';
import { useNow } from '../clock/index.ts';
import { clock, timeOfDay } from '../ui/index.ts';
import type { LineConducting } from './linePlace.ts';

const Context = createContext<LineConducting | null>(null);
export const ConductingContext = Context.Provider;

const TICK_MS = 1000;
/** A countdown to the second is for what comes soon. */
const FAR_S = 3600;

const UNTIL: Readonly<Record<NonNullable<LineIron['waitsFor']>, string>> = {
  heat: 'heating: hot',
  recovery: 'recovering: hot again',
  plan: 'waits for its time: pour',
  'put-off': 'put off: pour',
};

/** "in 3:10", or when, where that is far off. */
const inWords = (at: number, now: number, zone: string): string =>
  (at - now) / 1000 > FAR_S ? `at ${timeOfDay(at, zone)}` : `in ${clock((at - now) / 1000)}`;

const wordsOf = ({ state, at, waitsFor }: LineIron, now: number, zone: string): string | null => {
  if (state === 'done') return 'nothing more is planned for it';
  if (state === 'cold') return `cold: switch on ${at <= now ? 'now' : inWords(at, now, zone)}`;
  if (state !== 'hot') return null;
  return waitsFor === undefined || at <= now ? 'hot' : `${UNTIL[waitsFor]} ${inWords(at, now, zone)}`;
};

/** How an iron stands that nothing is in: cold, heating, recovering, waiting or hot, with its own time. */
export const IronState = ({ ironId, zone }: { readonly ironId: string; readonly zone: string }) => {
  const conducting = useContext(Context);
  const now = useNow(TICK_MS);
  if (conducting === null) return null;
  const iron = conductedIrons(conducting, now).find((one) => one.ironId === ironId);
  const words = iron === undefined ? null : wordsOf(iron, now, zone);
  return (
    words !== null && (
      <p className="on-ground text-xl font-semibold" data-state={iron?.state} data-waits-for={iron?.waitsFor ?? ''}>
        {words}
      </p>
    )
  );
};
