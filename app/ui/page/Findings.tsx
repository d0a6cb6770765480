import { Info, OctagonAlert, TriangleAlert } from 'lucide-react';
import type { Finding } from '../../../core/basis/index.ts';
import { describeSentence } from '../../../words/index.ts';

const LOOKS = {
  note: { icon: Info, box: 'border-band', ink: 'text-quiet' },
  warning: { icon: TriangleAlert, box: 'border-ink', ink: 'text-ink' },
  hazard: { icon: OctagonAlert, box: 'border-hazard bg-hazard-soft', ink: 'text-hazard' },
} as const;

/** What was found, in words; a hazard is the only thing in vermilion. */
export const Findings = ({ findings }: { readonly findings: readonly Finding[] }) =>
  findings.length === 0 ? null : (
    <ul aria-label="What was noticed" className="flex flex-col gap-1.5">
      {findings.map((finding) => {
        const { icon: Icon, box, ink } = LOOKS[finding.level];
        return (
          <li key={finding.code} data-code={finding.code} className={`flex gap-2 border-l-3 bg-sheet py-1 pr-2 pl-2.5 text-[15px] ${box}`}>
            <Icon aria-hidden className={`mt-0.5 size-4 shrink-0 ${ink}`} />
            <span className={finding.level === 'hazard' ? 'font-semibold text-hazard' : ''}>{describeSentence(finding)}</span>
          </li>
        );
      })}
    </ul>
  );
