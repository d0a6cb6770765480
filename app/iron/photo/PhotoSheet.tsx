import { useState } from 'react';
import type { Result } from '../../../core/basis/index.ts';
import { tawnyStepOf } from '../../../core/matter/index.ts';
import type { Corners, Point, ReadFace } from '../../../core/photo/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { lightnessAt, patternAdvice, taughtPattern } from '../../../core/plate/index.ts';
import { describeSentence } from '../../../words/index.ts';
import type { Photo } from '../../ui/index.ts';
import { nearestWord, openPhoto, percent, PictureButton, PlateFace, Sheet, tawnyCss } from '../../ui/index.ts';
import { commands, useDo } from '../../store/index.ts';
import { wallNow } from '../../clock/index.ts';
import type { AdviceJob } from '../../workers/index.ts';
import { askOnce, usePattern } from '../../workers/index.ts';
import { samplePicture } from './samplePicture.ts';
import { PhotoMarks } from './PhotoMarks.tsx';

type Side = 'lower' | 'upper';

type Props = {
  readonly iron: Iron;
  readonly job: AdviceJob;
  /** When the load that is shown was opened. */
  readonly second: number;
  /** The newest load of this iron that was opened: a face can be logged to it. */
  readonly lastLoadId: string | null;
  readonly onTeach: (change: (iron: Iron) => Iron) => void;
  readonly onClose: () => void;
};

const CORNERS = ['Corner: hinge, left', 'Corner: hinge, right', 'Corner: front, right', 'Corner: front, left'] as const;
const SAMPLES = [2, 7, 11] as const;

const cornersFor = ({ width, height }: Photo): Corners => {
  const half = 0.3 * Math.min(width, height);
  const [x, y] = [width / 2, height / 2];
  return [
    { x: x - half, y: y - half },
    { x: x + half, y: y - half },
    { x: x + half, y: y + half },
    { x: x - half, y: y + half },
  ];
};

/** A face from a picture: how brown, how even, which way it leans; and what that says of the plate. Nothing leaves the browser. */
export const PhotoSheet = ({ iron, job, second, lastLoadId, onTeach, onClose }: Props) => {
  const [photo, setPhoto] = useState<Photo | null>(null);
  const [corners, setCorners] = useState<Corners | null>(null);
  const [white, setWhite] = useState<Point | null>(null);
  const [side, setSide] = useState<Side>('upper');
  const [face, setFace] = useState<Result<ReadFace> | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const { lattice } = iron.geometry;

  const show = (opened: Result<Photo>): void => {
    setFace(null);
    if (!opened.ok) {
      setTrouble(describeSentence(opened.failure));
      return;
    }
    setTrouble(null);
    setPhoto(opened.value);
    setCorners(cornersFor(opened.value));
    setWhite({ x: 0.08 * opened.value.width, y: 0.5 * opened.value.height });
  };
  const read = async (): Promise<void> => {
    if (photo === null || corners === null) return;
    setBusy(true);
    const bitmap = await createImageBitmap(photo.canvas);
    const { rows, columns, outline } = lattice;
    setFace(await askOnce('photo', { bitmap, corners, white, rows, columns, outline }, { transfer: [bitmap] }));
    setBusy(false);
  };
  return (
    <Sheet title="A face from a picture" open onClose={onClose} wide="very">
      <div className="flex flex-wrap items-center gap-3">
        <PictureButton onPicture={(file) => void openPhoto(file).then(show)} />
        <span className="text-quiet">or one that was never taken:</span>
        {SAMPLES.map((seed, i) => (
          <button key={seed} type="button" className="button-plain" onClick={() => void samplePicture(seed, lattice).then(show)}>
            Sample {i + 1}
          </button>
        ))}
        <span role="radiogroup" aria-label="Which face" className="ml-auto flex gap-1">
          {(['upper', 'lower'] as const).map((which) => (
            <button
              key={which}
              type="button"
              role="radio"
              aria-checked={side === which}
              className={`min-h-11 rounded-md border-2 px-4 font-semibold ${side === which ? 'border-act bg-act text-page' : 'border-line'}`}
              onClick={() => setSide(which)}
            >
              {which}
            </button>
          ))}
        </span>
      </div>
      {trouble !== null && (
        <p role="alert" className="mt-3 border-l-3 border-ink bg-sheet p-3 text-[17px]">
          {trouble}.
        </p>
      )}
      {photo === null ? (
        <p className="mt-4 max-w-2xl text-[17px]">
          Lay the piece on plain white paper, hinge side up in the picture, in even light. Then put the four corners on it and the white
          mark on the paper. The picture stays on this device.
        </p>
      ) : (
        <div className="mt-4 grid grid-cols-[minmax(0,1fr)_380px] gap-6 max-lg:grid-cols-1">
          <div className="flex flex-col gap-3">
            {corners !== null && white !== null && (
              <PhotoMarks
                photo={photo}
                lines={[corners]}
                marks={[
                  ...corners.map((point, i) => ({
                    name: CORNERS[i] ?? '',
                    point,
                    onMove: (moved: Point) => {
                      setCorners(corners.map((other, k) => (k === i ? moved : other)) as unknown as Corners);
                      setFace(null);
                    },
                  })),
                  {
                    name: 'White paper',
                    point: white,
                    word: 'white',
                    onMove: (moved) => {
                      setWhite(moved);
                      setFace(null);
                    },
                  },
                ]}
              />
            )}
            <button type="button" className="button-act min-h-14" disabled={busy} onClick={() => void read()}>
              {busy ? 'Reading …' : 'Read this face'}
            </button>
          </div>
          <div aria-live="polite">
            {face === null ? (
              <p className="text-[17px] text-quiet">
                Corners on the {lattice.outline === 'round' ? 'square that just holds the round' : 'corners of the piece'}, the white mark
                on paper.
              </p>
            ) : face.ok ? (
              <PhotoResult face={face.value} side={side} iron={iron} job={job} second={second} lastLoadId={lastLoadId} onTeach={onTeach} />
            ) : (
              <p role="alert" className="border-l-3 border-ink bg-sheet p-3 text-[17px]">
                {describeSentence(face.failure)}.
              </p>
            )}
          </div>
        </div>
      )}
    </Sheet>
  );
};

