import type { KeepForm, KeepItem, KeepLimit, KeepPlace } from '../../core/keep/index.ts';
import { countOf, lotLimits } from '../../core/keep/index.ts';
import type { Lot } from '../../core/log/index.ts';
import { mixed_g } from '../../core/lot/index.ts';
import type { Session } from '../session/index.ts';
import { judgedBatter } from '../session/index.ts';
import { grams } from '../ui/index.ts';
import { bowlsOf } from './bowls.ts';
import { limitsOf, standingOf } from './limitsOf.ts';

/** Something that stands on a board: a bowl of batter, or what was put away. */
export type Thing = {
  readonly id: string;
  readonly name: string;
  readonly amount: string;
  readonly form: KeepForm;
  readonly place: KeepPlace;
  /** Pieces in it; null: it isn't counted. */
  readonly pieces: number | null;
  readonly first: KeepLimit | undefined;
  readonly isOver: boolean;
  readonly isHazard: boolean;
  /** Of its time that is left, 0 to 1. */
  readonly share: number;
  /** Pieces of it that a plan wants. */
  readonly planned: number;
};

const plannedOf = ({ runs }: Pick<Session, 'runs'>, itemId: string): number =>
  runs
    .flatMap(({ dishes }) => dishes.flatMap(({ fromKept = [] }) => fromKept))
    .filter((kept) => kept.itemId === itemId)
    .reduce((sum, { pieces }) => sum + pieces, 0);

const thingOfItem = (session: Session, item: KeepItem, now: number): Thing => ({
  id: item.id,
  name: item.name,
  amount: item.amount,
  form: item.form,
  place: item.place,
  pieces: countOf(item),
  planned: plannedOf(session, item.id),
  ...standingOf(item, limitsOf(session, item), now),
});

const thingOfBowl = (session: Session, lot: Lot, now: number): Thing => {
  const formula = session.everyFormula.find(({ id }) => id === lot.formulaId);
  const { stays, limits } = lotLimits(lot, judgedBatter(session, formula), now);
  // Over for safety comes before past its best.
  const first = limits.find(({ kind, until }) => kind === 'safety' && until < now) ?? limits[0];
  const isOver = first !== undefined && first.until < now;
  return {
    id: lot.id,
    name: lot.name,
    amount: `${grams(mixed_g(lot))} g`,
    form: formula?.lift === 'yeasted' ? 'yeasted-batter' : 'batter',
    place: stays.at(-1)?.place === 'refrigerator' ? 'refrigerator' : 'room',
    pieces: null,
    planned: 0,
    first,
    isOver,
    isHazard: isOver && first.kind === 'safety',
    share: first === undefined ? 1 : Math.max(0, Math.min(1, (first.until - now) / Math.max(1, first.until - lot.madeAt))),
  };
};

/** Everything on the boards, what goes first, first. */
export const thingsOf = (session: Session, kept: readonly KeepItem[], now: number): readonly Thing[] =>
  [
    ...kept.map((item) => thingOfItem(session, item, now)),
    ...bowlsOf(session.lots, kept, now).map((lot) => thingOfBowl(session, lot, now)),
  ].sort((a, b) => (a.first?.until ?? Infinity) - (b.first?.until ?? Infinity));
