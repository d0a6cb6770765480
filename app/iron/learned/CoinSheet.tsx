import { useState } from 'react';
import type { Failure, Result } from '../../../core/basis/index.ts';
import type { Across, Point } from '../../../core/photo/index.ts';
import { besideCoin } from '../../../core/photo/index.ts';
import { describeSentence } from '../../../words/index.ts';
import type { Photo } from '../../ui/index.ts';
import { InlineSelect, measured, MeasureEntry, openPhoto, PictureButton, Sheet } from '../../ui/index.ts';
import { useLengths } from '../../session/index.ts';
import { PhotoMarks } from '../photo/PhotoMarks.tsx';

/** Across, mm, as the mints publish them (from memory). */
const COINS = [
  ['1 euro', 23.25],
  ['2 euro', 25.75],
  ['US quarter', 24.26],
  ['British 10p', 24.5],
  ['Canadian quarter', 23.88],
  ['Australian 20 cents', 28.65],
] as const;

type Props = {
  readonly isRound: boolean;
  /** Across one mould, mm. Gives back why it can't be; null: it is taken. */
  readonly onMeasured: (size_mm: number) => Failure | null;
  readonly onClose: () => void;
};

/** The two ends of a line across the picture, at this height, from and to these shares of its width. */
const lineAt = ({ width, height }: Photo, down: number, from: number, to: number): Across => [
  { x: from * width, y: down * height },
  { x: to * width, y: down * height },
];

/** How wide a plate is, from a picture with a coin on it. Nothing leaves the browser. */
export const CoinSheet = ({ isRound, onMeasured, onClose }: Props) => {
  const lengths = useLengths();
  const [photo, setPhoto] = useState<Photo | null>(null);
  const [coin, setCoin] = useState<Across | null>(null);
  const [plate, setPlate] = useState<Across | null>(null);
  const [coin_mm, setCoinSize] = useState<number | null>(COINS[0][1]);
  const [trouble, setTrouble] = useState<Failure | null>(null);
  const show = (opened: Result<Photo>): void => {
    setTrouble(opened.ok ? null : opened.failure);
    if (!opened.ok) return;
    setPhoto(opened.value);
    setCoin(lineAt(opened.value, 0.5, 0.46, 0.54));
    setPlate(lineAt(opened.value, 0.6, 0.2, 0.8));
  };
  const size = coin === null || plate === null || coin_mm === null ? null : besideCoin(coin_mm, coin, plate);
  const refused = trouble ?? (size === null || size.ok ? null : size.failure);
  const ends = (name: string, across: Across, onMove: (across: Across) => void) =>
    across.map((point, i) => ({
      name: `${name}, ${i === 0 ? 'one' : 'other'} edge`,
      point,
      onMove: (moved: Point) => {
        onMove(i === 0 ? [moved, across[1]] : [across[0], moved]);
        setTrouble(null);
      },
    }));
  const whole = isRound ? 'the round' : 'one side of the square';
  return (
    <Sheet title="A plate beside a coin" open onClose={onClose} wide="very">
      <p className="max-w-2xl text-[17px]">
        Lay a coin on the cold lower plate and take the picture from straight above, from an arm’s length. Put two marks on opposite edges
        of the coin and two across {whole} of one mould.
      </p>
      <div className="mt-3 flex flex-wrap items-end gap-4">
        <PictureButton onPicture={(file) => void openPhoto(file).then(show)} />
        <InlineSelect
          label="Coin"
          value={COINS.find(([, mm]) => mm === coin_mm)?.[1] ?? null}
          choices={[
            ...COINS.map(([name, mm]) => ({ value: mm, label: `${name}, ${measured(mm, 'length', lengths)}` })),
            { value: null, label: 'another' },
          ]}
          onChange={setCoinSize}
        />
        <MeasureEntry
          narrow
          mayBeEmpty
          label="Across the coin"
          of="length"
          unit={lengths}
          value={coin_mm}
          min={10}
          max={50}
          onChange={setCoinSize}
        />
      </div>
      {photo !== null && coin !== null && plate !== null && (
        <div className="mt-4 flex max-w-4xl flex-col gap-3">
          <PhotoMarks photo={photo} lines={[coin, plate]} marks={[...ends('Coin', coin, setCoin), ...ends('Plate', plate, setPlate)]} />
          <p aria-live="polite" className="text-[17px]">
            {size?.ok === true && (
              <>
                The plate is{' '}
                <b className="figure" data-figure="plate_mm" data-exact={size.value}>
                  {measured(size.value, 'length', lengths)}
                </b>{' '}
                {isRound ? 'across' : 'wide'}.
              </>
            )}
          </p>
          <button
            type="button"
            className="button-act min-h-14 self-start"
            disabled={size?.ok !== true}
            onClick={() => {
              if (size?.ok !== true) return;
              const failed = onMeasured(size.value);
              setTrouble(failed);
              if (failed === null) onClose();
            }}
          >
            Believe the picture
          </button>
        </div>
      )}
      {refused !== null && (
        <p role="alert" className="mt-3 border-l-3 border-ink bg-sheet p-3 text-[17px]">
          {describeSentence(refused)}.
        </p>
      )}
    </Sheet>
  );
};