const PhotoResult = ({
  face,
  side,
  iron,
  job,
  second,
  lastLoadId,
  onTeach,
}: { readonly face: ReadFace; readonly side: Side } & Pick<Props, 'iron' | 'job' | 'second' | 'lastLoadId' | 'onTeach'>) => {
  const carryOut = useDo();
  const [done, setDone] = useState<string | null>(null);
  const curve = usePattern({ job, second }).data;
  const { rows, columns } = iron.geometry.lattice;
  const raw = curve?.ok === true ? curve.value.rawLightness : 86;
  const stepAt = (row: number, column: number): number => tawnyStepOf(face.pockets[row * columns + column] ?? 84, raw);
  const tint = (row: number, column: number): string => tawnyCss(stepAt(row, column));
  const step = tawnyStepOf(face.mean, raw);
  const expected = curve?.ok === true ? lightnessAt(curve.value, side, 0) : null;
  const offsets = curve?.ok === true ? taughtPattern(curve.value, side, face.pockets) : null;
  const lean = (value: number, more: string, less: string): string | null =>
    Math.abs(value) < 1.5 ? null : `${value > 0 ? more : less} darker by ${Math.abs(value).toFixed(0)} L*`;
  const leans = [lean(face.rightDarker, 'right side', 'left side'), lean(face.frontDarker, 'front', 'hinge side')].filter(
    (word) => word !== null,
  );
  const teach = (): void => {
    if (offsets === null) return;
    const flat = new Array<number>(rows * columns).fill(0);
    const known = iron.pattern ?? { lower: flat, upper: flat };
    const taught = offsets.map((value) => Math.min(60, Math.max(-60, value)));
    onTeach((now) => ({ ...now, pattern: { ...(now.pattern ?? known), [side]: taught } }));
    setDone('The plate has learned it: the lattice is drawn with it from now on.');
  };
  const log = (): void => {
    if (lastLoadId === null) return;
    void carryOut(
      commands.noteLoad(
        lastLoadId,
        { kind: 'logged', data: { kind: 'lightness', mould: 0, side, value: Math.round(face.mean * 10) / 10 } },
        wallNow(),
      ),
    );
    setDone('Logged to the newest load of this iron.');
  };
  return (
    <section aria-label="What the picture shows" className="flex flex-col gap-3">
      <div className="mx-auto size-56">
        <PlateFace lattice={iron.geometry.lattice} wall={tint} floor={tint} hollow={iron.pour.rule === 'share-of-cavity'} />
      </div>
      <p className="text-[17px]">
        <b className="figure text-3xl" data-figure="photo step" data-exact={step}>
          {step.toFixed(1)}
        </b>{' '}
        {nearestWord(step).replace(/^\d /, '')}, L*{' '}
        <span data-figure="photo mean" data-exact={face.mean}>
          {face.mean.toFixed(0)}
        </span>{' '}
        ± {face.spread.toFixed(1)} between pockets; evenness <b>{percent(face.evenness)}</b>
      </p>
      <p className="text-[17px]" data-figure="photo lean" data-exact={face.rightDarker}>
        {leans.length === 0 ? 'No side is darker.' : `${leans.join(', ')}.`.replace(/^./, (c) => c.toUpperCase())}
        {expected !== null &&
          ` The model expects L* ${expected.toFixed(0)}: ${Math.abs(face.mean - expected) < 3 ? 'as it came out' : face.mean < expected ? 'it came out darker' : 'it came out paler'}.`}
      </p>
      {offsets !== null &&
        patternAdvice(offsets, rows, columns).map((finding, i) => (
          <p key={i} data-code={finding.code} className="border-l-3 border-act bg-sheet px-3 py-1 text-[17px]">
            {describeSentence(finding).replace(/^./, (c) => c.toUpperCase())}.
          </p>
        ))}
      <div className="flex flex-wrap gap-3">
        <button type="button" className="button-act" disabled={offsets === null} onClick={teach}>
          Teach the plate
        </button>
        <button type="button" className="button-plain" disabled={lastLoadId === null} onClick={log}>
          Log to the newest load
        </button>
      </div>
      {done !== null && <p role="status">{done}</p>}
    </section>
  );
};
