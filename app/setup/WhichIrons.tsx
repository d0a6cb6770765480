import { Plus } from 'lucide-react';
import { useState } from 'react';
import type { Iron } from '../../core/plate/index.ts';
import { controlRange, PRESET_IRONS } from '../../core/plate/index.ts';
import { DescribeSheet, IronForm, IronPlan } from '../kitchen/index.ts';
import { InlineSelect, NumberEntry } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { commands, useDo } from '../store/index.ts';

/** What most irons of a shape are called. */
const SHAPES: Readonly<Record<string, string>> = {
  'deep-round': 'Deep round',
  'thin-round': 'Thin round',
  'thin-square-4': 'Thin, four squares',
  mini: 'Small',
  'ball-pan': 'Ball pan',
  wafer: 'Wafers',
};

type SetBy = Iron['control']['type'];
const SET_BY: readonly { readonly value: SetBy; readonly label: string }[] = [
  { value: 'dial', label: 'a dial with marks' },
  { value: 'thermostat', label: 'degrees' },
  { value: 'fixed', label: 'no control, only a light' },
];

/** Marks that most dials have; what they mean is learned from the loads. */
const USUAL_MARKS = { min: 1, max: 5 } as const;
/** An iron without a setting is held in the upper half of what dials reach. */
const LIGHT_AT = 0.6;

/** The same iron, set by something else: the degrees behind it stay where they were. */
const withSetBy = (iron: Iron, type: SetBy): Iron => {
  const [low_C, high_C] = iron.control.type === 'fixed' ? [135, 215] : controlRange(iron.control);
  if (type === 'fixed') return { ...iron, control: { type, cutOut_C: Math.round(low_C + LIGHT_AT * (high_C - low_C)) } };
  if (type === 'thermostat') return { ...iron, control: { type, min_C: low_C, max_C: high_C } };
  return { ...iron, control: { type: 'dial', ...USUAL_MARKS, atMin_C: low_C, atMax_C: high_C } };
};

/** The shapes there are, drawn to one scale: touched, an iron of that shape stands in the kit. */
export const WhichIrons = ({ session }: { readonly session: Session }) => {
  const { kit, irons, workspace } = session;
  const carryOut = useDo();
  const [describing, setDescribing] = useState(false);
  const [measured, setMeasured] = useState<Iron | null>(null);
  const has = (id: string): boolean => irons.some((iron) => iron.id === id);
  const toggle = (preset: Iron): void => void carryOut(commands.toggleIron(preset, workspace));
  return (
    <>
      <ul className="grid grid-cols-3 gap-3 max-sm:grid-cols-2">
        {Object.entries(SHAPES).flatMap(([id, words]) => {
          const preset = PRESET_IRONS.find((iron) => iron.id === id);
          return preset === undefined
            ? []
            : [
                <li key={id}>
                  <button
                    type="button"
                    aria-pressed={has(id)}
                    className={`flex w-full flex-col items-center rounded-lg border-2 p-2 ${has(id) ? 'border-act bg-act-soft' : 'border-line bg-sheet hover:border-act'}`}
                    onClick={() => toggle(preset)}
                  >
                    <IronPlan iron={preset} />
                    <b className="font-display text-lg">{words}</b>
                  </button>
                </li>,
              ];
        })}
      </ul>
      <button type="button" className="button-plain mt-3" onClick={() => setDescribing(true)}>
        <Plus aria-hidden className="size-5" /> Describe another iron
      </button>
      {irons.length > 0 && (
        <ul aria-label="Your irons" className="mt-4 flex flex-col gap-2">
          {irons.map((iron) => (
            <li key={iron.id} className="flex flex-wrap items-end gap-x-5 gap-y-2 border-b border-line pb-2">
              <b className="w-40 self-center font-display text-lg">{iron.name}</b>
              <NumberEntry
                key={iron.plates.power_W}
                narrow
                label="Watts"
                value={iron.plates.power_W}
                min={50}
                max={6000}
                whole
                onChange={(power_W) => {
                  if (power_W !== null && power_W !== iron.plates.power_W)
                    void carryOut(commands.reviseIron(iron, (now) => ({ ...now, plates: { ...now.plates, power_W } })));
                }}
              />
              <span className="pb-2">
                set by{' '}
                <InlineSelect
                  label={`${iron.name} is set by`}
                  value={iron.control.type}
                  choices={iron.control.type === 'hob' ? [{ value: 'hob', label: 'a hob' }, ...SET_BY] : SET_BY}
                  onChange={(type) => {
                    if (type !== iron.control.type && type !== 'hob')
                      void carryOut(commands.reviseIron(iron, (now) => withSetBy(now, type)));
                  }}
                />
              </span>
              <button
                type="button"
                className="min-h-11 font-semibold text-act underline underline-offset-2"
                onClick={() => setMeasured(iron)}
              >
                More
              </button>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-2 max-w-prose text-[15px] text-quiet">
        We start with the sizes and watts of a common iron of that shape. Your first loads correct them.
      </p>
      {describing && (
        <DescribeSheet
          kit={kit}
          onClose={() => setDescribing(false)}
          onSave={(iron) => {
            setDescribing(false);
            return carryOut(commands.addIron(iron, workspace));
          }}
        />
      )}
      {measured !== null && (
        <IronForm
          iron={measured}
          kit={kit}
          onClose={() => setMeasured(null)}
          onSave={(next) => carryOut(commands.reviseIron(measured, next))}
        />
      )}
    </>
  );
};
