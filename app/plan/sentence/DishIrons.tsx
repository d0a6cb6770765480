import { Link } from 'react-router';
import type { Dish, WISH_FIELDS } from '../../../core/run/index.ts';
import type { Session } from '../../session/index.ts';
import { dishWords } from '../dishWords.ts';

type Props = {
  readonly session: Session;
  readonly dish: Pick<Dish, 'ironIds'>;
  /** Of which dish, for a screen reader; left out: there is one. */
  readonly of?: string;
  /** Of the irons as they are kept when it is carried out: touches may be faster than the store. */
  readonly onIrons: (change: (ironIds: readonly string[]) => string[]) => void;
};

/** On which irons a dish is cooked. */
export const DishIrons = ({ session, dish: { ironIds }, of, onIrons }: Props) => (
  <fieldset className="flex min-w-0 flex-wrap items-center gap-2">
    <legend className="sr-only">Irons{of === undefined ? '' : ` for ${of}`}</legend>
    <span className="text-quiet">on</span>
    {session.irons.map(({ id, name }) => {
      const has = ironIds.includes(id);
      return (
        <label
          key={id}
          className={`flex min-h-11 items-center gap-2 rounded-full border-2 px-4 font-semibold ${has ? 'border-act bg-act-soft' : 'border-line'}`}
        >
          <input
            type="checkbox"
            checked={has}
            onChange={() => onIrons((now) => (has ? now.filter((other) => other !== id) : [...now.filter((other) => other !== id), id]))}
            className="size-5 accent-act"
          />
          {name}
        </label>
      );
    })}
  </fieldset>
);

type WishedKey = 'formulaId' | 'ironIds' | (typeof WISH_FIELDS)[number];

/** How it is wished, and the way to where that is changed. */
export const DishWish = ({ session, dish }: { readonly session: Session; readonly dish: Pick<Dish, WishedKey> }) => (
  <p className="text-[15px] text-quiet">
    {dishWords(dish, session.kit.temperatureUnit)} ·{' '}
    <Link
      to="/iron"
      className="font-semibold text-act underline underline-offset-2"
      onClick={() =>
        session.setWorkspace({ formulaId: dish.formulaId, ...(dish.ironIds[0] === undefined ? {} : { ironId: dish.ironIds[0] }) })
      }
    >
      change on the iron
    </Link>
  </p>
);
