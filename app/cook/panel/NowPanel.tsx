import clsx from 'clsx';
import { TriangleAlert } from 'lucide-react';
import { useRef } from 'react';
import type { ActPanel, DueAct, Panel } from '../../../core/line/index.ts';
import { dishName } from '../../session/index.ts';
import type { Cook } from '../useCook.ts';
import type { PanelText } from '../words/panelText.ts';
import { DONE, panelText } from '../words/panelText.ts';
import { Caution } from './Caution.tsx';

type Props = {
  readonly cook: Cook;
  readonly panel: Panel;
  readonly now: number;
  /** Lids that are overdue, this one among them. */
  readonly overdue: number;
  /** Something else is open under it on a phone: it keeps to one row. */
  readonly isRow: boolean;
};

/** One thing to do next over all irons, seen from a metre and a half: the act, the amount or the clock, why, and one button. */
export const NowPanel = (props: Props) => {
  const { panel } = props;
  if (panel.kind === 'getting-ready')
    return <Quiet act="getting-ready" title="Getting ready …" text="Working out your plan. The first order comes when it is done." />;
  if (panel.kind === 'nothing')
    return (
      <Quiet
        title="Nothing to do"
        text={
          panel.isForOthers
            ? 'Nothing for you now. The other screens have work.'
            : 'All that was planned is done. You can still pour at any iron.'
        }
      />
    );
  return <Due {...props} panel={panel} />;
};

/** Its size is what its words are measured by: nothing in it is ever cut. */
const FRAME = 'relative flex w-[39.5%] shrink-0 [container-type:size] max-md:min-h-[300px] max-md:w-full max-md:flex-1';
const INNER = 'flex min-h-0 min-w-0 flex-1 flex-col gap-[min(12px,1.6cqh)] overflow-hidden p-[min(28px,7cqw)] max-md:p-[min(22px,5.5cqw)]';

const Quiet = ({ act, title, text }: { readonly act?: string; readonly title: string; readonly text: string }) => (
  <section aria-label="Do next" data-act={act} className={clsx(FRAME, 'bg-sheet')}>
    <div className={INNER}>
      <p className="font-display text-[min(13cqw,9cqh)] leading-none font-bold">{title}</p>
      <p className="text-xl">{text}</p>
    </div>
  </section>
);

const ground = ({ isLate, isAtHand }: ActPanel): string =>
  isLate ? 'bg-hazard-soft text-ink outline-8 -outline-offset-8 outline-late' : isAtHand ? 'bg-now text-white' : 'bg-sheet text-ink';

const Due = ({ cook, panel, now, overdue, isRow }: Props & { readonly panel: ActPanel }) => {
  const { due } = panel;
  const place = cook.places.find(({ iron }) => iron.id === due.ironId);
  const text = panelText(panel, {
    place,
    kit: cook.kit,
    now,
    towards: cook.towards.get(due.ironId),
    said: cook.saidOf(due.ironId),
    nameOf: (act) => nameOf(cook, act),
    isOneOfSeveral: overdue > 1,
  });
  return (
    <section
      aria-label="Do next"
      data-act={due.act}
      data-for={due.act === 'fold' ? due.dishId : due.ironId}
      data-at-hand={panel.isAtHand}
      data-late={panel.isLate}
      className={clsx(isRow ? 'shrink-0' : FRAME, ground(panel), panel.isLate && 'late-pulse')}
    >
      {isRow ? <Row cook={cook} panel={panel} text={text} /> : <Whole cook={cook} panel={panel} text={text} />}
    </section>
  );
};

type TextProps = { readonly cook: Cook; readonly panel: ActPanel; readonly text: PanelText };

/** On a phone, over what is open there: what is due, its clock, and its button beside it. */
const Row = ({ cook, panel, text }: TextProps) => (
  <div className="flex h-[92px] items-center gap-3 px-4">
    <p className="min-w-0 flex-1 font-display leading-tight font-bold">
      <span className="block truncate text-xl">
        {text.verb} {text.name}
      </span>
      <span className={clsx('figure text-[34px]', panel.isLate && 'text-hazard')}>
        {text.figure} <span className="text-xl">{text.unit}</span>
      </span>
    </p>
    {panel.button !== null && <DoneButton cook={cook} panel={panel} className="h-16 w-[46%] text-2xl" />}
  </div>
);

const Whole = ({ cook, panel, text }: TextProps) => (
  <div className={INNER}>
    <State text={text} />
    <Title text={text} />
    <PanelFigure text={text} isLate={panel.isLate} />
    <p className="text-[min(6.2cqw,26px)] leading-tight font-semibold">{text.reason}</p>
    <div className="min-h-0 overflow-hidden text-[min(5.4cqw,22px)] leading-snug">
      {text.notes.map((note) => (
        <p key={note}>{note}</p>
      ))}
      {text.then !== '' && <p className={panel.isAtHand && !panel.isLate ? 'text-white/80' : 'text-quiet'}>{text.then}</p>}
    </div>
    {!cook.hasPoured && panel.due.act === 'pour' && <Caution cook={cook} isOnNow={panel.isAtHand} />}
    <PanelButton cook={cook} panel={panel} />
  </div>
);

