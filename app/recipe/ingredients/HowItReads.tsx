import type { CupStandardId } from '../../../core/basis/index.ts';
import type { Formula } from '../../../core/formula/index.ts';
import { LIFTS } from '../../../core/formula/index.ts';
import type { Choice } from '../../ui/index.ts';
import { InlineSelect, money } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { commands, useDo } from '../../store/index.ts';
import type { Revise } from './revise.ts';
import { revised } from './revise.ts';
import type { LedgerState } from './useLedger.ts';

const CUPS: readonly Choice<CupStandardId>[] = [
  { value: 'us', label: 'US cup, 237 mL' },
  { value: 'label', label: 'US label cup, 240 mL' },
  { value: 'metric', label: 'metric cup, 250 mL' },
  { value: 'imperial', label: 'imperial cup, 284 mL' },
  { value: 'au', label: 'Australian, 250 mL and 20 mL spoon' },
];

type Props = { readonly session: Session; readonly formula: Formula; readonly ledger: LedgerState; readonly onRevise: Revise };

/** How the recipe is lifted, what it costs, and by which cup it is read. */
export const HowItReads = ({ session, formula, ledger, onRevise }: Props) => {
  const { kit } = session;
  const carryOut = useDo();
  const { reading, answer, cost, setSheet } = ledger;
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
      <div className="flex flex-wrap items-baseline gap-x-2 text-xl">
        <InlineSelect
          label="Lift"
          value={formula.lift}
          choices={[{ value: null, label: `${reading.lift}, as written` }, ...LIFTS.map((lift) => ({ value: lift, label: lift }))]}
          onChange={(lift) => onRevise((now) => revised(now, { lift }))}
        />
      </div>
      <div className="flex flex-wrap items-baseline gap-4 text-[15px]">
        {cost !== null && (
          <button type="button" className="min-h-8 font-semibold text-act underline underline-offset-2" onClick={() => setSheet('cost')}>
            {money(cost.total, kit.currency)}
            {answer !== null && answer.pieces > 0 && `, ${money(cost.total / answer.pieces, kit.currency)} a piece`}
          </button>
        )}
        <InlineSelect
          label="Cup"
          value={kit.cupStandard}
          choices={CUPS}
          onChange={(cupStandard) => void carryOut(commands.changeKit((now) => ({ ...now, cupStandard })))}
        />
      </div>
    </div>
  );
};
