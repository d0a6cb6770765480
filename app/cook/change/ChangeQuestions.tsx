import type { ReactNode } from 'react';
import type { ChangedMorning, MorningChange } from '../../../core/run/index.ts';
import { MOST_HANDS } from '../../../core/run/index.ts';
import { InlineSelect, NumberEntry } from '../../ui/index.ts';
import type { PlannedRun } from '../../session/index.ts';

/** What is asked: the power is off on one circuit, or (null) everywhere. */
export type Asked = Omit<MorningChange, 'offIronIds'> & { readonly circuitId: string | null };

type Props = { readonly planned: PlannedRun; readonly asked: Asked; readonly set: (changes: Partial<Asked>) => void };

/** One touch says it, a second one takes it back. */
const Choice = ({ isOn, label, onClick, children }: { isOn: boolean; label?: string; onClick: () => void; children: ReactNode }) => (
  <button
    type="button"
    aria-pressed={isOn}
    aria-label={label}
    className={`min-h-16 rounded-lg border-2 px-4 text-lg font-semibold ${isOn ? 'border-act bg-act text-white' : 'border-line bg-white'}`}
    onClick={onClick}
  >
    {children}
  </button>
);

export const GuestsChanged = ({ planned: { dishes }, asked, set }: Props) => (
  <fieldset className="flex flex-wrap items-end gap-2">
    <legend className="mb-1">Guests</legend>
    {dishes.length > 1 && (
      <span className="w-full text-xl">
        for{' '}
        <InlineSelect
          label="Of which dish"
          value={asked.dishId}
          choices={dishes.map(({ dish, formula }) => ({ value: dish.id, label: formula.name }))}
          onChange={(dishId) => set({ dishId })}
        />
      </span>
    )}
    {[-4, 2, 6, 12].map((guests) => (
      <Choice key={guests} isOn={asked.guests === guests} onClick={() => set({ guests: asked.guests === guests ? 0 : guests })}>
        {guests > 0 ? `${guests} more` : `${-guests} fewer`}
      </Choice>
    ))}
    <NumberEntry
      narrow
      label="or more"
      value={null}
      placeholder="0"
      min={-2000}
      max={2000}
      whole
      mayBeEmpty
      onChange={(guests) => set({ guests: guests ?? 0 })}
    />
  </fieldset>
);

export const ItIsLater = ({ asked, set }: Omit<Props, 'planned'>) => (
  <fieldset className="flex flex-wrap gap-2">
    <legend className="mb-1">It is later</legend>
    {[5, 10, 20, 40].map((late_min) => (
      <Choice
        key={late_min}
        isOn={asked.late_min === late_min}
        onClick={() => set({ late_min: asked.late_min === late_min ? 0 : late_min })}
      >
        {late_min} min
      </Choice>
    ))}
  </fieldset>
);

/** `cut`: what becomes of it; null: it isn't known yet. */
export const PowerIsOff = ({ planned, asked, set, cut }: Props & { readonly cut: ChangedMorning['cut'] | null }) => {
  const { irons, request } = planned;
  const circuits = (request?.circuits ?? []).filter(({ id }) => irons.some(({ circuitId }) => circuitId === id));
  return (
    <fieldset className="flex flex-wrap items-center gap-2">
      <legend className="mb-1">The power is off for</legend>
      {[2, 5, 10, 20].map((off_min) => (
        <Choice
          key={off_min}
          label={`Power off for ${off_min} min`}
          isOn={asked.off_min === off_min}
          onClick={() => set({ off_min: asked.off_min === off_min ? 0 : off_min })}
        >
          {off_min} min
        </Choice>
      ))}
      {circuits.length > 0 && asked.off_min > 0 && (
        <span className="text-xl">
          on{' '}
          <InlineSelect
            label="Which circuit"
            value={asked.circuitId}
            choices={[{ value: null, label: 'everything' }, ...circuits.map(({ id, name }) => ({ value: id, label: name }))]}
            onChange={(circuitId) => set({ circuitId })}
          />
        </span>
      )}
      {asked.off_min > 0 && cut !== null && (
        <p className="w-full text-[15px]" data-power={cut.without.length === 0 ? 'wait' : 'without'}>
          {cut.without.length === 0
            ? `Everything ${Math.round(cut.late_s / 60)} minutes later: off, and hot again.`
            : `On without ${irons
                .filter(({ id }) => cut.without.includes(id))
                .map(({ name }) => name)
                .join(' and ')}: that is over sooner than waiting.`}{' '}
          What is in an iron stays in it, lid closed: it goes on a little from the plates, then waits; look before it is taken out. A fuse
          that goes again is for a licensed electrician; take an iron off that circuit first.
        </p>
      )}
    </fieldset>
  );
};

export const IronIsOut = ({ planned: { irons }, asked, set }: Props) => (
  <fieldset className="flex flex-wrap gap-2">
    <legend className="mb-1">An iron is out</legend>
    {irons.map(({ id, name }) => (
      <Choice key={id} isOn={asked.without === id} onClick={() => set({ without: asked.without === id ? null : id })}>
        {name}
      </Choice>
    ))}
  </fieldset>
);

export const HandsThere = ({ asked, set }: Omit<Props, 'planned'>) => (
  <fieldset className="flex flex-wrap gap-2">
    <legend className="mb-1">Cooks</legend>
    {Array.from({ length: MOST_HANDS }, (_, i) => i + 1).map((hands) => (
      <Choice key={hands} isOn={asked.hands === hands} onClick={() => set({ hands })}>
        {hands}
      </Choice>
    ))}
  </fieldset>
);
