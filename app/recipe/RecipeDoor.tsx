import clsx from 'clsx';
import { NavLink, Outlet } from 'react-router';
import { recipeChoices, useSession } from '../session/index.ts';
import { InlineSelect } from '../ui/index.ts';

const ROOMS = [
  ['/recipe', 'Ingredients'],
  ['/recipe/weigh', 'Weigh'],
  ['/recipe/mix', 'Mix'],
  ['/recipe/card', 'Card'],
] as const;

/** Which recipe, and its four rooms. */
export const RecipeDoor = () => {
  const session = useSession();
  if (session === undefined) return null;
  const { formula, setWorkspace } = session;
  return (
    <div className="group flex h-full flex-col">
      {formula !== null && (
        <div className="flex flex-wrap items-end gap-x-10 gap-y-1 px-8 pt-3 group-has-[[data-weighing]]:hidden max-sm:px-5 print:hidden">
          <InlineSelect
            look="heading"
            label="Recipe"
            value={formula.id}
            choices={recipeChoices(session)}
            onChange={(formulaId) => setWorkspace({ formulaId })}
          />
          <nav aria-label="Recipe" className="flex gap-x-7 max-sm:w-full max-sm:justify-between max-sm:gap-x-2">
            {ROOMS.map(([to, name]) => (
              <NavLink
                key={to}
                to={to}
                end
                className={({ isActive }) =>
                  clsx(
                    'flex min-h-11 items-center border-b-4 text-[17px] font-semibold',
                    isActive ? 'border-act text-act' : 'border-transparent text-ink hover:border-line',
                  )
                }
              >
                {name}
              </NavLink>
            ))}
          </nav>
        </div>
      )}
      <div className="min-h-0 flex-1">
        <Outlet />
      </div>
    </div>
  );
};
