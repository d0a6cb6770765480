import { scooped_g } from '../../../core/line/index.ts';
import { useState } from 'react';
import type { Kit } from '../../../core/kit/index.ts';
import { nearestScoop } from '../../../core/kit/index.ts';
import type { Did } from '../../../core/log/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import type { ChosenSetting } from '../../ui/index.ts';
import { grams, InlineSelect, NumberEntry, SettingEntry, Sheet } from '../../ui/index.ts';

type Props = {
  readonly iron: Iron;
  readonly kit: Kit;
  /** As it stands: what was said before, or what is advised. */
  readonly portion_g: number;
  readonly setting: ChosenSetting;
  readonly density_gPerML: number;
  /** Advised to be scattered in, g; null: nothing. */
  readonly scatter_g: number | null;
  readonly said: Did;
  readonly onSay: (did: Did) => void;
  readonly onClose: () => void;
};

/** What was really poured and set, where it wasn't as advised: in grams, in scoops, on the mark. */
export const ReallyDone = ({ iron, kit, portion_g, setting, density_gPerML, scatter_g, said, onSay, onClose }: Props) => {
  const { moulds } = iron.geometry;
  const [did, setDid] = useState<Did>(said);
  const now_g = did.portion?.grams ?? portion_g;
  const say = (changes: Did): void => setDid((before) => ({ ...before, ...changes }));
  const [scoop, setScoop] = useState(
    () => kit.scoops.find(({ id }) => id === nearestScoop(portion_g / density_gPerML / moulds, kit.scoops)?.scoopId) ?? null,
  );
  const [count, setCount] = useState<number | null>(null);
  // The entry of scoops is emptied when grams are typed, and only then: never under a finger that types in it.
  const [scoopRound, setScoopRound] = useState(0);
  const scooped = (times: number | null, by: Kit['scoops'][number] | null): void => {
    if (times === null || by === null) return;
    say({ portion: { grams: scooped_g({ count: times, volume_mL: by.volume_mL, density_gPerML, moulds }), by: 'scoops' } });
  };
  const where = moulds > 1 ? ', in each mould' : '';
  const byScoops = did.portion?.by === 'scoops';
  return (
    <Sheet title={`${iron.name}: what was really done`} open onClose={onClose}>
      <div className="flex flex-col gap-5">
        <fieldset className="flex flex-wrap items-end gap-4">
          <legend className="mb-1 text-lg">Poured{where}</legend>
          <NumberEntry
            big
            // Scoops that were typed show here in grams, and the other way round.
            key={byScoops ? now_g : 'typed'}
            label="g"
            value={Math.round(now_g / moulds)}
            min={1}
            max={2000}
            onChange={(value) => {
              if (value === null) return;
              say({ portion: { grams: value * moulds, by: 'scale' } });
              if (count !== null) setScoopRound((round) => round + 1);
              setCount(null);
            }}
          />
          {scoop !== null && (
            <span className="flex items-end gap-2">
              <NumberEntry
                big
                key={scoopRound}
                label="or scoops"
                placeholder="1½"
                value={null}
                min={0.1}
                max={20}
                mayBeEmpty
                onChange={(typed) => {
                  setCount(typed);
                  scooped(typed, scoop);
                }}
              />
              <span className="pb-3">
                ×{' '}
                <InlineSelect
                  label="Scoop"
                  value={scoop.id}
                  choices={kit.scoops.map(({ id, name, volume_mL }) => ({ value: id, label: name.toLowerCase(), note: `${volume_mL} mL` }))}
                  onChange={(id) => {
                    const chosen = kit.scoops.find((one) => one.id === id) ?? null;
                    setScoop(chosen);
                    scooped(count, chosen);
                  }}
                />
              </span>
            </span>
          )}
        </fieldset>
        <div className="flex flex-wrap items-end gap-4">
          <SettingEntry
            label="Set to"
            iron={iron}
            unit={kit.temperatureUnit}
            temperature_C={(did.setting ?? setting).temperature_C}
            onChange={(chosen) => chosen !== null && say({ setting: chosen })}
          />
          <NumberEntry
            narrow
            label="Preheated, min"
            placeholder="long enough"
            value={did.preheat_s === undefined ? null : did.preheat_s / 60}
            min={0}
            max={240}
            mayBeEmpty
            onChange={(minutes) => minutes !== null && say({ preheat_s: minutes * 60 })}
          />
          <NumberEntry
            narrow
            label="Scattered in, g"
            placeholder={scatter_g === null ? 'nothing' : grams(scatter_g)}
            value={did.scattered_g ?? null}
            min={0}
            max={2000}
            mayBeEmpty
            onChange={(scattered_g) => scattered_g !== null && say({ scattered_g })}
          />
          <label className="flex min-h-12 items-center gap-2">
            <input
              type="checkbox"
              className="size-6 accent-act"
              checked={did.greased ?? false}
              onChange={(event) => say({ greased: event.target.checked })}
            />
            greased
          </label>
        </div>
        <button
          type="button"
          className="button-act min-h-16 text-xl"
          onClick={() => {
            onSay(did);
            onClose();
          }}
        >
          It was so: {grams(now_g)} g
        </button>
        <p className="text-[15px] text-quiet">Anything you leave counts as suggested. We learn from what you really did.</p>
      </div>
    </Sheet>
  );
};
