import { commands, useDo } from '../store/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import { APPEARANCES, useAppearance } from '../ui/index.ts';

const NAMES = { system: 'As this device', light: 'Light', dark: 'Dark' } as const;

/** Light or dark, of the pages and of Cook. */
export const Appearance = ({ kit }: { readonly kit: Kit }) => {
  const [appearance, choose] = useAppearance();
  const carryOut = useDo();
  return (
    <section aria-label="Appearance" className="flex flex-col gap-5">
      <h2 className="text-[26px]">Appearance</h2>
      <fieldset className="flex flex-wrap gap-3">
        <legend className="mb-2 text-lg">Pages</legend>
        {APPEARANCES.map((one) => (
          <label
            key={one}
            className={`flex min-h-14 items-center gap-2 rounded-xl border-2 px-5 text-lg font-semibold ${appearance === one ? 'border-act bg-act-soft' : 'border-line'}`}
          >
            <input type="radio" name="appearance" checked={appearance === one} onChange={() => choose(one)} className="size-5 accent-act" />
            {NAMES[one]}
          </label>
        ))}
      </fieldset>
      <label className="flex min-h-14 items-center gap-3 text-lg">
        <input
          type="checkbox"
          className="size-5 accent-act"
          checked={kit.isLineLight === true}
          onChange={() => void carryOut(commands.changeKit((now) => ({ ...now, isLineLight: now.isLineLight !== true })))}
        />
        Cook on a light ground
      </label>
    </section>
  );
};
