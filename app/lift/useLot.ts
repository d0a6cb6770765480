import type { Lot } from '../../core/log/index.ts';
import { isOpenLot } from '../../core/log/index.ts';
import type { Formula, ParsedFormula } from '../../core/formula/index.ts';
import type { Session } from '../session/index.ts';
import { openLot } from '../session/index.ts';
import { useKitchen } from '../store/index.ts';

type NewLotEvent = Lot['events'][number] extends infer E ? (E extends { seq: number; at: number } ? Omit<E, 'seq' | 'at'> : never) : never;

const TODAY_MS = 12 * 3_600_000;

/** The bowl that stands mixed from this formula, and what happens to it; one is begun where none is. */
export const useLot = (session: Session, formula: Formula, reading: ParsedFormula) => {
  const kitchen = useKitchen();
  const now = Date.now();
  const lot =
    openLot(session.lots, formula, now) ??
    session.lots
      .filter(
        (l) => l.formulaId === formula.id && l.formulaRev === formula.rev && isOpenLot(l) && now - l.madeAt < TODAY_MS && l.madeAt <= now,
      )
      .sort((a, b) => b.madeAt - a.madeAt)[0] ??
    null;
  const note = async (...events: NewLotEvent[]): Promise<void> => {
    const at = Date.now();
    const bowl: Lot = lot ?? {
      id: crypto.randomUUID(),
      formulaId: formula.id,
      formulaRev: formula.rev,
      name: formula.name,
      madeAt: at,
      mass_g: Math.max(0.1, reading.totalMass_g),
      temperature_C: session.workspace.batter_C,
      weighed: [],
      events: [],
    };
    const added = events.map((event, i): Lot['events'][number] => ({ ...event, seq: bowl.events.length + i, at }));
    await kitchen.put('lots', { ...bowl, events: [...bowl.events, ...added] });
  };
  return { lot, note };
};
