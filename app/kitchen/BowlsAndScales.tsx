import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { Kit } from '../../core/kit/index.ts';
import { formOf, MATERIALS } from '../../core/kit/index.ts';
import type { Choice } from '../ui/index.ts';
import { InlineSelect, NumberEntry } from '../ui/index.ts';
import { newId } from '../store/index.ts';

type Props = { readonly kit: Kit; readonly onSave: (change: (kit: Kit) => Kit) => void };
type Material = (typeof MATERIALS)[number];

const MATERIAL_CHOICES: readonly Choice<Material>[] = MATERIALS.map((value) => ({ value, label: value }));
const FORM_CHOICES: readonly Choice<'bowl' | 'jug'>[] = [
  { value: 'bowl', label: 'bowl' },
  { value: 'jug', label: 'jug' },
];
const remove = 'grid size-11 place-items-center text-quiet hover:text-ink';

/** What the batter is made in, and what it is weighed on. */
export const BowlsAndScales = ({ kit, onSave }: Props) => (
  <div className="grid grid-cols-2 gap-8 max-lg:grid-cols-1">
    <Bowls kit={kit} onSave={onSave} />
    <Scales kit={kit} onSave={onSave} />
  </div>
);

const Bowls = ({ kit, onSave }: Props) => {
  const [name, setName] = useState('');
  const [volume, setVolume] = useState<number | null>(null);
  const [material, setMaterial] = useState<Material>('metal');
  const most = Math.max(1, ...kit.bowls.map((bowl) => bowl.volume_mL));
  const add = (): void => {
    if (name.trim() === '' || volume === null) return;
    onSave((now) => ({ ...now, bowls: [...now.bowls, { id: newId(), name: name.trim(), volume_mL: volume, material }] }));
    setName('');
  };
  return (
    <section aria-label="Bowls">
      <h2 className="text-xl">Bowls</h2>
      <ul className="mt-1">
        {kit.bowls.map((bowl) => (
          <li key={bowl.id} className="flex items-center gap-3 border-b border-line">
            <span className="w-36">{bowl.name}</span>
            <span aria-hidden className="flex-1">
              <span
                className="block h-3 rounded-b-lg border-2 border-t-0 border-ink/60"
                style={{ width: `${Math.max(6, (100 * bowl.volume_mL) / most)}%` }}
              />
            </span>
            <b className="w-24 text-right">{bowl.volume_mL.toLocaleString('en-GB')} mL</b>
            <span className="flex w-36 items-baseline gap-2 text-quiet">
              {bowl.material}
              <InlineSelect
                label={`${bowl.name} is a`}
                value={formOf(bowl)}
                choices={FORM_CHOICES}
                onChange={(form) => onSave((now) => ({ ...now, bowls: now.bowls.map((b) => (b.id === bowl.id ? { ...b, form } : b)) }))}
              />
            </span>
            <button
              type="button"
              aria-label={`Remove ${bowl.name}`}
              className={remove}
              onClick={() => onSave((now) => ({ ...now, bowls: now.bowls.filter((b) => b.id !== bowl.id) }))}
            >
              <Trash2 aria-hidden className="size-4" />
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <label className="flex flex-col gap-1 text-[15px]">
          New bowl
          <input className="entry w-40" maxLength={60} value={name} onChange={(event) => setName(event.target.value)} />
        </label>
        <NumberEntry label="to the rim, mL" value={volume} min={50} max={60_000} mayBeEmpty onChange={setVolume} />
        <span className="pb-2">
          <InlineSelect label="Made of" value={material} choices={MATERIAL_CHOICES} onChange={setMaterial} />
        </span>
        <button
          type="button"
          className="button-plain"
          disabled={name.trim() === '' || volume === null || kit.bowls.length >= 20}
          onClick={add}
        >
          <Plus aria-hidden className="size-5" /> Add
        </button>
      </div>
    </section>
  );
};

const Scales = ({ kit, onSave }: Props) => {
  const change = (id: string, changes: Partial<Kit['scales'][number]>): void =>
    onSave((now) => ({ ...now, scales: now.scales.map((scale) => (scale.id === id ? { ...scale, ...changes } : scale)) }));
  const add = (): void =>
    onSave((now) => ({
      ...now,
      scales: [...now.scales, { id: newId(), name: `Scale ${now.scales.length + 1}`, resolution_g: 0.1, most_g: 500 }],
    }));
  return (
    <section aria-label="Scales">
      <h2 className="text-xl">Scales</h2>
      <ul className="mt-1 flex flex-col gap-2">
        {kit.scales.map((scale) => (
          <li key={scale.id} className="flex flex-wrap items-end gap-3">
            <b className="w-32 pb-2.5">{scale.name}</b>
            <NumberEntry
              label="reads, g"
              value={scale.resolution_g}
              min={0.01}
              max={50}
              onChange={(value) => value !== null && change(scale.id, { resolution_g: value })}
            />
            <NumberEntry
              label="bears, g"
              value={scale.most_g}
              min={1}
              max={60_000}
              onChange={(value) => value !== null && change(scale.id, { most_g: value })}
            />
            <button
              type="button"
              aria-label={`Remove ${scale.name}`}
              className={remove}
              onClick={() => onSave((now) => ({ ...now, scales: now.scales.filter((s) => s.id !== scale.id) }))}
            >
              <Trash2 aria-hidden className="size-4" />
            </button>
          </li>
        ))}
      </ul>
      <button type="button" className="button-plain mt-2" disabled={kit.scales.length >= 6} onClick={add}>
        <Plus aria-hidden className="size-5" /> Add a scale
      </button>
    </section>
  );
};
