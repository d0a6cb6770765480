import type { IronWithBatter } from '../../../core/fit/index.ts';
import { settingsOf } from '../../../core/fit/index.ts';
import { dialMark } from '../../../core/plate/index.ts';
import { useKey } from '../../keys/index.ts';
import { useDegrees } from '../../session/index.ts';
import { dialMarkText, grams, temperature } from '../../ui/index.ts';

export type PourChoice = { readonly portion_g: number; readonly setting_C: number };

/** How hot and how much: all that can be chosen before the lid closes. */
export const Pour = ({
  pairing,
  full_g,
  choice,
  disabled,
  onChange,
  onPour,
}: {
  readonly pairing: IronWithBatter;
  readonly full_g: number;
  readonly choice: PourChoice;
  readonly disabled: boolean;
  readonly onChange: (choice: PourChoice) => void;
  readonly onPour: () => void;
}) => {
  const { iron } = pairing;
  const unit = useDegrees();
  const pourKey = useKey('practice.pour');
  const [low, high] = settingsOf(iron);
  const dial = dialMark(iron, choice.setting_C);
  const heat = dial === null ? temperature(choice.setting_C, unit) : `dial ${dialMarkText(dial)}`;
  return (
    <fieldset disabled={disabled} className="flex flex-col gap-5">
      <legend className="sr-only">Pour</legend>
      {low === high ? (
        <p className="text-[17px]">Nothing to set: it is as hot as it is when its light goes out.</p>
      ) : (
        <Slide
          label="Heat"
          value={choice.setting_C}
          min={low}
          max={high}
          step={(high - low) / 40}
          text={heat}
          onChange={(setting_C) => onChange({ ...choice, setting_C })}
        />
      )}
      <Slide
        label="Pour"
        value={choice.portion_g}
        min={0.55 * full_g}
        max={1.6 * full_g}
        step={full_g / 50}
        text={`${grams(choice.portion_g)} g`}
        onChange={(portion_g) => onChange({ ...choice, portion_g })}
      />
      <button type="button" className="button-act min-h-16 text-xl" aria-keyshortcuts={pourKey} onClick={onPour}>
        Pour and close
      </button>
    </fieldset>
  );
};

const Slide = ({
  label,
  value,
  min,
  max,
  step,
  text,
  onChange,
}: {
  readonly label: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  readonly text: string;
  readonly onChange: (value: number) => void;
}) => (
  <div className="flex flex-col gap-1">
    <div className="flex items-baseline justify-between">
      <span className="text-quiet">{label}</span>
      <b className="figure text-3xl">{text}</b>
    </div>
    <div className="flex items-center gap-2">
      <button
        type="button"
        aria-label={`${label}: less`}
        className="button-plain w-14 shrink-0 text-2xl"
        onClick={() => onChange(Math.max(min, value - 2 * step))}
      >
        −
      </button>
      <input
        type="range"
        aria-label={label}
        aria-valuetext={text}
        className="h-11 min-w-0 flex-1 accent-act"
        min={min}
        max={max}
        step={step}
        value={value}
        onChange={(event) => onChange(Number(event.target.value))}
      />
      <button
        type="button"
        aria-label={`${label}: more`}
        className="button-plain w-14 shrink-0 text-2xl"
        onClick={() => onChange(Math.min(max, value + 2 * step))}
      >
        +
      </button>
    </div>
  </div>
);
