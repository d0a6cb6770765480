import { TAWNY_STEPS } from '../../../core/matter/index.ts';
import { colour } from '../tokens.ts';
import { inkOn, tawnyCss } from '../picture/tawnyColour.ts';

type Props = {
  /** A step from 1 to 8, also between two. */
  readonly value: number;
  readonly onChange: (step: number) => void;
  /** The finger is lifted, or a key was pressed: this one is meant. */
  readonly onSettle?: (step: number) => void;
  /** The names alone, where there is room for them. */
  readonly named?: boolean;
  /** Said to a screen reader instead of the step and its name. */
  readonly text?: string;
  /** What was expected; left out: nothing was. */
  readonly expected?: number;
  readonly label: string;
};

const STEP = 0.1;
const KEY_STEPS: Readonly<Record<string, number>> = {
  ArrowRight: 0.5,
  ArrowUp: 0.5,
  ArrowLeft: -0.5,
  ArrowDown: -0.5,
  PageUp: 1,
  PageDown: -1,
};

/** Eight bands from chalk to char, and a native slider over them: dragged, touched or moved by the arrow keys. */
export const ColourScale = ({ value, onChange, onSettle, expected, label, named = false, text }: Props) => {
  const at = (step: number): string => `${(100 * (step - 0.5)) / TAWNY_STEPS.length}%`;
  return (
    <div className="relative pt-11">
      <ol aria-hidden className="flex overflow-hidden rounded-xl forced-color-adjust-none">
        {TAWNY_STEPS.map(({ name }, i) => (
          <li key={name} className="min-w-0 flex-1 py-4 text-center" style={{ background: tawnyCss(i + 1), color: inkOn(i + 1) }}>
            <b className={`block font-display text-xl ${named ? 'md:hidden' : ''}`}>{i + 1}</b>
            <span className={`block truncate font-semibold max-md:hidden ${named ? 'py-1 text-[17px]' : 'text-[15px]'}`}>{name}</span>
          </li>
        ))}
      </ol>
      {expected !== undefined && (
        <span
          aria-hidden
          className="absolute top-9 h-3 w-1 -translate-x-1/2 rounded bg-act"
          style={{ left: at(expected) }}
          title="expected"
        />
      )}
      <svg aria-hidden viewBox="0 0 44 56" className="pointer-events-none absolute top-0 w-11 -translate-x-1/2" style={{ left: at(value) }}>
        <path d="M22 56L14 40H30Z" fill={colour('act')} stroke={colour('page')} strokeWidth={3} />
        <circle cx={22} cy={22} r={20} fill={colour('act')} stroke={colour('page')} strokeWidth={3} />
        <path d="M18 15L11 22L18 29M26 15L33 22L26 29" fill="none" stroke={colour('page')} strokeWidth={3} strokeLinecap="round" />
      </svg>
      <input
        type="range"
        aria-label={label}
        aria-valuetext={text ?? `${value.toFixed(1)}, ${TAWNY_STEPS[Math.round(value) - 1]?.name ?? ''}`}
        min={1}
        max={TAWNY_STEPS.length}
        step={STEP}
        value={value}
        onChange={(event) => onChange(Number(event.target.value))}
        onPointerUp={(event) => onSettle?.(Number(event.currentTarget.value))}
        onKeyDown={(event) => {
          const by = KEY_STEPS[event.key];
          const next = event.key === 'Home' ? 1 : event.key === 'End' ? TAWNY_STEPS.length : by === undefined ? null : value + by;
          if (next === null) return;
          event.preventDefault();
          (onSettle ?? onChange)(Math.min(TAWNY_STEPS.length, Math.max(1, next)));
        }}
        className="absolute inset-0 h-full w-full cursor-ew-resize opacity-0 focus-visible:opacity-100"
        style={{ appearance: 'none', background: 'transparent' }}
      />
    </div>
  );
};
