import * as z from 'zod';
import { MODEL_VERSION, roundedTo } from '../basis/index.ts';
import { isHeading } from '../formula/index.ts';
import { PARTS } from '../matter/index.ts';
import type { Advice } from './advice.ts';
import { chanceAt } from './believed.ts';

export const ANSWER_SCHEMA = 'tawny-lattice/advice@2';

const Fields = z.record(z.string(), z.union([z.number(), z.string()]));
const Seconds = z.int().min(0);
const Grams = z.number().min(0);

/** What `advise --json` prints, and what every figure of the Iron station comes from. Finite numbers or null. */
export const AdviceAnswer = z.object({
  schema: z.literal(ANSWER_SCHEMA),
  modelVersion: z.string(),
  ironId: z.string(),
  lines: z.array(
    z.object({
      text: z.string(),
      status: z.enum(['read', 'assumed', 'unresolved']),
      ingredientId: z.string().nullable(),
      grams: Grams.nullable(),
      gramsRange: z.array(Grams).length(2).nullable(),
      how: z.array(z.object({ code: z.string(), fields: Fields })),
    }),
  ),
  unresolved: z.array(z.string()),
  totalMass_g: Grams,
  bakersPercent: z.record(z.string(), z.number()).nullable(),
  composition: z.record(z.enum(PARTS), z.number().min(0).max(1)),
  portion_g: Grams,
  portion_mL: Grams,
  dose_g: Grams,
  loads: z.int().min(0),
  pieces: z.int().min(0),
  leftover_g: Grams,
  /** What all loads are poured at so that nothing is left over; null: whole portions. */
  even: z.object({ loads: z.int().min(1), portion_g: Grams }).nullable(),
  /** So many moulds that can still be filled after the whole loads; null: none. */
  part: z.object({ moulds: z.int().min(1), portion_g: Grams }).nullable(),
  plateTemperature_C: z.number(),
  setting: z.object({ temperature_C: z.number(), dial: z.number().nullable(), chosen: z.enum(['found', 'given', 'fixed']) }),
  cookTime_s: z.object({ from: Seconds, best: Seconds, to: Seconds }),
  cookTimeBand_s: z.object({ p10: Seconds, p90: Seconds }),
  coreSet_s: Seconds.nullable(),
  /** The faces let go of the plates: opened before, it splits; null: not within the longest cook. */
  letsGo_s: Seconds.nullable(),
  /** When the steam that is seen has dwindled; null where it doesn't until the load is long done, and says nothing. */
  steamDown_s: Seconds.nullable(),
  tooDry_s: Seconds.nullable(),
  waterLoss_fraction: z.number().min(0).max(1),
  tawnyStep: z.number().min(1).max(8),
  crisp: z.number().min(1).max(5),
  pieceMass_g: Grams,
  pieceDensity_gPerMl: Grams,
  boiling_C: z.number(),
  /** How many loads of this iron the figures rest on, and the chance that such a load lands (null with a portion or a time of one's own); null: the model only. */
  basis: z.object({ loads: z.int().min(0), chance: z.number().min(0).max(1).nullable() }).nullable(),
  warnings: z.array(z.object({ code: z.string(), level: z.enum(['note', 'warning', 'hazard']), fields: Fields, text: z.string() })),
});
export type AdviceAnswer = z.infer<typeof AdviceAnswer>;

/** So much later than the best moment, steam that goes down tells nobody anything. */
const STEAM_TELLS_UNTIL = 1.3;

/** Whether the steam dwindles about when the load is done; irons that need nearly all of their watts steam on to the end. */
export const steamTells = ({ cooked: { moments, window } }: Pick<Advice, 'cooked'>): boolean =>
  moments.steamDown_s !== null && moments.steamDown_s <= STEAM_TELLS_UNTIL * window.best_s;

const seconds = (value: number | null): number | null => (value === null ? null : Math.round(value));

