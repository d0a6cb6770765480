import { OVEN_C } from '../../../core/plate/index.ts';
import type { Dish } from '../../../core/run/index.ts';
import { GOES_TO, HOLDS } from '../../../core/run/index.ts';
import { InlineSelect, NumberEntry } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import type { ChangeDish } from '../change.ts';
import { GOES_TO_WORDS } from './goesTo.ts';
import { holdWords } from './holdWords.ts';

type Props = {
  readonly session: Session;
  readonly dish: Dish;
  /** Of which dish, for a screen reader; left out: there is one. */
  readonly of?: string;
  readonly onChange: ChangeDish;
};

/** Where the pieces of a dish go, and where they wait until then. */
export const WhereTo = ({ session, dish, of, onChange }: Props) => (
  <>
    <span>
      For{' '}
      <InlineSelect
        label={of === undefined ? 'Where it goes' : `Where ${of} goes`}
        value={dish.goesTo ?? 'table'}
        choices={GOES_TO.map((goesTo) => ({ value: goesTo, label: GOES_TO_WORDS[goesTo] }))}
        onChange={(goesTo) => onChange({ goesTo })}
      />
    </span>
    <span>
      wait{' '}
      <InlineSelect
        label={of === undefined ? 'Where it waits' : `Where ${of} waits`}
        value={dish.hold ?? 'rack'}
        choices={HOLDS.map((hold) => ({ value: hold, label: holdWords(hold, session.kit.temperatureUnit) }))}
        onChange={(hold) => onChange({ hold })}
      />
    </span>
    {OVEN_C[dish.hold ?? 'rack'] !== null && (
      <NumberEntry
        narrow
        label="Room for pieces"
        placeholder="all"
        value={dish.holdPlaces ?? null}
        min={1}
        max={2000}
        whole
        mayBeEmpty
        onChange={(holdPlaces) => onChange({ holdPlaces: holdPlaces ?? undefined })}
      />
    )}
  </>
);
