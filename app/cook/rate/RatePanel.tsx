import { Camera, Ellipsis, Image, Trash2, Grid2x2, X } from 'lucide-react';
import clsx from 'clsx';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { cookedFor_s } from '../../../core/log/index.ts';
import { isImplausibleOpening } from '../../../core/line/index.ts';
import { useLoadPhoto } from '../../session/index.ts';
import { clock, ExpectedBeside, pieceOf, PictureButton, USUAL_STEP } from '../../ui/index.ts';
import type { LinePlace } from '../line/linePlace.ts';
import type { Cook } from '../useCook.ts';
import { Crisp } from './Crisp.tsx';
import { MoreOfRating } from './MoreOfRating.tsx';
import { PieceTouched } from './PieceTouched.tsx';
import { CRISP, expectedOf, faceQuestion, saidInShort } from './questions.ts';
import { Scale } from './Scale.tsx';
import type { Rating } from './useRating.ts';
import { useRating } from './useRating.ts';

/** What stands between the two faces, or in place of all. */
type Shown = 'piece' | 'photo' | 'more';
const [ABOVE, BELOW] = [faceQuestion('upper'), faceQuestion('lower')];

type Props = { readonly cook: Cook; readonly place: LinePlace; readonly onDone: () => void };

/** How what came out was: the piece large between its two faces, a touch each; what was expected is marked. */
export const RatePanel = ({ cook, place, onDone }: Props) => {
  const { iron, prediction } = place;
  const rating = useRating(cook, place);
  const picture = useLoadPhoto(place.load?.id ?? null);
  const [shown, setShown] = useState<Shown>('piece');
  const isMore = shown === 'more';
  const isPhoto = shown === 'photo' && picture.photo !== null;
  const disabled = !cook.held;
  const expected = prediction === null ? null : expectedOf(prediction);
  return (
    <section
      aria-label={`How was ${iron.name}?`}
      className="flex min-h-0 min-w-0 flex-1 flex-col gap-2 overflow-y-auto bg-sheet p-5 text-ink max-md:gap-1 max-md:p-2.5"
    >
      <RateHeader cook={cook} place={place} onDone={onDone}>
        <PictureOfLoad picture={picture} isShown={shown === 'photo'} disabled={disabled} onShow={setShown} />
      </RateHeader>
      {iron.geometry.moulds > 1 && <Moulds moulds={iron.geometry.moulds} rating={rating} />}
      {isMore ? (
        <MoreOfRating rating={rating} disabled={disabled} onBack={() => setShown('piece')} />
      ) : (
        <>
          <Scale
            face={ABOVE}
            given={rating.givenTo(ABOVE)}
            expected={expected?.step ?? null}
            disabled={disabled}
            onSay={(i) => rating.say(ABOVE, i)}
          />
          <div className="flex min-h-0 flex-1 gap-4 max-md:gap-2">
            {isPhoto && picture.photo !== null ? (
              <ExpectedBeside
                look={pieceOf(iron, prediction?.tawnyStep ?? USUAL_STEP)}
                jpeg={picture.photo.jpeg}
                label={`What ${iron.name} made`}
              />
            ) : (
              <PieceTouched place={place} rating={rating} disabled={disabled} />
            )}
            <div className={clsx('flex w-[38%] shrink-0 max-md:w-[36%]', isPhoto && 'max-md:hidden')}>
              <Crisp
                given={rating.givenTo(CRISP)}
                expected={expected?.crisp ?? null}
                disabled={disabled}
                onSay={(i) => rating.say(CRISP, i)}
              />
            </div>
          </div>
          <Scale
            face={BELOW}
            given={rating.givenTo(BELOW)}
            expected={expected?.step ?? null}
            disabled={disabled}
            onSay={(i) => rating.say(BELOW, i)}
            below
          />
        </>
      )}
      <div className="mt-1 flex shrink-0 gap-3">
        <Save place={place} rating={rating} disabled={disabled} onDone={onDone} />
        {!isMore && (
          <button
            type="button"
            className="flex min-h-16 flex-col items-center justify-center rounded-2xl border-2 border-act px-6 font-display text-xl font-bold text-act max-md:px-3"
            onClick={() => setShown('more')}
          >
            <Ellipsis aria-hidden className="size-6" />
            More
          </button>
        )}
      </div>
    </section>
  );
};

