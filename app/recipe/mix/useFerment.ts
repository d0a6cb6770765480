import { useMemo, useState } from 'react';
import { batterOf } from '../../../core/cook/index.ts';
import type { Formula, ParsedFormula } from '../../../core/formula/index.ts';
import type { YeastForm, yeastedBowl } from '../../../core/lift/index.ts';
import { yeastAs } from '../../../core/lift/index.ts';
import { atmosphericPressure_Pa } from '../../../core/matter/index.ts';
import { wallNow } from '../../clock/index.ts';
import type { Session } from '../../session/index.ts';
import { commands, useDo } from '../../store/index.ts';
import type { FermentQuestion, Night } from './fermentPath.ts';
import { firstCookAt, followed, readingsOf, spanOf, warmPath } from './fermentPath.ts';
import { refusalOf } from './refusal.ts';
import { useLot } from './useLot.ts';

/** Without a density of its own a yeasted batter is taken as this, g/mL (common practice). */
const USUAL_DENSITY = 1.05;
const AIR_BEFORE_RISING = 0.02;

/** A yeasted bowl's way to the iron, as the cook sets the night and the readings bend it. */
export const useFerment = (
  session: Session,
  formula: Formula,
  reading: ParsedFormula,
  yeast: NonNullable<ReturnType<typeof yeastedBowl>>,
) => {
  const { kit } = session;
  const carryOut = useDo();
  const { lot, note } = useLot(session, formula, reading);
  const [now] = useState(wallNow);
  const [night, setNight] = useState<Night>(() => ({
    cookAt: firstCookAt(session.run?.serveAt ?? null, now),
    elapsed_h: 14,
    toCold_min: 30,
    start_C: 28,
    fridge_C: kit.refrigerator_C,
    room_C: kit.room_C,
    vessel: 'bowl',
  }));
  const [form, setForm] = useState<YeastForm>(yeast.form);
  const mixedAt = lot !== null && lot.events.some((event) => event.kind === 'moved') ? lot.madeAt : null;
  const { startAt, duration_s } = spanOf(night, mixedAt);
  const density = batterOf(reading, { batter_C: night.start_C, altitude_m: kit.altitude_m, airFraction: AIR_BEFORE_RISING });
  const readings = readingsOf(lot?.events ?? [], startAt);
  const bowl = {
    ...yeast,
    density_gPerML: density.ok ? density.value.density_gPerML : USUAL_DENSITY,
    pressure_Pa: atmosphericPressure_Pa(kit.altitude_m),
  };
  // As one text, so that the path is only followed again when something it rests on has changed.
  const question = JSON.stringify({ bowl, night, duration_s, readings } satisfies FermentQuestion);
  const path = useMemo(() => followed(JSON.parse(question) as FermentQuestion), [question]);
  /** The yeast of the formula becomes so much, told as dry yeast. */
  const takeYeast = (dry_g: number): void => {
    const mass = Number(yeastAs(dry_g, 'dry-yeast', yeast.form).toFixed(1));
    const ids = new Set(formula.lines.flatMap(({ id }, i) => (reading.lines[i]?.ingredient?.id === yeast.form ? [id] : [])));
    void carryOut(
      commands.reviseFormula(formula, (newest) => ({
        ...newest,
        parentRev: newest.rev,
        lines: newest.lines.map((line) => (ids.has(line.id) ? { ...line, edited_g: mass } : line)),
      })),
    );
  };
  return {
    ...path,
    lot,
    note,
    night,
    set: (changes: Partial<Night>): void => setNight((before) => ({ ...before, ...changes })),
    takeWarmPath: (): void => setNight((before) => warmPath(before, now)),
    form,
    setForm,
    takeYeast,
    mixedAt,
    startAt,
    duration_s,
    readings,
    bowlThatFits: [...kit.bowls].sort((a, b) => a.volume_mL - b.volume_mL).find((b) => b.volume_mL >= path.bowlNeed_mL) ?? null,
    refused: refusalOf(reading, path.path.T_C.slice(0, path.atCook + 1), path.bent.ferment.stays, kit.codeOfPractice),
  };
};

export type FermentState = ReturnType<typeof useFerment>;
