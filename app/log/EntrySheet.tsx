import type { Did, LoadEvent, Observation, Prediction } from '../../core/log/index.ts';
import {
  clock,
  dayAndTime,
  dialMarkText,
  ExpectedBeside,
  grams,
  percent,
  PictureButton,
  pieceOf,
  Sheet,
  temperature,
  timeWithSeconds,
  USUAL_STEP,
} from '../ui/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import { lazy, Suspense } from 'react';
import type { Session } from '../session/index.ts';
import { useLoadPhoto } from '../session/index.ts';
import { ColourMark, TimeMark } from './Drawn.tsx';
import type { Entry } from '../../core/book/index.ts';

const WhatWentWrong = lazy(async () => ({ default: (await import('./WhatWentWrong.tsx')).WhatWentWrong }));

const WhatIf = lazy(async () => ({ default: (await import('./WhatIf.tsx')).WhatIf }));

const SIDE_WORDS = { upper: 'above', lower: 'below' } as const;
const KIND_WORDS: Readonly<Record<string, string>> = {
  edges: 'edges',
  missing_share: 'missing',
  leaked_g: 'leaked',
  mass_g: 'piece weighed',
  crumb: 'crumb',
  crisp: 'crisp',
  stuck: 'stuck',
  lost: 'thrown away',
  fill: 'fill',
  note: 'note',
  cause: 'behind it',
};

const observationWords = (o: Observation, moulds: number): string => {
  const where = moulds > 1 ? `mould ${o.mould + 1}, ` : '';
  if (o.kind === 'tawny') return `${where}colour ${SIDE_WORDS[o.side]}: step ${o.value}`;
  const value =
    o.kind === 'missing_share' ? percent(o.value) : o.kind === 'leaked_g' || o.kind === 'mass_g' ? `${grams(o.value)} g` : String(o.value);
  return `${where}${KIND_WORDS[o.kind] ?? o.kind}: ${value}`;
};

const eventWords = (event: LoadEvent, moulds: number): string => {
  switch (event.kind) {
    case 'signal':
      return { 'steam-down': 'steam is down', smells: 'it smells', beeped: 'it beeped', light: 'its light', steaming: 'still steaming' }[
        event.data.signal
      ];
    case 'logged':
      return observationWords(event.data, moulds);
    case 'corrected':
      return `clock jumped by ${Math.round(event.data.jump_ms / 1000)} s`;
    case 'undone':
      return `took back touch ${event.data.seq + 1}`;
    case 'peeked':
      return 'looked';
    case 'did':
      return 'what was done';
    default:
      return event.kind;
  }
};

const settingWords = ({ dial, temperature_C }: Prediction['setting'], kit: Kit): string =>
  `${dial === null ? '' : `mark ${dialMarkText(dial)}, `}${temperature(temperature_C, kit.temperatureUnit)}`;

const TOLD_WORDS = { scale: 'weighed', scoops: 'counted in scoops', eye: 'by eye' } as const;
const portionWords = ({ portion }: Did): string =>
  portion === undefined ? 'as suggested' : `${grams(portion.grams)} g, ${TOLD_WORDS[portion.by]}`;

type Props = {
  readonly session: Session;
  readonly entry: Entry;
  /** All that are on the page: what was found behind them counts. */
  readonly entries: readonly Entry[];
  readonly kit: Kit;
  readonly onClose: () => void;
};

