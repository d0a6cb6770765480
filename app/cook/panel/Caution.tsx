import { circuitFindings } from '../../../core/kit/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { temperature } from '../../ui/index.ts';
import type { Cook } from '../useCook.ts';

/** Metal this hot burns skin within a second (ISO 13732-1). */
export const BURNS_AT_C = 65;

/** What can hurt, in full: where it is looked up. */
export const cautionText = (unit: 'C' | 'F'): string =>
  `Plates and steam burn: hot metal at ${temperature(BURNS_AT_C, unit)} in one second (ISO 13732-1). Open away from you. No metal forks on coated plates.`;

/** Once, before the first pour of the morning: what can hurt, and what the circuits don't carry. */
export const Caution = ({ cook: { kit, places }, isOnNow }: { readonly cook: Cook; readonly isOnNow: boolean }) => {
  const findings = circuitFindings(
    places.map(({ iron }) => iron),
    kit.circuits,
  ).filter(({ level }) => level === 'hazard');
  return (
    <div
      role="note"
      data-caution
      className={`min-h-0 shrink overflow-hidden rounded-lg px-3 py-2 text-[min(4.2cqw,16px)] leading-tight ${isOnNow ? 'bg-white/15' : 'bg-act-soft'}`}
    >
      {findings.map((finding) => (
        <p key={finding.code} className="font-semibold">
          {describeSentence(finding)}
        </p>
      ))}
      <p>{cautionText(kit.temperatureUnit)}</p>
    </div>
  );
};
