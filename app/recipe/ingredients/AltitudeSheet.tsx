import type { AltitudeCorrection, Formula, ParsedFormula } from '../../../core/formula/index.ts';
import { ALTITUDE_TABLE, gasLess } from '../../../core/formula/index.ts';
import { describeCode } from '../../../words/index.ts';
import { grams, measured, percent, Sheet } from '../../ui/index.ts';
import { useLengths } from '../../session/index.ts';
import type { Revise } from './revise.ts';
import { revised } from './revise.ts';

type Props = {
  readonly formula: Formula;
  readonly reading: ParsedFormula;
  readonly corrections: readonly AltitudeCorrection[];
  readonly altitude_m: number;
  readonly onRevise: Revise;
  readonly onClose: () => void;
};

const FOOT_M = 0.3048;

/** A formula from the low country, corrected for this kitchen; beside it what a published table says. */
export const AltitudeSheet = ({ formula, reading, corrections, altitude_m, onRevise, onClose }: Props) => {
  const lengths = useLengths();
  const take = (): void => {
    const byId = new Map(corrections.map((c) => [formula.lines[c.line]?.id, c.to_g]));
    onRevise((now) =>
      revised(now, {
        lines: now.lines.map((line) => ({
          ...line,
          edited_g: byId.has(line.id) ? Number((byId.get(line.id) ?? 0).toFixed(1)) : line.edited_g,
        })),
      }),
    );
    onClose();
  };
  return (
    <Sheet
      title={`Written lower down, cooked at ${measured(altitude_m, 'height', lengths)}`}
      open
      onClose={onClose}
      wide
      foot={
        <button type="button" className="button-act" disabled={corrections.length === 0} onClick={take}>
          Take these amounts
        </button>
      }
    >
      {corrections.length === 0 ? (
        <p className="text-lg">{altitude_m < 600 ? 'Nothing to correct near the sea.' : 'Nothing in this bowl minds the altitude.'}</p>
      ) : (
        <table className="w-full">
          <caption className="sr-only">Corrected amounts</caption>
          <tbody>
            {corrections.map((c) => (
              <tr key={c.line} className="border-b border-line">
                <th scope="row" className="py-1.5 text-left font-normal">
                  {reading.lines[c.line]?.text}
                </th>
                <td className="figure text-right text-lg text-quiet">{grams(c.from_g)}</td>
                <td className="figure text-right text-2xl">{grams(c.to_g)} g</td>
                <td className="w-72 pl-4 text-[15px] text-quiet">{describeCode({ code: c.because, fields: {} })}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <h3 className="mt-5">Beside the published table</h3>
      <table className="mt-1 text-[15px]">
        <caption className="sr-only">Powder to leave out, by altitude</caption>
        <tbody>
          {ALTITUDE_TABLE.map((row) => (
            <tr key={row.feet}>
              <th scope="row" className="pr-6 text-left font-normal">
                {measured(row.feet * FOOT_M, 'height', lengths)}
                {lengths === 'mm' && ` (${row.feet.toLocaleString('en-GB')} ft)`}
              </th>
              <td className="pr-6">
                powder less {percent(row.powderLess[0], 1)}
                {row.powderLess[0] === row.powderLess[1] ? '' : `–${percent(row.powderLess[1])}`}
              </td>
              <td className="text-quiet">by the gas law {percent(gasLess(row.feet * FOOT_M), 1)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-[15px] text-quiet">
        Table: Colorado State University Extension, for cakes (from memory). Waffles are thin: of its extra liquid and lesser sugar about
        half is taken.
      </p>
    </Sheet>
  );
};
