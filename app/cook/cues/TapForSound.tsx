import { useEffect, useState } from 'react';
import { mayRing, wakeSound } from './sound.ts';

/** After a reload under a running load the browser is silent until it is touched: one touch anywhere brings the ring back. */
export const TapForSound = () => {
  const [isSilent, setSilent] = useState(false);
  useEffect(() => {
    let isHere = true;
    void mayRing().then((may) => isHere && setSilent(!may));
    return () => {
      isHere = false;
    };
  }, []);
  if (!isSilent) return null;
  return (
    <button
      type="button"
      className="fixed inset-0 z-50 bg-black/85 font-display text-[clamp(40px,8vw,96px)] font-bold text-white"
      onClick={() => {
        wakeSound();
        setSilent(false);
      }}
    >
      Tap for sound
    </button>
  );
};
