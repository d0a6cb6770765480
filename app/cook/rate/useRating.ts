import { useState } from 'react';
import type { Observation } from '../../../core/log/index.ts';
import type { LinePlace } from '../line/linePlace.ts';
import type { Cook } from '../useCook.ts';
import type { Question } from './questions.ts';
import { asExpected, givenTo, lastWords } from './questions.ts';

/** What is asked about one load: whatever is touched is said at once; the button at the end says that the rest was as expected. */
export const useRating = (cook: Cook, place: LinePlace) => {
  const { moulds } = place.iron.geometry;
  const [mould, setMould] = useState<number | null>(null);
  const first = mould ?? 0;
  // The log of a load that is no longer in its iron isn't followed here: what is said of it is kept beside it.
  const [said, setSaid] = useState<readonly Observation[]>([]);
  const isFollowed = cook.places.some(({ load }) => load?.id === place.load?.id);
  const all = lastWords([...(place.progress?.observations ?? []), ...(isFollowed ? [] : said)]);
  const meant = mould === null ? Array.from({ length: moulds }, (_, i) => i) : [mould];
  const log = (more: readonly Observation[]): void => {
    setSaid((before) => [...before, ...more]);
    cook.log(
      place,
      more.map((data) => ({ kind: 'logged', data })),
    );
  };
  return {
    mould,
    setMould,
    first,
    mine: all.filter((o) => o.mould === first),
    givenTo: (question: Question): number => givenTo(question, all, first),
    say: (question: Question, index: number): void => {
      const answer = question.answers[index];
      // The same touch again says nothing new.
      if (answer === undefined || givenTo(question, all, first) === index) return;
      log(meant.map(answer.say));
    },
    log,
    /** Says of whatever nobody has said anything that it was as expected. */
    sayTheRest: (expected: NonNullable<LinePlace['prediction']>): void => {
      const isSaid = (o: Observation): boolean =>
        all.some(
          (said) =>
            said.mould === o.mould && said.kind === o.kind && (o.kind !== 'tawny' || (said.kind === 'tawny' && said.side === o.side)),
        );
      const rest = meant.flatMap((which) => asExpected(expected, which)).filter((o) => !isSaid(o));
      if (rest.length > 0) log(rest);
    },
  };
};
export type Rating = ReturnType<typeof useRating>;
