import { wholeLoads } from '../../../core/formula/index.ts';
import { grams, percent } from '../../ui/index.ts';

/** How the bowl ends: all plates alike, one short, or a little more batter. */
export const Loads = ({
  mass_g,
  portion_g,
  onTopUp,
}: {
  readonly mass_g: number;
  readonly portion_g: number;
  readonly onTopUp: (factor: number) => void;
}) => {
  const choices = wholeLoads(mass_g, portion_g);
  if (choices.length === 0) return <p className="mt-3">It comes out in whole loads.</p>;
  return (
    <p className="mt-3">
      {choices.map((choice, i) => (
        <span key={`${choice.choice}/${choice.loads}`}>
          {i > 0 && ' · '}
          {choice.choice === 'even-out' && `${choice.loads} loads of ${grams(choice.portion_g)} g, evened out to ${percent(choice.share)}`}
          {choice.choice === 'one-short' && `the last of ${choice.loads} loads short: ${grams(choice.last_g)} g`}
          {choice.choice === 'top-up' && (
            <button
              type="button"
              className="min-h-11 font-semibold text-act underline underline-offset-2"
              onClick={() => onTopUp(choice.factor)}
            >
              top up to {choice.loads} full loads
            </button>
          )}
        </span>
      ))}
    </p>
  );
};
