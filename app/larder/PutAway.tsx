import { useState } from 'react';
import { batterKeeps_h } from '../../core/formula/index.ts';
import type { KeepForm, KeepPlace } from '../../core/keep/index.ts';
import { FROZEN_SCHOOLS, KEEP_FORMS, keepLimits, placesFor } from '../../core/keep/index.ts';
import { CODES } from '../../core/safety/index.ts';
import { dayAndTime, InlineSelect, temperature, useGuard } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { judgedHere } from '../session/index.ts';
import { wallNow } from '../clock/index.ts';
import { commands, newId, useDo } from '../store/index.ts';
import { CoolAndFreeze } from './CoolAndFreeze.tsx';
import { newItem } from './newItem.ts';
import { FORM_WORDS, PLACE_WORDS } from './words.ts';

const SCHOOL_WORDS: Readonly<Record<(typeof FROZEN_SCHOOLS)[number], string>> = { 30: 'a month', 120: 'three to five months' };

/** Four touches: what, as what, where, how much; the limit is shown before it is put away. */
export const PutAway = ({ session }: { readonly session: Session }) => {
  const { kit, formulas, formula } = session;
  const carryOut = useDo();
  const guard = useGuard();
  const [formulaId, setFormulaId] = useState(formula?.id ?? '');
  const [form, setForm] = useState<KeepForm>('pieces');
  const [place, setPlace] = useState<KeepPlace>('freezer');
  const [amount, setAmount] = useState('');
  const [name, setName] = useState('');
  const chosen = formulas.find((candidate) => candidate.id === formulaId) ?? null;
  if (chosen === null) return null;
  const places = placesFor(form);
  const where = places.includes(place) ? place : (places[0] ?? 'refrigerator');
  const now = wallNow();
  const recipe_h = batterKeeps_h(chosen.steps);
  const [preview] = keepLimits({ ...judgedHere(session), form, place: where, from: now, frozen_days: kit.frozen_days, recipe_h });
  const put = (): void => {
    const made = newItem(session, chosen, { id: newId(), form, place: where, from: now, amount: amount.trim(), usedAt: null });
    // A can is of no batter: what is in it only its own label knows.
    const item = form === 'opened' ? { ...made, lotId: null, name: name.trim(), allergens: [] } : made;
    void carryOut(commands.addKeepItem(item));
    setAmount('');
    setName('');
  };
  return (
    <section aria-label="Put away" className="border-t-2 border-ink pt-3">
      <h2 className="text-xl">Put away</h2>
      <div className="mt-2 flex flex-wrap items-baseline gap-x-3 gap-y-3 text-xl">
        {form === 'opened' ? (
          <input
            aria-label="What was opened"
            placeholder="such as coconut milk"
            className="entry w-64 text-base"
            maxLength={120}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        ) : (
          <InlineSelect
            label="What"
            value={formulaId}
            choices={formulas.map(({ id, name }) => ({ value: id, label: name }))}
            onChange={setFormulaId}
          />
        )}
        <span className="text-quiet">as</span>
        <InlineSelect
          label="As"
          value={form}
          choices={KEEP_FORMS.map((value) => ({ value, label: FORM_WORDS[value] }))}
          onChange={setForm}
        />
        <InlineSelect
          label="Where"
          value={where}
          choices={places.map((value) => ({ value, label: PLACE_WORDS[value] }))}
          onChange={setPlace}
        />
        <input
          aria-label="How much"
          placeholder="how much, such as 6 pieces"
          className="entry w-64 text-base"
          maxLength={60}
          value={amount}
          onChange={(event) => setAmount(event.target.value)}
        />
        <button type="button" className="button-act text-base" disabled={form === 'opened' && name.trim() === ''} onClick={guard(put)}>
          Put it away
        </button>
      </div>
      {form === 'pieces' && where === 'freezer' && (
        <p className="mt-2 text-[15px]">
          Good in the freezer for{' '}
          <InlineSelect
            label="Freezer rule"
            value={kit.frozen_days ?? FROZEN_SCHOOLS[0]}
            choices={FROZEN_SCHOOLS.map((days) => ({ value: days, label: SCHOOL_WORDS[days] }))}
            onChange={(frozen_days) => void carryOut(commands.changeKit((now) => ({ ...now, frozen_days })))}
          />
          : both are taught; what is put away keeps the one of its day.
        </p>
      )}
      {form === 'opened' && (
        <p className="mt-2 text-[15px]">
          Never in its tin: into a lidded box, with the day on it; what is in it stands on its own label, allergens too.
        </p>
      )}
      {form === 'pieces' && <CoolAndFreeze session={session} amount={amount} isFrozen={where === 'freezer'} />}
      {preview !== undefined && (
        <p className="mt-2 text-[15px]">
          Would be good until <b>{dayAndTime(preview.until, kit.zone)}</b> ({preview.source}).
          {where === 'refrigerator' && kit.refrigerator_C > CODES[kit.codeOfPractice].cold_C && (
            <b className="text-hazard">
              {' '}
              This refrigerator is at {temperature(kit.refrigerator_C, kit.temperatureUnit)}: too warm to count as cold.
            </b>
          )}
        </p>
      )}
    </section>
  );
};
