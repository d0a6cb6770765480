import { useState } from 'react';
import { Link } from 'react-router';
import type { Lot } from '../../../core/log/index.ts';
import { timeOfDay } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { useSession } from '../../session/index.ts';
import { AtTheBowl } from './AtTheBowl.tsx';
import { MixedLot } from './MixedLot.tsx';
import { BeforeWeighing } from './Setup.tsx';
import { useWeighing } from './useWeighing.ts';

export const Weighing = () => {
  const session = useSession();
  return session === undefined ? null : <WeighRoom session={session} />;
};

/** A bowl that is being weighed, one that is mixed, or what is asked before the first gram. */
const WeighRoom = ({ session }: { readonly session: Session }) => {
  const { bowl, append: tell, start, finish, givenUp, resume } = useWeighing(session);
  const [made, setMade] = useState<Lot | null>(null);
  if (bowl === undefined) return null;
  if (bowl !== null) return <AtTheBowl session={session} bowl={bowl} tell={tell} onFinish={async () => setMade(await finish(bowl))} />;
  if (made !== null) return <MixedLot lot={made} onAgain={() => setMade(null)} />;
  return session.formula === null ? (
    <section className="max-w-xl p-8">
      <h1 className="text-3xl">Nothing to weigh yet</h1>
      <p className="mt-3 text-lg">
        Write a batter down first; here it becomes one instruction at a time, with the number to read very large.
      </p>
      <Link to="/recipe" className="button-act mt-5">
        Write a batter
      </Link>
    </section>
  ) : (
    <>
      {givenUp !== null && (
        <p role="status" className="flex flex-wrap items-center gap-4 bg-sheet px-5 py-2">
          You gave up the bowl of {givenUp.name} at {timeOfDay(givenUp.at, session.kit.zone)}.
          <button type="button" className="button-plain" onClick={resume}>
            Take it up again
          </button>
        </p>
      )}
      <BeforeWeighing session={session} formula={session.formula} onStart={(weighing) => void start(weighing)} />
    </>
  );
};
