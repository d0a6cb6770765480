import { MINUTE_MS, instantOf, wallTime } from '../../../core/basis/index.ts';
import type { Run } from '../../../core/run/index.ts';
import { NumberEntry, WhenEntry } from '../../ui/index.ts';
import type { ChangeRun } from '../change.ts';

type Props = { readonly run: Run; readonly onChange: ChangeRun };

const USUAL_EARLIEST_MS = 60 * MINUTE_MS;
/** As long as somebody can usually be spared from the tables, up to when it is served. */
const USUAL_HELP_MS = 30 * MINUTE_MS;
const MOST_HELP_MIN = 12 * 60;

const PRESS = 'min-h-8 font-semibold text-act underline underline-offset-2';

/** When somebody is there: a cook who comes at six can't switch on at ten to; and who can be spared for half an hour is a pair of hands meanwhile. */
export const WhoIsThere = ({ run, onChange }: Props) => (
  <>
    <NotBefore run={run} onChange={onChange} />
    <HelperFor run={run} onChange={onChange} />
  </>
);

const NotBefore = ({ run, onChange }: Props) => {
  if (run.notBefore == null)
    return (
      <button type="button" className={PRESS} onClick={() => onChange((now) => ({ notBefore: now.serveAt - USUAL_EARLIEST_MS }))}>
        Kitchen opens at …
      </button>
    );
  return (
    <span className="flex items-end gap-1">
      <WhenEntry
        label="Kitchen opens at"
        value={wallTime(run.notBefore, run.zone)}
        onChange={(wall) => {
          const notBefore = instantOf(wall, run.zone);
          if (notBefore !== null) onChange({ notBefore });
        }}
      />
      <button type="button" className={`${PRESS} min-h-11 px-2`} onClick={() => onChange({ notBefore: null })}>
        Any time
      </button>
    </span>
  );
};

const HelperFor = ({ run, onChange }: Props) => {
  const { helper, zone } = run;
  if (helper == null)
    return (
      <button
        type="button"
        className={PRESS}
        onClick={() => onChange((now) => ({ helper: { from: now.serveAt - USUAL_HELP_MS, until: now.serveAt } }))}
      >
        Add a helper
      </button>
    );
  const length_ms = helper.until - helper.from;
  return (
    <span className="flex flex-wrap items-end gap-x-3 gap-y-1">
      <WhenEntry
        label="Helper from"
        value={wallTime(helper.from, zone)}
        onChange={(wall) => {
          const from = instantOf(wall, zone);
          if (from !== null) onChange({ helper: { from, until: from + length_ms } });
        }}
      />
      <NumberEntry
        big
        label="Helps for, min"
        value={Math.round(length_ms / MINUTE_MS)}
        min={1}
        max={MOST_HELP_MIN}
        whole
        onChange={(minutes) => minutes !== null && onChange({ helper: { from: helper.from, until: helper.from + minutes * MINUTE_MS } })}
      />
      <button type="button" className={`${PRESS} min-h-11 px-2`} onClick={() => onChange({ helper: null })}>
        No helper
      </button>
    </span>
  );
};
