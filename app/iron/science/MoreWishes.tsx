import type { KeyboardEvent, PointerEvent } from 'react';
import type { WishedTarget } from '../../../core/cook/index.ts';
import { densityOfLightness } from '../../../core/advise/index.ts';
import { useDrag } from '../../ui/index.ts';

/** What is wished of a piece; null: as is usual, as it comes, as the batter gives. */
export type Wish = { readonly target: WishedTarget; readonly lightness: number | null };

type Props = {
  readonly wish: Wish;
  /** Whether there is a crispness to choose (there isn't for a wafer). */
  readonly hasCrisp: boolean;
  /** As it comes, 1–5; null: not known yet, or nothing to choose. */
  readonly comes: { readonly crisp: number | null; readonly lightness: number | null };
  readonly onDrag: (wish: Wish) => void;
  readonly onSettle: (wish: Wish) => void;
};

const CRISP_WORDS = ['soft', 'a little', 'crisp', 'very', 'snaps'] as const;
const LIGHTNESS_WORDS = ['airy', 'light', 'even', 'firm', 'dense'] as const;
const bounded = (value: number, least: number, most: number): number => Math.min(most, Math.max(least, value));

/** What is wanted besides colour: crispness and lightness. Dragged, tapped or by arrow keys. */
export const MoreWishes = ({ wish, hasCrisp, comes, onDrag, onSettle }: Props) => {
  const { target, lightness } = wish;
  const light = lightness ?? comes.lightness;
  const crisp = target.crisp ?? comes.crisp;
  const withTarget = (changes: Partial<WishedTarget>): Wish => ({ ...wish, target: { ...target, ...changes } });
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
      {hasCrisp && crisp !== null && (
        <Scale
          label="Crispness"
          value={crisp}
          least={1}
          most={5}
          text={`crisp ${crisp.toFixed(1)} of 5`}
          isFollowing={target.crisp === null}
          onRelease={() => onSettle(withTarget({ crisp: null }))}
          className="min-w-[min(15rem,100%)] flex-[4]"
          onDrag={(value) => onDrag(withTarget({ crisp: value }))}
          onSettle={(value) => onSettle(withTarget({ crisp: value }))}
        >
          <Fields words={CRISP_WORDS} />
        </Scale>
      )}
      {light !== null && (
        <Scale
          label="Lightness"
          value={light}
          least={1}
          most={5}
          text={`${densityOfLightness(light).toFixed(2)} g/mL`}
          isFollowing={lightness === null}
          className="min-w-[min(15rem,100%)] flex-[4]"
          onDrag={(value) => onDrag({ ...wish, lightness: value })}
          onSettle={(value) => onSettle({ ...wish, lightness: value })}
          onRelease={() => onSettle({ ...wish, lightness: null })}
        >
          <Fields words={LIGHTNESS_WORDS} />
        </Scale>
      )}
    </div>
  );
};

const Fields = ({ words }: { readonly words: readonly string[] }) =>
  words.map((word) => (
    <span key={word} className="grid flex-1 place-items-center rounded-sm bg-track text-[13px] leading-none">
      {word}
    </span>
  ));

type ScaleProps = {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly text: string;
  readonly className: string;
  readonly onDrag: (value: number) => void;
  readonly onSettle: (value: number) => void;
  /** The mark only follows what comes; nothing is wished yet. */
  readonly isFollowing?: boolean;
  readonly following?: string;
  readonly onRelease?: () => void;
  readonly children: React.ReactNode;
};

/** A scale of equal fields with a mark between them; whole numbers lie in the middle of their field. */
const Scale = ({
  label,
  value,
  least,
  most,
  text,
  className,
  onDrag,
  onSettle,
  isFollowing = false,
  following = 'as it comes',
  onRelease,
  children,
}: ScaleProps) => {
  const fields = most - least + 1;
  const valueAt = (event: PointerEvent<HTMLDivElement>): number => {
    const box = event.currentTarget.getBoundingClientRect();
    const raw = ((event.clientX - box.left) / box.width) * fields + least - 0.5;
    return bounded(Math.round(raw * 10) / 10, least, most);
  };
  const onKey = (event: KeyboardEvent): void => {
    const by = { ArrowRight: 0.5, ArrowUp: 0.5, ArrowLeft: -0.5, ArrowDown: -0.5, PageUp: 1, PageDown: -1 }[event.key];
    const next = event.key === 'Home' ? least : event.key === 'End' ? most : by === undefined ? null : value + by;
    if (next === null) return;
    event.preventDefault();
    onSettle(bounded(next, least, most));
  };
  const drag = useDrag<null, HTMLDivElement>({
    start: (event) => {
      onDrag(valueAt(event));
      return null;
    },
    move: (event) => onDrag(valueAt(event)),
    end: (event) => onSettle(valueAt(event)),
  });
  return (
    <div className={className}>
      <p className="mb-1 flex justify-between text-[15px]">
        <span className="text-quiet">{label}</span>
        {isFollowing ? (
          <span>
            {following}, {text}
          </span>
        ) : (
          <span className="flex gap-2">
            <strong>{text}</strong>
            {onRelease !== undefined && (
              <button type="button" className="font-semibold text-act underline underline-offset-2" onClick={onRelease}>
                {following}
              </button>
            )}
          </span>
        )}
      </p>
      <div
        role="slider"
        tabIndex={0}
        aria-label={label}
        aria-valuemin={least}
        aria-valuemax={most}
        aria-valuenow={value}
        aria-valuetext={isFollowing ? `${following}, ${text}` : text}
        className="relative flex h-11 cursor-ew-resize touch-none gap-0.5"
        onKeyDown={onKey}
        {...drag.handlers}
      >
        {children}
        <span
          aria-hidden
          className="absolute -top-1.5 -bottom-1.5 w-3 -translate-x-1/2"
          style={{ left: `${(100 * (value - least + 0.5)) / fields}%` }}
        >
          <svg viewBox="0 0 12 12" className={`absolute top-0 size-3 stroke-page ${isFollowing ? 'fill-quiet/50' : 'fill-ink'}`}>
            <path d="M0 0h12L6 11z" />
          </svg>
          <svg viewBox="0 0 12 12" className={`absolute bottom-0 size-3 stroke-page ${isFollowing ? 'fill-quiet/50' : 'fill-ink'}`}>
            <path d="M0 12h12L6 1z" />
          </svg>
        </span>
      </div>
    </div>
  );
};
