import { Navigate } from 'react-router';
import { useKitchenChoice } from '../store/index.ts';
import { keptText } from '../webStorage.ts';

/** Kept once somebody went on from the welcome. */
export const WELCOMED_KEY = 'tawny-lattice-welcomed';

/** The first time: what this is. After that, the plan. */
export const Entrance = () => {
  const { isDemo, hasOwn } = useKitchenChoice();
  const isFirst = isDemo && !hasOwn && keptText('browser', WELCOMED_KEY) === null;
  return <Navigate to={isFirst ? '/welcome' : '/plan'} replace />;
};
