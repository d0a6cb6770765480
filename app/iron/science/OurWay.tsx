import { useState } from 'react';
import type { Formula } from '../../../core/formula/index.ts';
import { LIMITS } from '../../../core/basis/index.ts';
import type { OwnWay } from '../../../core/kit/index.ts';
import { ownWayOf, withOwnWay } from '../../../core/kit/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import type { ChosenSetting } from '../../ui/index.ts';
import { clock, dialMarkText, grams, NumberEntry, SettingEntry, Sheet, temperature } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { commands, useDo } from '../../store/index.ts';
import type { AdviceJob, AdviceReply } from '../../workers/index.ts';
import { useAdvice } from '../../workers/index.ts';

type Props = {
  readonly session: Session;
  readonly iron: Iron;
  readonly formula: Pick<Formula, 'id' | 'name'>;
  readonly job: AdviceJob;
  readonly reply: AdviceReply;
};

/** A portion, a setting or a time that is kept for this iron with this formula; beside it what would be advised, and what it costs. */
export const OurWay = ({ session, iron, formula, job, reply }: Props) => {
  const { kit } = session;
  const carryOut = useDo();
  const [open, setOpen] = useState(false);
  const own = ownWayOf(kit.ownWays, { ironId: iron.id, formulaId: formula.id });
  // As it would be advised without: only asked where there is something to compare.
  const { portion_g: _, cookTime_s: __, ...free } = { ...job, setting_C: null };
  const advised = useAdvice(own === null ? null : free).data;
  const instead = advised?.ok === true ? advised.value.answer : null;
  const settled = ({ portion_g, setting, cookTime_s }: Way): void =>
    void carryOut(
      commands.changeKit((now) => ({
        ...now,
        ownWays: withOwnWay(now.ownWays, { ironId: iron.id, formulaId: formula.id, portion_g, setting, cookTime_s }),
      })),
    );
  const words = ({ dial, temperature_C }: ChosenSetting): string =>
    dial === null ? temperature(temperature_C, kit.temperatureUnit) : `mark ${dialMarkText(dial)}`;
  const press = 'min-h-8 font-semibold text-act underline underline-offset-2';
  return (
    <>
      {own === null ? (
        <button type="button" className={press} onClick={() => setOpen(true)}>
          Use my own settings
        </button>
      ) : (
        <p className="border-l-3 border-act bg-act-soft px-3 py-1 text-[15px]" data-figure="own way" data-exact={own.portion_g ?? 0}>
          Your settings for {formula.name}:{' '}
          <b>
            {[
              own.portion_g === null ? null : `${grams(own.portion_g)} g`,
              own.setting === null ? null : words(own.setting),
              own.cookTime_s === null ? null : clock(own.cookTime_s),
            ]
              .filter((part) => part !== null)
              .join(', ')}
          </b>
          {instead !== null &&
            `, then ${own.cookTime_s === null ? `${clock(reply.answer.cookTime_s.best)} to` : own.setting === null ? `${words(reply.answer.setting)},` : ''} step ${reply.answer.tawnyStep.toFixed(1)}, crisp ${reply.answer.crisp.toFixed(1)}; we suggest ${grams(instead.portion_g)} g, ${words(instead.setting)}, ${clock(instead.cookTime_s.best)}`}
          .{' '}
          <button type="button" className={press} onClick={() => setOpen(true)}>
            Change
          </button>{' '}
          <button type="button" className={press} onClick={() => settled(NOTHING)}>
            Use our suggestion
          </button>
        </p>
      )}
      {open && (
        <OurWaySheet
          iron={iron}
          unit={kit.temperatureUnit}
          title={`${iron.name} with ${formula.name}: my settings`}
          way={own ?? NOTHING}
          advised_g={reply.answer.portion_g}
          onSettle={settled}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  );
};

type Way = Pick<OwnWay, 'portion_g' | 'setting' | 'cookTime_s'>;
const NOTHING: Way = { portion_g: null, setting: null, cookTime_s: null };

type SheetProps = {
  readonly iron: Iron;
  readonly unit: 'C' | 'F';
  readonly title: string;
  readonly way: Way;
  readonly advised_g: number;
  readonly onSettle: (way: Way) => void;
  readonly onClose: () => void;
};

const OurWaySheet = ({ iron, unit, title, way, advised_g, onSettle, onClose }: SheetProps) => {
  const { moulds } = iron.geometry;
  const [own_g, setOwn_g] = useState(way.portion_g);
  const [chosen, setChosen] = useState(way.setting);
  const [cookTime_s, setCookTime_s] = useState(way.cookTime_s);
  return (
    <Sheet title={title} open onClose={onClose}>
      <div className="flex flex-col gap-4">
        <p>What you always pour or set here, and how long. It holds everywhere and on paper. We work out what you leave empty.</p>
        <div className="flex flex-wrap items-end gap-4">
          <NumberEntry
            label={moulds > 1 ? 'Portion, g in each mould' : 'Portion, g'}
            placeholder={`suggested ${grams(advised_g / moulds)}`}
            value={own_g === null ? null : own_g / moulds}
            min={1}
            max={6000 / moulds}
            mayBeEmpty
            onChange={(value) => setOwn_g(value === null ? null : value * moulds)}
          />
          <SettingEntry
            label="Set to"
            iron={iron}
            unit={unit}
            temperature_C={chosen?.temperature_C ?? null}
            placeholder="suggested"
            mayBeEmpty
            onChange={setChosen}
          />
          <NumberEntry
            label="Closed for, min:s"
            placeholder="suggested"
            value={cookTime_s}
            asTime
            min={LIMITS.cookTime_s.min}
            max={LIMITS.cookTime_s.max}
            mayBeEmpty
            onChange={setCookTime_s}
          />
        </div>
        <button
          type="button"
          className="button-act min-h-14"
          onClick={() => {
            onSettle({ portion_g: own_g, setting: chosen, cookTime_s });
            onClose();
          }}
        >
          {own_g === null && chosen === null && cookTime_s === null ? 'As advised' : 'Use these'}
        </button>
      </div>
    </Sheet>
  );
};
