import { Link, useLocation } from 'react-router';
import { DOORS } from '../doors.ts';

/** An address that leads nowhere: said, with the doors there are. */
export const NotHere = () => {
  const { pathname } = useLocation();
  return (
    <section className="max-w-xl p-8">
      <h1 className="text-3xl">Nothing at this address</h1>
      <p className="mt-3 text-lg break-words">“{pathname}” isn’t a page of Tawny Lattice. Nothing was lost.</p>
      <ul className="mt-4 flex flex-wrap gap-x-6 gap-y-2 text-lg">
        {DOORS.map(({ path, name }) => (
          <li key={path}>
            <Link to={path} className="inline-flex min-h-11 items-center font-semibold text-act underline underline-offset-4">
              {name}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
};
