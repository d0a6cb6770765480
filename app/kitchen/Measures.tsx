import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { Kit } from '../../core/kit/index.ts';
import { newId } from '../store/index.ts';
import { NumberEntry } from '../ui/index.ts';

export type PartProps = { readonly kit: Kit; readonly onSave: (change: (kit: Kit) => Kit) => void };

type MeasuresProps = PartProps & {
  readonly of: 'scoops' | 'spoons';
  readonly title: string;
  readonly one: string;
  readonly note?: string;
};

/** Scoops, or cups and spoons, side by side as they hold. */
export const Measures = ({ kit, onSave, of, title, one, note }: MeasuresProps) => {
  const [name, setName] = useState('');
  const [volume, setVolume] = useState<number | null>(null);
  const measures = kit[of];
  const add = (): void => {
    if (name.trim() === '' || volume === null) return;
    onSave((now) => ({ ...now, [of]: [...now[of], { id: newId(), name: name.trim(), volume_mL: volume }] }));
    setName('');
  };
  return (
    <section aria-label={title}>
      <h2 className="text-xl">{title}</h2>
      {note !== undefined && <p className="text-[15px] text-quiet">{note}</p>}
      <ul className="mt-2 flex flex-wrap items-end gap-5">
        {measures.map((measure) => (
          <li key={measure.id} className="flex flex-col items-center text-[15px]">
            <svg aria-hidden width={70} height={54} viewBox="0 0 70 54">
              <path
                d={`M${35 - bowl(measure.volume_mL)} ${52 - bowl(measure.volume_mL)}a${bowl(measure.volume_mL)} ${bowl(measure.volume_mL)} 0 0 0 ${2 * bowl(measure.volume_mL)} 0z`}
                fill="var(--color-band)"
                stroke="var(--color-ink)"
              />
            </svg>
            {measure.name}
            <b>{measure.volume_mL} mL</b>
            <button
              type="button"
              aria-label={`Remove ${measure.name}`}
              className="grid size-11 place-items-center text-quiet hover:text-ink"
              onClick={() => onSave((now) => ({ ...now, [of]: now[of].filter((m) => m.id !== measure.id) }))}
            >
              <Trash2 aria-hidden className="size-4" />
            </button>
          </li>
        ))}
        <li className="flex flex-wrap items-end gap-2">
          <label className="flex flex-col gap-1 text-[15px]">
            New {one}
            <input className="entry" maxLength={60} value={name} onChange={(event) => setName(event.target.value)} />
          </label>
          <NumberEntry label="holds, mL" value={volume} min={0.5} max={2000} mayBeEmpty onChange={setVolume} />
          <button
            type="button"
            className="button-plain"
            disabled={name.trim() === '' || volume === null || measures.length >= 20}
            onClick={add}
          >
            <Plus aria-hidden className="size-5" /> Add
          </button>
        </li>
      </ul>
    </section>
  );
};

/** Radius of a half ball of this volume, in pixels. */
const bowl = (volume_mL: number): number => Math.min(34, 4.2 * Math.cbrt((3 * volume_mL) / (2 * Math.PI)));