/** The answer in print: rounded to what can be weighed or read. `say` makes the words of a finding. */
export const answerOf = (a: Advice, say: (finding: Advice['findings'][number]) => string): AdviceAnswer => {
  const { reading, believed } = a.request;
  const { window, moments } = a.cooked;
  const { composition } = a.batter;
  return {
    schema: ANSWER_SCHEMA,
    modelVersion: MODEL_VERSION,
    ironId: a.request.iron.id,
    lines: reading.lines.map((line) => ({
      text: line.text,
      status: line.status,
      ingredientId: line.ingredientId,
      grams: line.grams === null ? null : roundedTo(line.grams, 3),
      gramsRange: line.gramsRange === null ? null : line.gramsRange.map((grams) => roundedTo(grams, 3)),
      how: line.how.map(({ code, fields }) => ({ code, fields: plainFields(fields) })),
    })),
    unresolved: reading.lines.filter((line) => line.grams === null && !isHeading(line)).map((line) => line.text),
    totalMass_g: roundedTo(reading.totalMass_g, 3),
    bakersPercent: reading.bakersPercent === null ? null : roundedValues(reading.bakersPercent, 3),
    composition: roundedValues(composition, 6),
    portion_g: roundedTo(a.portion.portion_g, 2),
    portion_mL: roundedTo(a.portion.portion_mL, 2),
    dose_g: roundedTo(a.portion.dose_g, 2),
    loads: a.loads,
    pieces: a.pieces,
    leftover_g: roundedTo(a.leftover_g, 2),
    even: a.even === null ? null : { loads: a.loads, portion_g: roundedTo(a.even.portion_g, 2) },
    part: a.part === null ? null : { moulds: a.part.moulds, portion_g: roundedTo(a.part.portion_g, 2) },
    plateTemperature_C: roundedTo((a.plates.lower_C + a.plates.upper_C) / 2, 1),
    setting: {
      temperature_C: roundedTo(a.setting.temperature_C, 1),
      dial: a.setting.dial === null ? null : roundedTo(a.setting.dial, 2),
      chosen: a.setting.chosen,
    },
    cookTime_s: { from: Math.round(window.from_s), best: Math.round(window.best_s), to: Math.round(window.to_s) },
    cookTimeBand_s: { p10: Math.round(a.band_s.p10), p90: Math.round(a.band_s.p90) },
    coreSet_s: seconds(moments.coreSet_s),
    letsGo_s: seconds(moments.letsGo_s),
    steamDown_s: steamTells(a) ? seconds(moments.steamDown_s) : null,
    tooDry_s: seconds(moments.tooDry_s),
    waterLoss_fraction: roundedTo(a.waterLoss, 4),
    tawnyStep: roundedTo(a.cooked.tawny, 2),
    crisp: roundedTo(a.cooked.crisp, 2),
    pieceMass_g: roundedTo(a.pieceMass_g, 2),
    pieceDensity_gPerMl: roundedTo(a.pieceDensity_gPerML, 3),
    boiling_C: roundedTo(a.batter.boiling_C, 1),
    basis:
      believed === null
        ? null
        : {
            loads: believed.used,
            // Of another load than the one that was judged, or one that gives its colour up, nobody knows how often it lands.
            chance:
              a.request.portion_g == null && a.request.cookTime_s == null && Math.abs(a.cooked.tawny - a.request.target.tawny) <= 1
                ? roundedTo(chanceAt(believed, a.setting.temperature_C), 2)
                : null,
          },
    warnings: a.findings.map((finding) => ({ ...finding, fields: plainFields(finding.fields), text: say(finding) })),
  };
};

/** Fields as they are printed: those that are there. */
const plainFields = (fields: object): Record<string, number | string> =>
  Object.fromEntries(
    Object.entries(fields).filter(
      (entry): entry is [string, number | string] => typeof entry[1] === 'number' || typeof entry[1] === 'string',
    ),
  );

const roundedValues = (values: Readonly<Record<string, number>>, digits: number): Record<string, number> =>
  Object.fromEntries(Object.entries(values).map(([key, value]) => [key, roundedTo(value, digits)]));
