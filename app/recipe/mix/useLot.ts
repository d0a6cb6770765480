import type { Formula, ParsedFormula } from '../../../core/formula/index.ts';
import type { NewLotEvent } from '../../../core/log/index.ts';
import { headerOf, lotToPourFrom, newLot } from '../../../core/lot/index.ts';
import { wallNow } from '../../clock/index.ts';
import type { Session } from '../../session/index.ts';
import { commands, newId, useDo } from '../../store/index.ts';

/** The bowl that stands mixed from this formula, and what happens to it; one is begun where none is. */
export const useLot = (session: Session, formula: Formula, reading: ParsedFormula) => {
  const carryOut = useDo();
  const lot = lotToPourFrom(session.lots, formula, wallNow());
  const note = async (...events: NewLotEvent[]): Promise<void> => {
    const at = wallNow();
    const header =
      lot === null
        ? newLot(newId(), formula, { madeAt: at, mass_g: reading.totalMass_g, temperature_C: session.workspace.batter_C })
        : headerOf(lot);
    await carryOut(commands.noteLot(header, events, at));
  };
  return { lot, note };
};
