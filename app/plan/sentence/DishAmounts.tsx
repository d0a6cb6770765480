import type { Dish } from '../../../core/run/index.ts';
import { NumberEntry } from '../../ui/index.ts';
import type { ChangeDish } from '../change.ts';

type Props = {
  readonly dish: Dish;
  readonly label: string;
  /** In the large sentence of the first dish; in a line of its own for the others. */
  readonly look: 'sentence' | 'narrow';
  readonly onChange: ChangeDish;
};

const lookOf = (look: Props['look']) => (look === 'sentence' ? ({ inSentence: true } as const) : ({ narrow: true } as const));

/** For how many a dish is. */
export const HowMany = ({ dish, label, look, onChange }: Props) => (
  <NumberEntry
    {...lookOf(look)}
    label={label}
    value={dish.people}
    min={1}
    max={2000}
    whole
    onChange={(people) => people !== null && onChange({ people })}
  />
);

export const PiecesEach = ({ dish, label, look, onChange }: Props) => (
  <NumberEntry
    {...lookOf(look)}
    label={label}
    value={dish.piecesPerPerson}
    min={0.1}
    max={20}
    onChange={(piecesPerPerson) => piecesPerPerson !== null && onChange({ piecesPerPerson })}
  />
);

/** Batter that there is already; empty: as much as is needed is made. */
export const BatterThereIs = ({ dish, label, look, onChange }: Props) => (
  <NumberEntry
    {...lookOf(look)}
    label={label}
    placeholder="as needed"
    value={dish.batter_g}
    min={1}
    max={1e6}
    mayBeEmpty
    onChange={(batter_g) => onChange({ batter_g })}
  />
);
