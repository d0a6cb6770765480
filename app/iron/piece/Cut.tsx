import { useKit } from '../../store/index.ts';
import { memo, useEffect, useMemo, useRef } from 'react';
import type { Picture } from '../../../core/advise/index.ts';
import { clock, css, measured, percent, temperature } from '../../ui/index.ts';
import { useLengths } from '../../session/index.ts';
import type { CutShape } from './cutMap.ts';
import { cutMap } from './cutMap.ts';
import { crumbColours, INSIDE, paintCut } from './cutPaint.ts';

/** Less of its height is seen to be lost. */
const STANDS = 0.97;

const WIDTH = 840;
const HEIGHT = 148;

/** The section between the plates at one second, painted from the simulation. */
export const Cut = memo(function Cut({
  picture,
  second,
  webShare,
}: {
  readonly picture: Picture;
  readonly second: number;
  readonly webShare: number;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const shapeKey = JSON.stringify({
    thickness_mm: picture.columns.map((column) => Number(column.thickness_mm.toFixed(3))),
    hollow_mm: picture.columns.map((column) => Number(column.hollow_mm.toFixed(3))),
    lowerShare: picture.columns[0]?.lowerShare ?? 0.5,
  });
  const map = useMemo(
    () => cutMap({ width: WIDTH, height: HEIGHT, webShare, ...(JSON.parse(shapeKey) as Pick<CutShape, 'thickness_mm' | 'hollow_mm'>) }),
    [shapeKey, webShare],
  );
  const image = useMemo(() => new ImageData(WIDTH, HEIGHT), []);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (context === null || context === undefined) return;
    paintCut(map, picture, second, new Int32Array(image.data.buffer));
    context.putImageData(image, 0, 0);
  }, [map, picture, second, image]);
  const { temperatureUnit: unit } = useKit();
  const rib = picture.columns.at(-1);
  const crust_mm = rib?.crust_mm[second] ?? 0;
  const lengths = useLengths();
  const core_C = picture.core_C[second] ?? 0;
  const isSet = core_C >= picture.set_C;
  const holdsOn = isSet && (picture.letsGo_s ?? Infinity) > second;
  const state = !isSet ? 'wet inside' : holdsOn ? 'set, still holds on to the plates' : 'set through';
  const stands = picture.standing[second] ?? 1;
  return (
    <section aria-label="The cut">
      <div className="flex items-baseline justify-between gap-3 text-[15px]">
        <p>
          <strong className="font-display text-[17px]">The cut</strong> <span className="text-quiet">at {clock(second)}</span> · crust{' '}
          <span data-figure="crust_mm" data-mm={crust_mm}>
            {measured(crust_mm, 'length', lengths)}
          </span>{' '}
          · core{' '}
          <span data-figure="core_C" data-celsius={core_C}>
            {temperature(core_C, unit)}
          </span>
          , {state} · {percent(picture.loss[second] ?? 0)} lost
          {stands < STANDS && (
            <>
              {' '}
              · opened now it tears, and sinks to <span data-figure="standing">{percent(stands)}</span>
            </>
          )}
        </p>
        <CutLegend
          rawLightness={picture.rawLightness}
          isHollow={picture.columns.some((c) => c.hollow_mm > 0)}
          mean_mm={picture.columns.reduce((sum, c) => sum + c.share * (c.thickness_mm + c.hollow_mm), 0)}
        />
      </div>
      <canvas
        ref={canvas}
        width={WIDTH}
        height={HEIGHT}
        role="img"
        aria-label={`Section at ${clock(second)}: crust ${measured(crust_mm, 'length', lengths)}, core ${temperature(core_C, unit)}, ${state}`}
        data-second={second}
        data-rib-centre={map.ribCentres[3] ?? map.ribCentres[0]}
        data-mm-per-pixel={map.mmPerPixel}
        className="mt-1 block h-[148px] w-full rounded-sm"
      />
    </section>
  );
});

type LegendProps = { readonly rawLightness: number; readonly isHollow: boolean; readonly mean_mm: number };

const CutLegend = ({ rawLightness, isHollow, mean_mm }: LegendProps) => {
  const lengths = useLengths();
  const { wet, crumb } = crumbColours(rawLightness);
  const layers = [['still wet', wet], ['crumb', crumb], ...(isHollow ? ([['hollow; first side below', INSIDE]] as const) : [])] as const;
  return (
    <p className="flex shrink-0 items-center gap-3 text-sm whitespace-nowrap text-quiet max-md:hidden">
      {layers.map(([name, colour]) => (
        <span key={name} className="flex items-center gap-1">
          <i aria-hidden className="inline-block size-3 rounded-sm border border-ink/40" style={{ background: css(colour) }} /> {name}
        </span>
      ))}
      <span>{measured(mean_mm, 'length', lengths)} gap</span>
    </p>
  );
};
