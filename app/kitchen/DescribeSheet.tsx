import type { Kit } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { PRESET_IRONS } from '../../core/plate/index.ts';
import { describeSentence } from '../../words/index.ts';
import { clock, measured, Metric, Sheet } from '../ui/index.ts';
import { useLengths } from '../session/index.ts';
import { DescribeHeat } from './DescribeHeat.tsx';
import { DescribeSizes } from './DescribeSizes.tsx';
import { IronPlan } from './IronPlan.tsx';
import { IronSection } from './IronSection.tsx';
import { newId } from '../store/index.ts';
import { useDescribed } from './useDescribed.ts';

type Props = { readonly kit: Kit; readonly onSave: (iron: Iron) => Promise<unknown>; readonly onClose: () => void };

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
  const lengths = useLengths();
  const state = useDescribed(kit);
  const { base, described, made, figures, measure, like } = state;
  const iron = made.ok ? made.value : null;
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
            className={`min-h-11 rounded-full border-2 px-4 font-semibold ${base.id === preset.id ? 'border-act bg-act text-page' : 'border-line'}`}
            onClick={() => like(preset)}
          >
            {LIKE[preset.id] ?? preset.name}
          </button>
        ))}
      </div>
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)_400px] gap-6 max-lg:grid-cols-1">
        <div key={base.id} className="flex flex-col gap-4">
          <DescribeSizes state={state} />
          <DescribeHeat state={state} />
          <p className="text-sm text-quiet">
            Nobody knows the degrees behind a mark for sure: leave them as they are, a few loads will tell. Fill it cold and unplugged;
            water never near a plug.
          </p>
        </div>
        <div className="flex flex-col gap-3">
          <IronSection ruler={described.ruler} onChange={measure} />
          {iron === null || figures === null ? (
            <p role="alert" className="border-l-3 border-ink bg-sheet p-3 text-[17px]">
              {made.ok ? '' : `${describeSentence(made.failure)}.`}
            </p>
          ) : (
            <div className="flex items-start gap-4">
              <IronPlan iron={iron} />
              <dl className="grid grid-cols-2 gap-x-6 gap-y-2" aria-label="Worked out">
                <Metric
                  name="holds"
                  figure="cavity_mL"
                  value={`${Math.round(iron.geometry.cavity_mL)} mL`}
                  exact={iron.geometry.cavity_mL}
                />
                <Metric
                  name="thick"
                  figure="thickness_mm"
                  value={measured(figures.thickness_mm, 'length', lengths)}
                  exact={figures.thickness_mm}
                />
                <Metric
                  name="heated"
                  figure="heated_cm2"
                  value={measured(figures.heated_cm2, 'area', lengths)}
                  exact={figures.heated_cm2}
                />
                <Metric
                  name="stores"
                  figure="stores_kJPerK"
                  value={`${figures.stores_kJPerK.toFixed(2)} kJ/K`}
                  exact={figures.stores_kJPerK}
                />
                <Metric name="really hot after" figure="preheat_s" value={clock(figures.preheat_s)} exact={figures.preheat_s} />
              </dl>
            </div>
          )}
          <button
            type="button"
            className="button-act min-h-14"
            disabled={iron === null}
            onClick={() => {
              if (iron === null) return;
              void onSave({ ...iron, id: newId(), circuitId: null }).then(state.forget);
            }}
          >
            Add this iron
          </button>
        </div>
      </div>
    </Sheet>
  );
};
