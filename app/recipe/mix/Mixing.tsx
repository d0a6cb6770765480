import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Formula, Lift } from '../../../core/formula/index.ts';
import { LIFTS } from '../../../core/formula/index.ts';
import { InlineSelect } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { readingOf, useSession } from '../../session/index.ts';
import { commands, useDo } from '../../store/index.ts';
import { Before } from './Before.tsx';
import { Ferment } from './Ferment.tsx';
import { Mix } from './Mix.tsx';
import { Rest } from './Rest.tsx';
import { Methods } from './Methods.tsx';
import { WhipAndFold } from './WhipAndFold.tsx';
import { LIFT_WORDS } from './words.ts';

export const Mixing = () => {
  const session = useSession();
  if (session === undefined) return null;
  if (session.formula === null)
    return (
      <section className="max-w-xl p-8">
        <h1 className="text-3xl">No recipe yet</h1>
        <p className="mt-3 text-lg">
          With a recipe you see here how long to whip, how to fold, when the yeast is ready and how long to rest.
        </p>
        <Link to="/recipe" className="button-act mt-5">
          Add a recipe
        </Link>
      </section>
    );
  return <OfFormula key={`${session.formula.id}/${session.formula.rev}`} session={session} formula={session.formula} />;
};

type Panel = 'Methods' | 'Mix' | 'Whip and fold' | 'Ferment' | 'Rest' | 'Before the pour';

/** What this lift has to do with: nothing is whipped for a plain batter, nothing ferments without yeast. */
const panelsOf = (lift: Lift): readonly Panel[] => [
  'Methods',
  'Mix',
  ...(lift === 'quick' || lift === 'rested' || lift === 'yeasted' ? [] : (['Whip and fold'] as const)),
  ...(lift === 'yeasted' ? (['Ferment'] as const) : []),
  'Rest',
  'Before the pour',
];

/** Where most of the work of this lift is. */
const firstPanel = (lift: Lift): Panel =>
  lift === 'yeasted' ? 'Ferment' : lift === 'rested' ? 'Rest' : lift === 'quick' ? 'Methods' : 'Whip and fold';

const OfFormula = ({ session, formula }: { readonly session: Session; readonly formula: Formula }) => {
  const carryOut = useDo();
  const reading = readingOf(session, formula);
  const panels = panelsOf(reading.lift);
  const [chosen, setChosen] = useState<Panel>(firstPanel(reading.lift));
  const tab = Math.max(0, panels.indexOf(chosen));
  const setLift = (lift: Lift | null): void =>
    void carryOut(commands.reviseFormula(formula, (newest) => ({ ...newest, lift, parentRev: newest.rev })));
  const props = { session, formula, reading };
  return (
    <div className="flex h-full flex-col px-8 py-3 max-sm:px-5">
      <h1 className="flex flex-wrap items-baseline gap-x-3 text-2xl">
        <span className="font-normal text-quiet">Lift:</span>
        <InlineSelect
          label="Lift"
          value={formula.lift}
          choices={[
            { value: null, label: `${LIFT_WORDS[reading.lift]}, as written` },
            ...LIFTS.map((lift) => ({ value: lift, label: LIFT_WORDS[lift] })),
          ]}
          onChange={setLift}
        />
      </h1>
      <TabGroup
        selectedIndex={tab}
        onChange={(index) => setChosen(panels[index] ?? 'Methods')}
        className="mt-2 flex min-h-0 flex-1 flex-col"
      >
        <TabList className="flex flex-wrap gap-1 border-b-2 border-line">
          {panels.map((name) => (
            <Tab
              key={name}
              className="-mb-0.5 min-h-11 border-b-3 border-transparent px-4 font-semibold text-quiet hover:text-ink data-selected:border-act data-selected:text-act"
            >
              {name}
            </Tab>
          ))}
        </TabList>
        <TabPanels className="min-h-0 flex-1 pt-4">
          {panels.map((name) => (
            <TabPanel key={name}>
              {name === 'Methods' && <Methods {...props} onTake={setLift} />}
              {name === 'Mix' && <Mix {...props} />}
              {name === 'Whip and fold' && <WhipAndFold {...props} />}
              {name === 'Ferment' && <Ferment {...props} />}
              {name === 'Rest' && <Rest {...props} />}
              {name === 'Before the pour' && <Before {...props} />}
            </TabPanel>
          ))}
        </TabPanels>
      </TabGroup>
    </div>
  );
};
