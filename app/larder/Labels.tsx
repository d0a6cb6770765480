import { useEffect, useState } from 'react';
import { Printer } from 'lucide-react';
import { labelCode } from '../../core/keep/index.ts';
import type { KeepItem } from '../../core/keep/index.ts';
import { dayAndTime, NumberEntry, Sheet } from '../ui/index.ts';
import type { Keeper } from './limitsOf.ts';
import { limitsOf } from './limitsOf.ts';
import { FORM_WORDS, PLACE_WORDS } from './words.ts';

/** Paper that labels are printed on: a card by itself, a roll, a sheet of A4 or Letter with three across. */
const PAPERS = {
  card: { words: 'a card, 90 mm', width: '90mm', columns: 1, isSmall: false },
  roll: { words: 'a roll, 58 mm', width: '58mm', columns: 1, isSmall: true },
  sheet: { words: 'a sheet, three across', width: '63mm', columns: 3, isSmall: true },
} as const;
type Paper = keyof typeof PAPERS;
const MOST = 60;

type Props = { readonly item: KeepItem; readonly session: Keeper; readonly copies: number; readonly onClose: () => void };

/** Labels for one thing: how many, on which paper; each with a square that is read back. */
export const Labels = ({ item, session, copies: usual, onClose }: Props) => {
  const [paper, setPaper] = useState<Paper>('card');
  const [copies, setCopies] = useState(Math.min(MOST, usual));
  const [who, setWho] = useState('');
  const square = useSquare(labelCode(item));
  const { columns, width, isSmall } = PAPERS[paper];
  const one = <Label item={item} session={session} who={who.trim()} square={square} isSmall={isSmall} />;
  return (
    <Sheet title="Label" open onClose={onClose} wide>
      <div className="no-print flex flex-wrap items-end gap-5">
        <fieldset>
          <legend className="text-[15px]">On</legend>
          <div className="mt-1 flex flex-wrap gap-2">
            {(Object.keys(PAPERS) as Paper[]).map((name) => (
              <button
                key={name}
                type="button"
                aria-pressed={paper === name}
                className={paper === name ? 'button-act' : 'button-plain'}
                onClick={() => setPaper(name)}
              >
                {PAPERS[name].words}
              </button>
            ))}
          </div>
        </fieldset>
        <NumberEntry
          narrow
          label="how many"
          value={copies}
          min={1}
          max={MOST}
          onChange={(value) => value !== null && setCopies(Math.round(value))}
        />
        <label className="flex flex-col gap-1 text-[15px]">
          Who made it
          <input className="entry h-14 w-36" maxLength={40} value={who} onChange={(event) => setWho(event.target.value)} />
        </label>
        <button type="button" className="button-act min-h-14" disabled={square === null} onClick={() => window.print()}>
          <Printer aria-hidden className="size-5" /> Print
        </button>
      </div>
      <div className="print-only-this mt-4" data-labels={copies}>
        <div className="grid w-fit gap-2 print:gap-[3mm]" style={{ gridTemplateColumns: `repeat(${columns}, ${width})` }}>
          {Array.from({ length: copies }, (_, i) => (
            <div key={i} className={i === 0 ? '' : 'max-lg:hidden print:block'}>
              {one}
            </div>
          ))}
        </div>
      </div>
    </Sheet>
  );
};

type LabelProps = {
  readonly item: KeepItem;
  readonly session: Keeper;
  readonly who: string;
  readonly square: string | null;
  readonly isSmall: boolean;
};

const Label = ({ item, session, who, square, isSmall }: LabelProps) => {
  const { form, place, from } = item;
  const { kit } = session;
  const [first] = limitsOf(session, item);
  return (
    <div className="break-inside-avoid border-2 border-black bg-sheet p-3 text-black">
      <div className="flex items-start justify-between gap-2">
        <p className={`font-display font-bold ${isSmall ? 'text-xl' : 'text-3xl'}`}>{item.name}</p>
        {square !== null && <img alt="" src={square} className={isSmall ? 'size-[18mm]' : 'size-[24mm]'} />}
      </div>
      <p className={isSmall ? 'text-sm' : 'text-lg'}>
        {item.amount === '' ? '' : `${item.amount} · `}
        {FORM_WORDS[form]}, {PLACE_WORDS[place]}
      </p>
      <p className={isSmall ? 'text-sm' : ''}>
        Put away {dayAndTime(from, kit.zone)}
        {who === '' ? '' : ` by ${who}`}
      </p>
      {first !== undefined && (
        <p className={`font-bold ${isSmall ? 'text-base' : 'text-2xl'}`}>Use by {dayAndTime(first.until, kit.zone)}</p>
      )}
      {item.allergens.length > 0 && <p className={isSmall ? 'text-sm' : ''}>Contains: {item.allergens.join(', ')}</p>}
      {!isSmall && <p className="mt-1 text-sm">{first?.source}</p>}
    </div>
  );
};

/** The code as a picture; null until it is drawn. */
const useSquare = (code: string): string | null => {
  const [square, setSquare] = useState<string | null>(null);
  useEffect(() => {
    let isOver = false;
    void import('qrcode').then(async ({ toDataURL }) => {
      const drawn = await toDataURL(code, { errorCorrectionLevel: 'Q', margin: 1, scale: 6 });
      if (!isOver) setSquare(drawn);
    });
    return () => {
      isOver = true;
    };
  }, [code]);
  return square;
};
