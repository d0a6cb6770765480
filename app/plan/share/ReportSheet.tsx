import { Printer } from 'lucide-react';
import type { MorningReport } from '../../../core/run/index.ts';
import { duration, grams, percent, Sheet, timeOfDay } from '../../ui/index.ts';

/** Less isn't called darker or paler. */
const TELLS_STEPS = 0.25;

/** The morning on one page: what was planned beside what was done, who waited, what came out. */
export const ReportSheet = ({
  name,
  report,
  zone,
  onClose,
}: {
  readonly name: string;
  readonly report: MorningReport;
  readonly zone: string;
  readonly onClose: () => void;
}) => {
  const { service } = report;
  const rows: readonly (readonly [what: string, planned: string, done: string])[] = [
    ['Loads', String(report.loads.planned), String(report.loads.done)],
    ['Pieces', String(report.pieces.wanted), String(report.pieces.done)],
    ['First pour', timeOfDay(report.firstPourAt.planned, zone), timeOfDay(report.firstPourAt.done, zone)],
    ['Last one out', timeOfDay(report.lastOutAt.planned, zone), timeOfDay(report.lastOutAt.done, zone)],
    ['Longest wait', duration(service.planned.longestWait_s), duration(service.done.longestWait_s)],
    ['Waited over four minutes', String(service.planned.impatient), String(service.done.impatient)],
  ];
  const { darker, timeRatio, near, answered } = report;
  const said = [
    `${grams(report.poured_g)} g were poured.`,
    timeRatio === null ? null : `Lids were closed ${percent(timeRatio)} of the planned time.`,
    answered === 0
      ? 'No load was rated.'
      : `${answered} ${answered === 1 ? 'load' : 'loads'} rated: ${report.full} full, ${report.missing} with something missing, ${report.leaked} leaked, ${report.stuck} stuck.`,
    near.of === 0 || darker === null
      ? null
      : `${near.loads} of ${near.of} came within one step of what was expected; on average ${Math.abs(darker) < TELLS_STEPS ? 'neither darker nor paler' : `${Math.abs(darker).toFixed(1)} steps ${darker > 0 ? 'darker' : 'paler'}`}.`,
  ].filter((sentence) => sentence !== null);
  return (
    <Sheet title={`${name}: how it went`} open onClose={onClose} wide>
      <div className="print-only-this flex flex-col gap-3">
        <h2 className="hidden text-2xl print:block">{name}: how it went</h2>
        <table className="w-full text-left text-lg">
          <thead>
            <tr className="text-[15px] text-quiet">
              <th scope="col" className="font-normal" />
              <th scope="col" className="font-normal">
                planned
              </th>
              <th scope="col" className="font-normal">
                done
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map(([what, planned, done]) => (
              <tr key={what} className="border-b border-line" data-row={what}>
                <th scope="row" className="py-1 font-normal">
                  {what}
                </th>
                <td>{planned}</td>
                <td className="font-bold">{done}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {said.map((sentence) => (
          <p key={sentence} className="text-lg">
            {sentence}
          </p>
        ))}
        {report.notes.length > 0 && (
          <ul aria-label="Notes" className="list-disc pl-6">
            {report.notes.map((note, i) => (
              <li key={i}>{note}</li>
            ))}
          </ul>
        )}
      </div>
      <button type="button" className="button-plain no-print mt-4" onClick={() => window.print()}>
        <Printer aria-hidden className="size-5" /> Print it
      </button>
    </Sheet>
  );
};
