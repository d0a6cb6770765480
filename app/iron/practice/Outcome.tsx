import type { PracticeResult } from '../../../core/practice/index.ts';
import { FILL_LIMITS, lands } from '../../../core/fit/index.ts';
import { nearestStep } from '../../../core/matter/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { clock, grams, PlateFace, tawnyCss } from '../../ui/index.ts';

type Props = {
  readonly n: number;
  readonly iron: Iron;
  readonly tawny: number;
  readonly poured: string;
  readonly result: PracticeResult;
};

const fillWords = ({ share, leaked_g }: PracticeResult): string =>
  share < FILL_LIMITS.short
    ? `${Math.round(100 * (1 - share))} % of it missing`
    : share > FILL_LIMITS.over
      ? `leaked ${grams(leaked_g)} g`
      : 'full';

/** What came out, in plan and section, and in words. */
export const Outcome = ({ n, iron, tawny, poured, result }: Props) => {
  const { hinge, front } = result;
  const landed = lands(result, tawny);
  const missing = result.share < FILL_LIMITS.short ? 1 - result.share : 0;
  // The hinge is at the top of the drawing.
  const tint = (face: 0 | 1) => (row: number) => {
    const place = iron.geometry.lattice.rows < 2 ? 0.5 : row / (iron.geometry.lattice.rows - 1);
    return tawnyCss(hinge[face] + (front[face] - hinge[face]) * place);
  };
  return (
    <li
      data-landed={landed}
      data-lower={result.lower.toFixed(2)}
      data-upper={result.upper.toFixed(2)}
      className={`flex flex-col gap-2 bg-sheet p-3 ${landed ? 'border-t-4 border-act' : 'border-t-4 border-band'}`}
    >
      <p className="flex items-baseline justify-between">
        <b className="font-display text-lg">{landed ? `Load ${n} landed` : `Load ${n}`}</b>
        <span className="text-[15px] text-quiet">
          {poured} · {clock(result.open_s)}
        </span>
      </p>
      <div className="flex items-end gap-3">
        {([1, 0] as const).map((face) => (
          <figure key={face} className="w-28">
            <div className="h-28">
              <PlateFace
                lattice={iron.geometry.lattice}
                wall={tint(face)}
                floor={tint(face)}
                hollow={iron.pour.rule === 'share-of-cavity'}
                missing={missing}
              />
            </div>
            <figcaption className="text-center text-sm text-quiet">
              {face === 1 ? 'above' : 'below'} {(face === 1 ? result.upper : result.lower).toFixed(1)}{' '}
              {nearestStep(face === 1 ? result.upper : result.lower).name}
            </figcaption>
          </figure>
        ))}
        <Section result={result} />
      </div>
      <p className="text-[15px]">
        {[
          result.isTorn ? 'torn in two: opened too soon' : result.isSet ? 'set through' : 'wet in the middle, it sank',
          fillWords(result),
          faceWords(result, tawny),
        ].join('; ')}
        .
      </p>
    </li>
  );
};

const faceWords = ({ lower, upper }: PracticeResult, tawny: number): string => {
  const say = (step: number): string => (step - tawny > 1 ? 'too dark' : step - tawny < -1 ? 'too pale' : 'as wished');
  return say(lower) === say(upper) ? `both faces ${say(lower)}` : `${say(upper)} above, ${say(lower)} below`;
};

/** Cut through: crusts, crumb, and what stayed wet. */
const Section = ({ result }: { readonly result: PracticeResult }) => {
  const height = 20 + 26 * Math.min(1.1, result.share) * (result.isSet ? 1 : 0.72);
  const top = 84 - height;
  return (
    <svg
      viewBox="0 0 120 96"
      className="min-w-0 flex-1"
      role="img"
      aria-label={result.isSet ? 'Section: set through' : 'Section: wet in the middle'}
    >
      <rect x="4" y={top} width="112" height={height} rx="7" fill="#f1e2c2" />
      {!result.isSet && <ellipse cx="60" cy={top + height / 2} rx="44" ry={height / 4} fill="#d9bd7e" />}
      <rect x="4" y={top} width="112" height="6" rx="3" fill={tawnyCss(result.upper)} />
      <rect x="4" y="78" width="112" height="6" rx="3" fill={tawnyCss(result.lower)} />
      {result.isTorn && <path d={`M60 ${top - 3}l-7 14 12 8-10 14 8 12`} fill="none" stroke="var(--color-sheet)" strokeWidth="7" />}
      {result.share > FILL_LIMITS.over && <path d="M112 62c10 2 8 14 5 22h-8c2-8-1-14 3-22z" fill="#e8cf98" />}
    </svg>
  );
};
