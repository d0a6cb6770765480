import { MeasureEntry, NumberEntry } from '../ui/index.ts';
import { useLengths } from '../session/index.ts';
import { Choose } from './choices.tsx';
import type { DescribedState } from './useDescribed.ts';

/** What a ruler and a jug say of an iron. */
export const DescribeSizes = ({ state }: { readonly state: DescribedState }) => {
  const lengths = useLengths();
  const { base, described: d, change, measure } = state;
  const { ruler } = d;
  const size = (key: 'outer_mm' | 'floor_mm' | 'depth_mm' | 'wall_mm', label: string, min: number, max: number) => (
    // What is dragged in the drawing shows in its entry too.
    <MeasureEntry
      of="length"
      unit={lengths}
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
      {size('outer_mm', ruler.outline === 'round' ? 'Across one' : 'Side of one', 30, 400)}
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
      {size('wall_mm', 'Wall', 0.5, 60)}
      {size('floor_mm', 'Floor', 0.5, 40)}
      {size('depth_mm', 'Pocket deep', 0, 40)}
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
  );
};
