import type { ReactNode } from 'react';
import type { KeyId } from '../keys/index.ts';
import { useKey } from '../keys/index.ts';

type StageProps = {
  readonly word: string;
  readonly figure: ReactNode;
  readonly unit?: string;
  readonly below: ReactNode;
  readonly timer?: boolean;
  readonly children: ReactNode;
};

/** What an iron is at, with its figure as large as it can be. */
export const Stage = ({ word, figure, unit, below, timer = false, children }: StageProps) => (
  <div className="@container flex shrink-0 grow flex-col gap-2">
    <p className="on-ground text-2xl">{word}</p>
    <p className="figure on-ground text-[clamp(48px,min(6.4vw,12vh,38cqw),108px)] leading-[0.9]" role={timer ? 'timer' : undefined}>
      {figure}
      {unit !== undefined && <span className="ml-2 text-[0.42em]">{unit}</span>}
    </p>
    <p className="on-ground text-xl">{below}</p>
    <div className="mt-auto flex flex-col gap-3">{children}</div>
  </div>
);

/** The one thing to do next. */
export const BigButton = ({
  label,
  keyId,
  disabled,
  onClick,
}: {
  readonly label: string;
  /** The touch whose key it announces; left out: it has none. */
  readonly keyId?: KeyId;
  readonly disabled: boolean;
  readonly onClick: () => void;
}) => {
  const shortcut = useKey(keyId);
  return (
    <button
      type="button"
      disabled={disabled}
      aria-keyshortcuts={shortcut}
      className="min-h-17 w-full rounded-lg bg-act font-display text-[28px] font-bold text-white shadow-[0_0_0_2px_rgb(255_255_255/0.5)] active:scale-[0.99] disabled:bg-[#6c787a]"
      onClick={onClick}
    >
      {label}
    </button>
  );
};
