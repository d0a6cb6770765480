import type { Stage } from '../../../core/lift/index.ts';
import { clock } from '../../ui/index.ts';
import { STAGE_WORDS } from './words.ts';

export const StageRow = ({
  stage,
  at_s,
  density_gPerML,
  isReached,
  onSay,
}: {
  readonly stage: Stage;
  readonly at_s: number;
  readonly density_gPerML: number;
  readonly isReached: boolean;
  readonly onSay: (() => void) | null;
}) => (
  <li>
    <button
      type="button"
      disabled={onSay === null}
      onClick={onSay ?? undefined}
      className={`flex min-h-16 w-full items-center justify-between gap-3 rounded-md border-2 px-3 text-left ${isReached ? 'border-act bg-act-soft' : 'border-line'}`}
    >
      <span>
        <b className="font-display text-lg">{STAGE_WORDS[stage][0]}</b>
        <br />
        <span className="text-[15px] text-quiet">
          {STAGE_WORDS[stage][1]}; batter {density_gPerML.toFixed(2)} g/mL
        </span>
      </span>
      <b className="figure text-2xl">{clock(at_s)}</b>
    </button>
  </li>
);
