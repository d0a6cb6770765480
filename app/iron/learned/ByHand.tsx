import { useEffect, useRef, useState } from 'react';
import type { Action } from '../../../core/fit/index.ts';
import type { IronLink, IronOutcome, IronReading } from '../../devices/index.ts';
import { clock, NumberEntry } from '../../ui/index.ts';
import type { measuresFor } from './trial.ts';

type Props = {
  readonly tell: IronLink['tell'];
  readonly last: IronReading;
  readonly become: ReturnType<typeof measuresFor>;
  /** What would be done: where the entries begin. */
  readonly suggestion: Pick<Action, 'portion_g' | 'setting_C'>;
  readonly fills_g: number;
  /** A load that came out, and how it was made. */
  readonly onOut: (out: IronOutcome, made: Pick<Action, 'portion_g' | 'setting_C'>) => void;
};

const SPEEDS = [1, 10, 60] as const;

/** The simulated iron worked like a real one: switched on, set, poured, closed and opened when one dares. */
export const ByHand = ({ tell, last, become, suggestion, fills_g, onOut }: Props) => {
  const { low_C, high_C } = become;
  const [portion_g, setPortion_g] = useState(Math.round(suggestion.portion_g));
  const [setting_C, setSetting_C] = useState(Math.round(suggestion.setting_C));
  const [speed, setSpeed] = useState<(typeof SPEEDS)[number]>(1);
  /** What was poured into the load that is in it now, and which load had come out before. */
  const made = useRef<(Pick<Action, 'portion_g' | 'setting_C'> & { readonly before: number | null }) | null>(null);
  const isFull = last.cooking_s !== null;
  const { out } = last;
  useEffect(() => {
    const poured = made.current;
    if (out === null || poured === null || isFull || out.n === poured.before) return;
    made.current = null;
    onOut(out, { portion_g: poured.portion_g, setting_C: poured.setting_C });
  }, [out, isFull, onOut]);
  const share = high_C > low_C ? (setting_C - low_C) / (high_C - low_C) : 0;
  const switchOn = async (): Promise<void> => {
    await tell(become);
    await tell({ do: 'set', share });
    await tell({ do: 'switch', isOn: true });
    await tell({ do: 'close' });
  };
  const pour = async (): Promise<void> => {
    made.current = { portion_g, setting_C, before: out?.n ?? null };
    await tell({ do: 'pour', grams: portion_g, fills_g });
  };
  const press = 'min-h-12 rounded border-2 border-white/60 px-4 font-semibold disabled:opacity-45';
  return (
    <div
      role="group"
      aria-label="By hand"
      className="mt-3 flex flex-wrap items-end gap-3 border-t border-white/30 pt-3 text-page [&_input]:text-ink"
    >
      <button type="button" className={press} onClick={() => void (last.isOn ? tell({ do: 'switch', isOn: false }) : switchOn())}>
        {last.isOn ? 'Switch off' : 'Switch on'}
      </button>
      {high_C > low_C && (
        <NumberEntry
          narrow
          label="Set to, °C"
          value={setting_C}
          min={low_C}
          max={high_C}
          onChange={(value) => {
            if (value === null) return;
            setSetting_C(value);
            void tell({ do: 'set', share: (value - low_C) / (high_C - low_C) });
          }}
        />
      )}
      <NumberEntry
        narrow
        label="Pour, g"
        value={portion_g}
        min={1}
        max={2000}
        onChange={(value) => value !== null && setPortion_g(value)}
      />
      <button type="button" className={press} disabled={isFull || !last.isOn} onClick={() => void pour()}>
        Pour it
      </button>
      <button type="button" className={press} disabled={last.lid === 'closed'} onClick={() => void tell({ do: 'close' })}>
        Close the lid
      </button>
      <button type="button" className={press} disabled={last.lid === 'open'} onClick={() => void tell({ do: 'open' })}>
        Open{last.cooking_s !== null ? ` at ${clock(last.cooking_s)}` : ''}
      </button>
      <span role="radiogroup" aria-label="How fast its time passes" className="inline-flex">
        {SPEEDS.map((factor) => (
          <button
            key={factor}
            type="button"
            role="radio"
            aria-checked={speed === factor}
            className={`min-h-12 border-2 border-white/60 px-3 font-semibold ${speed === factor ? 'bg-sheet text-ink' : ''}`}
            onClick={() => {
              setSpeed(factor);
              void tell({ do: 'speed', factor });
            }}
          >
            ×{factor}
          </button>
        ))}
      </span>
    </div>
  );
};