/** How long it was in, against what was planned; what can hardly be is doubted. */
const RateHeader = ({ cook, place, onDone, children }: Props & { readonly children: ReactNode }) => {
  const { iron, progress, prediction, log } = place;
  const cooked_s = progress === null ? null : cookedFor_s(progress);
  const opened = log.findLast(({ kind }) => kind === 'opened');
  const isDoubtful = cooked_s !== null && prediction !== null && isImplausibleOpening(cooked_s, prediction.cookTime_s.best);
  return (
    <header className="flex items-start gap-1">
      <div className="min-w-0 flex-1">
        <h2 className="truncate text-[28px] leading-tight max-md:text-2xl">How was {iron.name}?</h2>
        <p className="flex flex-wrap items-center gap-x-3 text-lg text-quiet max-md:text-base">
          {cooked_s !== null && (
            <span>
              opened after <b className="text-ink">{clock(cooked_s)}</b>
              {prediction !== null && `, plan ${clock(prediction.cookTime_s.best)}`}
            </span>
          )}
          {opened !== undefined && (
            <button
              type="button"
              disabled={!cook.held}
              className="min-h-11 font-semibold text-ink underline underline-offset-4"
              onClick={() => {
                cook.note(place, { kind: 'undone', data: { seq: opened.seq } });
                onDone();
              }}
            >
              {isDoubtful ? 'No, it is still closed' : 'undo “opened”'}
            </button>
          )}
          <span aria-hidden>
            <span className="text-act">▲</span> expected
          </span>
        </p>
      </div>
      {children}
      <button type="button" aria-label="Close" className={ICON_BUTTON} onClick={onDone}>
        <X aria-hidden className="size-8" />
      </button>
    </header>
  );
};

const ICON_BUTTON = 'grid size-14 shrink-0 place-items-center rounded-lg hover:bg-track max-md:size-11';

/** Takes a picture in one touch; where there is one, it goes between what was expected and the piece to be touched. */
const PictureOfLoad = ({
  picture: { photo, take, remove },
  isShown,
  disabled,
  onShow,
}: {
  readonly picture: ReturnType<typeof useLoadPhoto>;
  readonly isShown: boolean;
  readonly disabled: boolean;
  readonly onShow: (shown: Shown) => void;
}) => {
  if (photo === null)
    return (
      <PictureButton
        label="Photo"
        icon={Camera}
        camera
        isIcon
        disabled={disabled}
        onPicture={(file) => void take(file).then(() => onShow('photo'))}
      />
    );
  return (
    <>
      {isShown && (
        <button type="button" aria-label="Remove photo" className={ICON_BUTTON} disabled={disabled} onClick={remove}>
          <Trash2 aria-hidden className="size-7" />
        </button>
      )}
      <button
        type="button"
        aria-label={isShown ? 'Back to the piece' : 'Photo'}
        className={ICON_BUTTON}
        onClick={() => onShow(isShown ? 'piece' : 'photo')}
      >
        {isShown ? <Grid2x2 aria-hidden className="size-8" /> : <Image aria-hidden className="size-8 text-act" />}
      </button>
    </>
  );
};

const Moulds = ({ moulds, rating: { mould, setMould } }: { readonly moulds: number; readonly rating: Rating }) => (
  <div role="radiogroup" aria-label="Which mould" className="flex gap-2">
    {[null, ...Array.from({ length: moulds }, (_, i) => i)].map((which) => (
      <button
        key={String(which)}
        type="button"
        role="radio"
        aria-checked={mould === which}
        className={`min-h-11 flex-1 rounded-lg border-2 text-lg font-semibold ${mould === which ? 'border-ink bg-ink text-page' : 'border-line'}`}
        onClick={() => setMould(which)}
      >
        {which === null ? `all ${moulds}` : which + 1}
      </button>
    ))}
  </div>
);

/** Says the rest as expected, and goes back to the irons. */
const Save = ({
  place: { prediction },
  rating,
  disabled,
  onDone,
}: {
  readonly place: LinePlace;
  readonly rating: Rating;
  readonly disabled: boolean;
  readonly onDone: () => void;
}) => {
  const said = saidInShort(rating.mine);
  return (
    <button
      type="button"
      disabled={disabled}
      aria-label={said === '' ? 'As expected' : 'Save'}
      className="flex min-h-16 flex-1 flex-col items-center justify-center rounded-2xl bg-act px-4 py-1 font-display text-[32px] leading-tight font-bold text-page active:scale-[0.99] disabled:opacity-60 max-md:text-2xl"
      onClick={() => {
        if (prediction !== null) rating.sayTheRest(prediction);
        onDone();
      }}
    >
      {said === '' ? 'As expected' : 'Save'}
      {said !== '' && (
        <span className="line-clamp-2 font-sans text-base leading-tight font-semibold max-md:text-sm">{said}, the rest as expected</span>
      )}
    </button>
  );
};
