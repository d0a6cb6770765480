import { useState } from 'react';
import type { Kit } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { meanThickness_m, plateMachine, PRESET_IRONS, preheatTime_s, settingRange } from '../../core/plate/index.ts';
import { describeSentence } from '../../words/index.ts';
import { clock, Metric, NumberEntry, Sheet } from '../look/index.ts';
import type { Described } from './described.ts';
import { describedFrom, ironFrom } from './described.ts';
import { IronPlan } from './IronPlan.tsx';
import { IronSection } from './IronSection.tsx';
import { newId } from '../store/index.ts';
import { Choose, Tick } from './choices.tsx';

type Props = { readonly kit: Kit; readonly onSave: (iron: Iron) => void; readonly onClose: () => void };

const LIKE: Readonly<Record<string, string>> = {
  wafer: 'wafers',
  'ball-pan': 'balls',
  'thin-round': 'thin, round',
  'thin-square-4': 'thin, four squares',
  'deep-round': 'deep, round',
  mini: 'small',
};

/** A new iron from what a ruler, a jug and its rating plate say, drawn to scale as it is described. */
export const DescribeSheet = ({ kit, onSave, onClose }: Props) => {
  const [base, setBase] = useState<Iron>(PRESET_IRONS.find((iron) => iron.id === 'deep-round') ?? PRESET_IRONS[0]!);
  const [d, setD] = useState<Described>(() => ({ ...describedFrom(base), name: 'My iron' }));
  const change = (changes: Partial<Described>): void => setD((before) => ({ ...before, ...changes }));
  const measure = (sizes: Partial<Described['ruler']>): void => setD((before) => ({ ...before, ruler: { ...before.ruler, ...sizes } }));
  const made = ironFrom({ ...base, id: 'new', rev: 1, kind: base.kind }, d);
  const iron = made.ok ? made.value : null;
  const machine = iron === null ? null : plateMachine(iron);
  const range = iron === null ? null : settingRange(iron);
  const hotAfter_s = machine === null ? 0 : preheatTime_s(machine, range === null ? d.low_C : (range.min_C + range.max_C) / 2, kit.room_C);
  const { ruler } = d;
  const like = (next: Iron): void => {
    setBase(next);
    setD({ ...describedFrom(next), name: d.name });
  };
  const size = (key: 'outer_mm' | 'floor_mm' | 'depth_mm' | 'wall_mm', label: string, min: number, max: number) => (
    // What is dragged in the drawing shows in its entry too.
    <NumberEntry
      key={`${base.id}/${key}/${document.activeElement?.getAttribute('role') === 'slider' ? ruler[key] : ''}`}
      narrow
      label={label}
      value={ruler[key]}
      min={min}
      max={max}
      onChange={(value) => value !== null && measure({ [key]: value })}
    />
  );
  return (
    <Sheet title="Describe an iron" open onClose={onClose} wide="very">
      <div className="flex flex-wrap items-center gap-2" role="radiogroup" aria-label="Most like">
        <span className="mr-1 text-quiet">It is most like</span>
        {PRESET_IRONS.map((preset) => (
          <button
            key={preset.id}
            type="button"
            role="radio"
            aria-checked={base.id === preset.id}
            className={`min-h-11 rounded-full border-2 px-4 font-semibold ${base.id === preset.id ? 'border-act bg-act text-white' : 'border-line'}`}
            onClick={() => like(preset)}
          >
            {LIKE[preset.id] ?? preset.name}
          </button>
        ))}
      </div>
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)_400px] gap-6 max-lg:grid-cols-1">
        <div key={base.id} className="flex flex-col gap-4">
          <div className="grid grid-cols-4 gap-x-3 gap-y-2 max-sm:grid-cols-2">
            <label className="col-span-2 flex flex-col gap-1 text-[15px]">
              Name
              <input className="entry" maxLength={80} value={d.name} onChange={(event) => change({ name: event.target.value })} />
            </label>
            <Choose
              label="Outline"
              value={ruler.outline}
              options={{ round: 'round', square: 'square' }}
              onChange={(outline) => measure({ outline })}
            />
            <NumberEntry
              narrow
              whole
              label="Moulds"
              value={d.moulds}
              min={1}
              max={12}
              onChange={(value) => value !== null && change({ moulds: value })}
            />
            {size('outer_mm', ruler.outline === 'round' ? 'Across one, mm' : 'Side of one, mm', 30, 400)}
            <NumberEntry
              narrow
              whole
              label="Pockets across"
              value={ruler.columns}
              min={1}
              max={20}
              onChange={(value) => value !== null && measure({ columns: value })}
            />
            <NumberEntry
              narrow
              whole
              label="Pockets down"
              value={ruler.rows}
              min={1}
              max={20}
              onChange={(value) => value !== null && measure({ rows: value })}
            />
            {size('wall_mm', 'Wall, mm', 0.5, 60)}
            {size('floor_mm', 'Floor, mm', 0.5, 40)}
            {size('depth_mm', 'Pocket deep, mm', 0, 40)}
            <NumberEntry
              narrow
              mayBeEmpty
              label="It holds, g"
              placeholder="if tried"
              value={d.fill_g}
              min={1}
              max={6000}
              onChange={(fill_g) => change({ fill_g })}
            />
            <Choose
              label="of"
              value={d.fillOf}
              options={{ water: 'water', rice: 'dry rice', batter: 'batter' }}
              onChange={(fillOf) => change({ fillOf })}
            />
          </div>
          <div className="grid grid-cols-4 gap-x-3 gap-y-2 max-sm:grid-cols-2">
            <NumberEntry
              narrow
              label="Watts"
              value={d.power_W}
              min={50}
              max={6000}
              onChange={(value) => value !== null && change({ power_W: value })}
            />
            <NumberEntry
              narrow
              mayBeEmpty
              label="Plates weigh, kg"
              placeholder="or thickness"
              value={d.mass_kg}
              min={0.1}
              max={40}
              onChange={(mass_kg) => change({ mass_kg })}
            />
            <NumberEntry
              narrow
              label="A plate is, mm"
              value={d.plate_mm}
              min={2}
              max={60}
              onChange={(value) => value !== null && change({ plate_mm: value })}
            />
            <Choose
              label="Plates"
              value={d.coating}
              options={{ coated: 'coated', bare: 'bare' }}
              onChange={(coating) => change({ coating })}
            />
            <Choose
              label="Heat is set by"
              value={d.control}
              options={{ dial: 'a dial in marks', thermostat: 'degrees', fixed: 'nothing', hob: 'a hob, turned by hand' }}
              onChange={(control) => change({ control })}
            />
            {d.control === 'hob' && (
              <NumberEntry
                narrow
                label="Turned every, s"
                value={d.turnEvery_s}
                min={2}
                max={600}
                onChange={(value) => value !== null && change({ turnEvery_s: value })}
              />
            )}
            {d.control === 'dial' && (
              <>
                <NumberEntry
                  narrow
                  label="Lowest mark"
                  value={d.marks[0]}
                  min={0}
                  max={100}
                  onChange={(value) => value !== null && change({ marks: [value, d.marks[1]] })}
                />
                <NumberEntry
                  narrow
                  label="Highest mark"
                  value={d.marks[1]}
                  min={0}
                  max={100}
                  onChange={(value) => value !== null && change({ marks: [d.marks[0], value] })}
                />
              </>
            )}
            <NumberEntry
              narrow
              label={d.control === 'fixed' ? 'Light out at, °C' : 'Lowest is, °C'}
              value={d.low_C}
              min={80}
              max={320}
              onChange={(value) => value !== null && change({ low_C: value })}
            />
            {d.control !== 'fixed' && (
              <NumberEntry
                narrow
                label="Highest is, °C"
                value={d.high_C}
                min={80}
                max={320}
                onChange={(value) => value !== null && change({ high_C: value })}
              />
            )}
          </div>
          <div className="flex flex-wrap gap-x-6">
            <Tick label="has a light" checked={d.light} onChange={(light) => change({ light })} />
            <Tick label="beeps" checked={d.beep} onChange={(beep) => change({ beep })} />
            <Tick label="degrees read with a probe" checked={d.probed} onChange={(probed) => change({ probed })} />
            <Tick label="is turned over" checked={d.turned} onChange={(turned) => change({ turned })} />
          </div>
          <p className="text-sm text-quiet">
            Nobody knows the degrees behind a mark for sure: leave them as they are, a few loads will tell. Fill it cold and unplugged;
            water never near a plug.
          </p>
        </div>
        <div className="flex flex-col gap-3">
          <IronSection ruler={ruler} onChange={measure} />
          {iron === null || machine === null ? (
            <p role="alert" className="border-l-3 border-ink bg-white p-3 text-[17px]">
              {made.ok ? '' : `${describeSentence(made.failure)}.`}
            </p>
          ) : (
            <div className="flex items-start gap-4">
              <IronPlan iron={iron} />
              <dl className="grid grid-cols-2 gap-x-6 gap-y-2" aria-label="Reckoned">
                <Metric
                  name="holds"
                  figure="cavity_mL"
                  value={`${Math.round(iron.geometry.cavity_mL)} mL`}
                  exact={iron.geometry.cavity_mL}
                />
                <Metric
                  name="thick"
                  figure="thickness_mm"
                  value={`${(1000 * meanThickness_m(machine)).toFixed(1)} mm`}
                  exact={1000 * meanThickness_m(machine)}
                />
                <Metric
                  name="heated"
                  figure="heated_cm2"
                  value={`${Math.round(machine.heatedArea_m2 * 1e4)} cm²`}
                  exact={machine.heatedArea_m2 * 1e4}
                />
                <Metric
                  name="stores"
                  figure="stores_kJPerK"
                  value={`${((2 * machine.capacity_JPerK) / 1000).toFixed(2)} kJ/K`}
                  exact={(2 * machine.capacity_JPerK) / 1000}
                />
                <Metric name="really hot after" figure="preheat_s" value={clock(hotAfter_s)} exact={hotAfter_s} />
              </dl>
            </div>
          )}
          <button
            type="button"
            className="button-act min-h-14"
            disabled={iron === null}
            onClick={() => iron !== null && onSave({ ...iron, id: newId(), circuitId: null })}
          >
            Put it in the kit
          </button>
        </div>
      </div>
    </Sheet>
  );
};
