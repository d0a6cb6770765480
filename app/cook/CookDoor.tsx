import { Link } from 'react-router';
import { useSession } from '../session/index.ts';
import { CookInstrument } from './CookInstrument.tsx';

/** Cook: with an iron and a recipe, what to do next; without, the way to them. */
export const CookDoor = () => {
  const session = useSession();
  if (session === undefined) return null;
  return session.formula === null || session.everyIron.length === 0 ? (
    <section className="max-w-xl p-8">
      <h1 className="text-3xl">Cook begins with a pour</h1>
      <p className="mt-3 text-lg">With an iron and a recipe, Cook says what to do next and when to open.</p>
      <Link to="/setup" className="button-act mt-5">
        Begin
      </Link>
    </section>
  ) : (
    <CookInstrument session={session} />
  );
};
