import { useNavigate } from 'react-router';
import { useKitchenChoice } from '../store/index.ts';

/** The example is a kitchen of its own: it can be left and come back to without touching the cook's. */
export const KitchenSwitch = ({ onDone }: { readonly onDone?: () => void }) => {
  const { isDemo, hasOwn, choose } = useKitchenChoice();
  const navigate = useNavigate();
  return (
    <button
      type="button"
      onClick={() => {
        onDone?.();
        choose(!isDemo);
        if (isDemo && !hasOwn) void navigate('/setup');
      }}
      className="flex min-h-14 flex-col items-center justify-center px-1 text-center text-[13px] leading-tight hover:bg-act-soft max-sm:min-h-11 max-sm:items-start max-sm:px-0 max-sm:text-lg"
    >
      <span>{isDemo ? 'Example kitchen' : 'My kitchen'}</span>
      <span className="font-bold text-act underline decoration-band decoration-2 underline-offset-2">
        {!isDemo ? 'Back to the example' : hasOwn ? 'To my kitchen' : 'Set up my kitchen'}
      </span>
    </button>
  );
};
