import type { ReactNode } from 'react';
import type { Kit } from '../../../core/kit/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { clock, dialMarkText, grams, temperature } from '../words/format.ts';
import { scoopsFor } from '../words/scoops.ts';
import { Dial, LidClock, Scoops } from './Instruments.tsx';

/** What an iron is set to, filled with and how long it is closed. */
export type IronAnswer = {
  readonly setting: { readonly chosen: string; readonly dial: number | null; readonly temperature_C: number };
  readonly portion_mL: number;
  readonly dose_g: number;
  readonly cookTime_s: { readonly from: number; readonly best: number; readonly to: number };
};

type Props = {
  readonly answer: IronAnswer;
  readonly iron: Iron;
  readonly kit: Pick<Kit, 'scoops' | 'temperatureUnit'>;
  /** Beside the minutes. */
  readonly closedNote?: string;
};

/** More marks run into one another on the drawing. */
const MOST_MARKS = 13;

/** The iron's own dial, turned to a mark. */
export const DialOf = ({ iron, dial }: { readonly iron: Pick<Iron, 'control'>; readonly dial: number }) => {
  const { min, max } = iron.control.type === 'dial' ? iron.control : { min: 1, max: 6 };
  return <Dial mark={dial - min + 1} marks={Math.min(MOST_MARKS, Math.round(max - min) + 1)} label={`Dial at ${dialMarkText(dial)}`} />;
};

/** Dial, scoops and minutes with their drawings, as they hang on a wall. */
export const IronSettings = ({ answer: { setting, portion_mL, dose_g, cookTime_s }, iron, kit, closedNote = 'closed' }: Props) => {
  const { moulds } = iron.geometry;
  const scoops = scoopsFor(portion_mL / moulds, kit.scoops);
  const each = moulds > 1 ? `${moulds} × ` : '';
  const { best, from, to } = cookTime_s;
  return (
    <ul className="mt-2 flex flex-col gap-1 [&_svg]:size-14">
      {setting.chosen !== 'fixed' && (
        <Setting
          picture={setting.dial !== null && <DialOf iron={iron} dial={setting.dial} />}
          figure={setting.dial === null ? temperature(setting.temperature_C, kit.temperatureUnit) : dialMarkText(setting.dial)}
          name={setting.dial === null ? 'set' : 'dial'}
        />
      )}
      <Setting
        picture={<Scoops count={scoops?.count ?? 1} label="scoops" />}
        figure={`${each}${scoops === null ? `${grams(dose_g)}\u00a0g` : scoops.count}`}
        name={scoops === null ? 'each' : `${scoops.name}${scoops.after === '' ? '' : `, ${scoops.after}`} (${grams(dose_g)}\u00a0g)`}
      />
      <Setting picture={<LidClock best_s={best} good_s={[from, to]} label="closed" />} figure={clock(best)} name={closedNote} />
    </ul>
  );
};

const Setting = ({ picture, figure, name }: { readonly picture: ReactNode; readonly figure: string; readonly name: string }) => (
  <li className="flex items-center gap-3">
    {picture}
    <div>
      <p className="figure text-[30pt]">{figure}</p>
      <p className="text-[11pt] leading-tight font-semibold">{name}</p>
    </div>
  </li>
);