/** A load opened again: what was promised, by which model, and every touch with its instant. */
export const EntrySheet = ({ session, entry, entries, kit, onClose }: Props) => {
  const { prediction, iron, lot, load, log, progress, cooked_s } = entry;
  const moulds = iron?.geometry.moulds ?? 1;
  return (
    <Sheet title={`${iron?.name ?? load.ironId}, load ${load.n}`} open onClose={onClose} wide>
      <p className="text-quiet">
        {lot?.name} · {dayAndTime(load.startedAt, kit.zone)}
        {load.isTrial ? ' · a trial' : ''}
      </p>
      <div className="mt-3 flex flex-wrap gap-x-8 gap-y-3">
        <TimeMark entry={entry} />
        <ColourMark entry={entry} />
      </div>
      <PhotoOfLoad entry={entry} />
      <div className="mt-4 grid gap-6 sm:grid-cols-2">
        {prediction !== null && (
          <section>
            <h3 className="text-lg">Promised</h3>
            <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
              <Row term="Setting" value={settingWords(prediction.setting, kit)} />
              <Row term="Portion" value={`${grams(prediction.portion_g)} g`} />
              <Row
                term="Open after"
                value={`${clock(prediction.cookTime_s.best)} (good ${clock(prediction.cookTime_s.from)}–${clock(prediction.cookTime_s.to)})`}
              />
              <Row term="Crisp" value={prediction.crisp.toFixed(1)} />
              <Row term="Piece" value={`${grams(prediction.pieceMass_g)} g, ${percent(prediction.waterLoss_fraction)} lost`} />
              <Row term="Model" value={`${prediction.modelVersion}, inputs ${prediction.inputsHash.slice(0, 8)}`} />
            </dl>
          </section>
        )}
        {prediction !== null && (
          <section aria-label="Done">
            <h3 className="text-lg">Done</h3>
            <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
              <Row term="Setting" value={progress.did.setting === undefined ? 'as suggested' : settingWords(progress.did.setting, kit)} />
              <Row term="Portion" value={portionWords(progress.did)} />
              {progress.did.preheat_s !== undefined && <Row term="Preheated" value={clock(progress.did.preheat_s)} />}
              {progress.did.greased !== undefined && <Row term="Greased" value={progress.did.greased ? 'yes' : 'no'} />}
              {progress.did.scattered_g !== undefined && <Row term="Scattered in" value={`${grams(progress.did.scattered_g)} g`} />}
              {progress.pouredAt !== null && progress.closedAt !== null && (
                <Row
                  term="Lid closed"
                  value={`${Math.max(0, Math.round((progress.closedAt - progress.pouredAt) / 1000))} s after the pour`}
                />
              )}
              {progress.turnedAt !== null && progress.closedAt !== null && (
                <Row term="Turned" value={`${Math.max(0, Math.round((progress.turnedAt - progress.closedAt) / 1000))} s after the lid`} />
              )}
              <Row term="Opened after" value={cooked_s === null ? 'not opened' : clock(cooked_s)} />
            </dl>
          </section>
        )}
        <section>
          <h3 className="text-lg">What was touched</h3>
          <ol className="mt-1 max-h-72 overflow-auto">
            {log.map((event) => (
              <li key={event.seq} className="flex gap-3 border-b border-line py-0.5">
                <span className="text-quiet">{timeWithSeconds(event.at, kit.zone)}</span>
                {eventWords(event, moulds)}
                {event.by !== undefined && <span className="text-quiet"> by {event.by}</span>}
              </li>
            ))}
          </ol>
        </section>
      </div>
      <Suspense>
        <WhatIf session={session} entry={entry} />
        <WhatWentWrong session={session} entry={entry} entries={entries} />
      </Suspense>
    </Sheet>
  );
};

/** The picture of what came out, beside what was expected. */
const PhotoOfLoad = ({ entry: { load, iron, prediction } }: { readonly entry: Entry }) => {
  const { photo, take, remove } = useLoadPhoto(load.id);
  if (photo === null)
    return (
      <div className="mt-3">
        <PictureButton label="Add a photo" onPicture={(file) => void take(file)} />
      </div>
    );
  return (
    <section aria-label="Photo" className="mt-3 flex items-end gap-4 max-sm:flex-col max-sm:items-start">
      <div className="flex h-56 w-full max-w-lg">
        {iron !== null && (
          <ExpectedBeside look={pieceOf(iron, prediction?.tawnyStep ?? USUAL_STEP)} jpeg={photo.jpeg} label={`What ${iron.name} made`} />
        )}
      </div>
      <button type="button" className="button-plain" onClick={remove}>
        Remove photo
      </button>
    </section>
  );
};

const Row = ({ term, value }: { readonly term: string; readonly value: string }) => (
  <>
    <dt className="text-quiet">{term}</dt>
    <dd>{value}</dd>
  </>
);
