import type { AdviceAnswer } from '../../../core/advise/index.ts';
import type { IronEvidence, ParsedFormula, Reckoned } from '../../../core/formula/index.ts';
import { nutritionOf } from '../../../core/formula/index.ts';
import type { Iron } from '../../../core/plate/index.ts';

/** What the written claims are compared with; null while it is reckoned. */
export const reckonedOf = (answer: AdviceAnswer | null, iron: Iron | null, reading: ParsedFormula): Reckoned | null =>
  answer === null || iron === null
    ? null
    : {
        dose_mL: answer.portion_mL / iron.geometry.moulds,
        dose_g: answer.dose_g,
        cook_s: [answer.cookTime_s.from, answer.cookTime_s.to],
        setting_C: answer.setting.temperature_C,
        dial: answer.setting.dial,
        pieces: answer.pieces,
        bowl: nutritionOf(reading, reading.totalMass_g),
        pieceShare: answer.portion_g / iron.geometry.piecesPerLoad / Math.max(1, reading.totalMass_g),
      };

/** What the iron on the bench says to a formula that is to be trusted; null while it is reckoned. */
export const ironEvidence = (answer: AdviceAnswer | null, iron: Iron | null, looseness: number | null): IronEvidence | null =>
  answer === null || iron === null || looseness === null
    ? null
    : {
        looseness,
        spreads: iron.looseness,
        dose_mL: answer.portion_mL,
        portion_g: answer.portion_g,
        pieces: answer.pieces,
        cook_s: [answer.cookTimeBand_s.p10, answer.cookTimeBand_s.p90],
      };
