import { Link } from 'react-router';

const DEVICES = [
  ['Scale', 'Weigh with a simulated scale that ships with the application.', '/recipe/weigh', 'Open Weigh'],
  ['Iron', 'Read a simulated iron’s plates while you learn one.', '/iron', 'Open Iron'],
  ['Refrigerator', 'Follow a simulated probe while dough rests.', '/recipe/mix', 'Open Mix'],
] as const;

/** What can be connected: small simulated stand-ins, used where they are needed. */
export const Devices = () => (
  <section aria-label="Devices">
    <h2 className="text-[26px]">Devices</h2>
    <ul className="mt-2 flex flex-col">
      {DEVICES.map(([name, words, to, link]) => (
        <li key={name} className="flex flex-wrap items-center gap-x-6 border-b border-line py-3 text-lg">
          <b className="w-32">{name}</b>
          <span className="min-w-0 flex-1">{words}</span>
          <Link to={to} className="inline-flex min-h-11 items-center font-semibold text-act underline underline-offset-4">
            {link}
          </Link>
        </li>
      ))}
    </ul>
  </section>
);
