import clsx from 'clsx';
import type { LucideIcon } from 'lucide-react';
import { Cable, CookingPot, Grid3x3, HardDrive, MapPin, Plug, Ruler, SunMoon, Wheat } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { Kit } from '../../core/kit/index.ts';
import type { Session } from '../session/index.ts';
import { useSession } from '../session/index.ts';
import { commands, useDo } from '../store/index.ts';
import { lengthUnitOf, measured, temperature } from '../ui/index.ts';
import { Appearance } from './Appearance.tsx';
import { BowlsAndScales } from './BowlsAndScales.tsx';
import { Circuits } from './Circuits.tsx';
import { DataPanel } from './DataPanel.tsx';
import { Devices } from './Devices.tsx';
import { Irons } from './Irons.tsx';
import { KitchenForm } from './KitchenForm.tsx';
import { Measures } from './Measures.tsx';
import { OwnIngredients } from './OwnIngredients.tsx';
import { Place } from './Place.tsx';

type Save = (change: (kit: Kit) => Kit) => void;

type Section = {
  readonly id: string;
  readonly name: string;
  readonly icon: LucideIcon;
  /** How it stands, in a few words. */
  readonly state: (session: Session) => string;
  readonly render: (session: Session, save: Save) => ReactNode;
};

const counted = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'}`;

const Tools = ({ kit, save }: { readonly kit: Kit; readonly save: Save }) => (
  <div className="flex flex-col gap-6">
    <h2 className="text-[26px]">Tools</h2>
    <Measures kit={kit} onSave={save} of="scoops" title="Scoops" one="scoop" />
    <Measures
      kit={kit}
      onSave={save}
      of="spoons"
      title="Cups and spoons"
      one="cup or spoon"
      note="If you measure without a scale, we use only these."
    />
    <BowlsAndScales kit={kit} onSave={save} />
  </div>
);

const Units = ({ kit }: { readonly kit: Kit }) => {
  const carryOut = useDo();
  return (
    <section aria-label="Units and habits">
      <h2 className="mb-3 text-[26px]">Units and habits</h2>
      <KitchenForm kit={kit} part="units" onSave={(changes) => carryOut(commands.changeKit((now) => ({ ...now, ...changes })))} />
    </section>
  );
};

const SECTIONS: readonly Section[] = [
  {
    id: 'irons',
    name: 'Irons',
    icon: Grid3x3,
    state: ({ irons }) => counted(irons.length, 'iron'),
    render: (session) => <Irons session={session} />,
  },
  {
    id: 'tools',
    name: 'Tools',
    icon: CookingPot,
    state: () => 'bowls, scales, scoops',
    render: ({ kit }, save) => <Tools kit={kit} save={save} />,
  },
  {
    id: 'place',
    name: 'Place',
    icon: MapPin,
    state: ({ kit }) => `${measured(kit.altitude_m, 'height', lengthUnitOf(kit))}, ${temperature(kit.room_C, kit.temperatureUnit)}`,
    render: ({ kit }) => <Place kit={kit} />,
  },
  {
    id: 'units',
    name: 'Units',
    icon: Ruler,
    state: ({ kit }) => `grams, °${kit.temperatureUnit}, ${kit.currency}`,
    render: ({ kit }) => <Units kit={kit} />,
  },
  {
    id: 'circuits',
    name: 'Circuits',
    icon: Plug,
    state: ({ kit }) => counted(kit.circuits.length, 'circuit'),
    render: ({ kit }, save) => <Circuits kit={kit} onSave={save} />,
  },
  { id: 'ingredients', name: 'Ingredients', icon: Wheat, state: () => 'your own, with prices', render: () => <OwnIngredients /> },
  { id: 'data', name: 'Data', icon: HardDrive, state: () => 'export, import', render: () => <DataPanel /> },
  { id: 'devices', name: 'Devices', icon: Cable, state: () => 'scale, iron, refrigerator', render: () => <Devices /> },
  { id: 'appearance', name: 'Appearance', icon: SunMoon, state: () => 'light, dark', render: ({ kit }) => <Appearance kit={kit} /> },
];

/** The kitchen by sections: each says how it stands; on a phone the list first, then the section. */
export const KitchenDoor = () => {
  const session = useSession();
  const carryOut = useDo();
  const [search] = useSearchParams();
  if (session === undefined) return null;
  const asked = SECTIONS.find(({ id }) => id === search.get('section'));
  const shown = asked ?? SECTIONS.find(({ id }) => id === (session.irons.length === 0 ? 'irons' : 'place'));
  return (
    <div className="flex min-h-full max-sm:flex-col">
      <nav
        aria-label="Kitchen"
        className="w-64 shrink-0 border-r border-line px-3 py-4 max-lg:w-52 max-sm:w-full max-sm:border-0 max-sm:pb-0"
      >
        <h1 className="mb-2 px-3 text-[28px]">Kitchen</h1>
        <ul className={clsx(asked !== undefined && 'max-sm:hidden')}>
          {SECTIONS.map(({ id, name, icon: Icon, state }) => (
            <li key={id}>
              <Link
                to={`/kitchen?section=${id}`}
                aria-current={id === shown?.id ? 'page' : undefined}
                className={clsx(
                  'flex min-h-16 items-center gap-4 rounded-xl px-3 py-2',
                  id === shown?.id ? 'bg-act-soft text-act max-sm:bg-transparent max-sm:text-ink' : 'hover:bg-act-soft',
                )}
              >
                <Icon aria-hidden className="size-6 shrink-0" />
                <span className="min-w-0">
                  <b className="block text-[17px]">{name}</b>
                  <span className="block truncate text-[15px] text-quiet">{state(session)}</span>
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </nav>
      <div className={clsx('min-w-0 flex-1 px-8 py-4 max-sm:px-5', asked === undefined && 'max-sm:hidden')}>
        <Link to="/kitchen" className="inline-flex min-h-11 items-center font-semibold text-act underline underline-offset-4 sm:hidden">
          All of the kitchen
        </Link>
        {shown?.render(session, (change) => void carryOut(commands.changeKit(change)))}
      </div>
    </div>
  );
};
