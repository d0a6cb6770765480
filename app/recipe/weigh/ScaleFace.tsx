import { Scale } from 'lucide-react';
import clsx from 'clsx';
import type { AtScale } from './useAtScale.ts';
import type { WeighStep } from '../../../core/weigh/index.ts';
import { rightWithin_g } from '../../../core/weigh/index.ts';
import { onScale } from './words.ts';

/** Out of its shell, g (*common practice*: a large one). */
const EGG_G = 50;

/** How near the needle is drawn: from a quarter below to a quarter above the mark, where the last grams are poured. */
const NEAR = 0.25;

/** The number to read, very large, and how far it still is. */
export const ScaleFace = ({ step, at, isLive }: { readonly step: WeighStep; readonly at: AtScale; readonly isLive: boolean }) => {
  const { wanted_g, target_g, got_g } = at;
  const left = got_g === null ? wanted_g : wanted_g - got_g;
  const within = rightWithin_g(wanted_g, step.resolution_g);
  const isRight = Math.abs(left) <= within;
  const place = (share: number): number => Math.min(100, Math.max(0, 100 * share));
  return (
    <div>
      <p className="flex items-baseline gap-4">
        <span className="figure text-[min(30cqw,190px,24dvh)] leading-[0.95]" data-figure="target_g" data-exact={target_g}>
          {onScale(target_g, step.resolution_g)}
        </span>
        <span className="figure text-[min(13cqw,84px)]">g</span>
      </p>
      {!isLive && (
        <p className="flex items-center gap-3 text-2xl max-md:text-lg">
          <Scale aria-hidden className="size-7" />
          {at.target_g > wanted_g ? 'the scale runs on' : 'on the scale, set to zero first'}
          {step.ingredientId === 'egg' && !step.isSeparated && `, about ${Number((step.grams / EGG_G).toFixed(1))} eggs`}
        </p>
      )}
      {isLive && at.isZeroed && (
        <div className="mt-1">
          {/* The way there: all of it above, the last grams spread out below. */}
          <div className="relative h-7 overflow-hidden rounded bg-track" aria-hidden>
            <span className="absolute inset-y-0 left-0 bg-act/70" style={{ width: `${place((got_g ?? 0) / (wanted_g * 1.15))}%` }} />
            <span className="absolute inset-y-0 w-1 bg-ink" style={{ left: `${place(1 / 1.15)}%` }} />
          </div>
          <div className="relative mt-1 h-4 rounded bg-track" aria-hidden>
            <span
              className="absolute inset-y-0 bg-band"
              style={{
                left: `${place(0.5 - within / (2 * NEAR * wanted_g))}%`,
                width: `${Math.max(1.5, place(within / (NEAR * wanted_g)))}%`,
              }}
            />
            <span
              className="absolute -inset-y-1 w-1.5 -translate-x-1/2 rounded bg-ink"
              style={{ left: `${place(0.5 - left / (2 * NEAR * wanted_g))}%` }}
            />
          </div>
          <p className="mt-2 flex items-baseline gap-3 text-xl" role="status">
            <b className="figure text-4xl" data-figure="got_g" data-exact={got_g ?? ''}>
              {got_g === null ? '—' : onScale(got_g, step.resolution_g)}
            </b>
            <span className={clsx(isRight && 'font-bold text-act')}>
              {at.trouble === 'overload'
                ? 'too much for this scale'
                : at.trouble === 'battery-flat'
                  ? 'the scale’s battery is flat'
                  : isRight
                    ? 'right'
                    : left > 0
                      ? `${onScale(left, step.resolution_g)} to go`
                      : `${onScale(-left, step.resolution_g)} too much`}
            </span>
          </p>
        </div>
      )}
    </div>
  );
};