const State = ({ text }: { readonly text: PanelText }) => (
  <p
    className={clsx('flex items-center gap-2 text-[min(5.6cqw,24px)] leading-tight font-semibold', text.state === 'Late' && 'text-hazard')}
  >
    {text.state === 'Late' && <TriangleAlert aria-hidden className="size-[1.25em]" strokeWidth={2.4} />}
    {text.state}
  </p>
);

/** A name of two short words stays together; a long one is written smaller. */
const LONG_NAME = 12;
const Title = ({ text: { verb, name } }: { readonly text: PanelText }) => (
  <h2
    className={clsx(
      'line-clamp-3 shrink-0 pb-[0.12em] leading-[1.02] font-bold break-words max-md:line-clamp-2',
      name.length > LONG_NAME ? 'text-[min(11cqw,7.5cqh)]' : 'text-[min(16.5cqw,10.5cqh)] max-md:text-[min(13cqw,13cqh)]',
    )}
  >
    {verb} {name.length <= LONG_NAME ? name.replaceAll(' ', '\u00a0') : name}
  </h2>
);

/** Longer figures are written smaller. */
const figureSize = (length: number): string =>
  length <= 5 ? 'text-[min(33cqw,20cqh)]' : length <= 7 ? 'text-[min(24cqw,17cqh)]' : 'text-[min(18cqw,13cqh)]';

const LONG_UNIT = 8;
const PanelFigure = ({ text: { figure, unit }, isLate }: { readonly text: PanelText; readonly isLate: boolean }) =>
  figure !== '' && (
    <p
      className={clsx(
        'figure flex shrink-0 flex-wrap items-baseline gap-x-[0.12em] leading-[0.95]',
        isLate && 'text-hazard',
        figureSize(figure.length),
      )}
    >
      <span className="whitespace-nowrap" data-panel-figure={figure}>
        {figure}
      </span>
      {unit !== '' && <span className={unit.length > LONG_UNIT ? 'text-[min(8.6cqw,7cqh)]' : 'text-[min(13cqw,9cqh)]'}>{unit}</span>}
    </p>
  );

const LINK = 'min-h-11 px-2 text-lg font-semibold underline decoration-2 underline-offset-4';

/** What stands here may change under a finger: for half a second after that it hears none. Two names, so that each change begins it anew. */
const DEAF = ['deaf-a', 'deaf-b'] as const;

/** Counts the changes of a thing's name, by turns 0 and 1. */
const useTurn = (name: string): 0 | 1 => {
  const last = useRef<{ readonly name: string; readonly turn: 0 | 1 }>({ name, turn: 0 });
  if (last.current.name !== name) last.current = { name, turn: last.current.turn === 0 ? 1 : 0 };
  return last.current.turn;
};

/** The one touch that is offered. */
const DoneButton = ({ cook, panel, className }: Omit<TextProps, 'text'> & { readonly className: string }) => {
  const { due, button, isLate } = panel;
  const turn = useTurn(`${due.ironId} ${button}`);
  if (button === null) return null;
  const name = cook.places.find(({ iron }) => iron.id === due.ironId)?.iron.name ?? '';
  return (
    <button
      type="button"
      disabled={!cook.held}
      aria-label={button === 'fold' ? DONE.fold : `${DONE[button]}: ${name}`}
      className={clsx(
        'rounded-2xl font-display font-bold active:scale-[0.99] disabled:opacity-60',
        DEAF[turn],
        isLate ? 'bg-act text-page' : 'bg-white text-[#101416]',
        className,
      )}
      onClick={() => cook.panelTouch(panel)}
    >
      {DONE[button]}
    </button>
  );
};

/** Always at the same place; empty while there is nothing to touch. */
const PanelButton = ({ cook, panel }: Omit<TextProps, 'text'>) => {
  const { due, button } = panel;
  const place = cook.places.find(({ iron }) => iron.id === due.ironId);
  const name = place?.iron.name ?? '';
  return (
    <div className="mt-auto flex shrink-0 flex-col">
      <DoneButton cook={cook} panel={panel} className="h-[min(108px,16cqh)] min-h-16 w-full text-[min(10cqw,44px)]" />
      <div className="flex min-h-11 justify-center gap-[10cqw]">
        {button === 'pour' && (
          <>
            <button
              type="button"
              disabled={!cook.held}
              aria-label={`Not yet: ${name}`}
              className={LINK}
              onClick={() => cook.putOff(due.ironId)}
            >
              Not yet
            </button>
            <button
              type="button"
              disabled={!cook.held}
              aria-label={`Skip this one: ${name}`}
              className={LINK}
              onClick={() => place !== undefined && cook.skip(place)}
            >
              Skip
            </button>
          </>
        )}
      </div>
    </div>
  );
};

/** The iron's name; of a fold, the next part, and of what where there are several dishes. */
const nameOf = ({ places, planned }: Cook, { act, ironId, dishId }: DueAct): string => {
  if (act !== 'fold') return places.find(({ iron }) => iron.id === ironId)?.iron.name ?? '';
  const of = planned === null ? null : dishName(planned, dishId ?? '');
  return of === null ? 'the next part' : `the next part of ${of}`;
};
