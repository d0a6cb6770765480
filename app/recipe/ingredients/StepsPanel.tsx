import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { arrayMove, SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ArrowDown, ArrowUp, GripVertical, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { useMemo, useState } from 'react';
import type { ComparedClaim, Formula } from '../../../core/formula/index.ts';
import { actsOf } from '../../../core/formula/index.ts';
import { AddEntry, clock, duration, grams, temperature } from '../../ui/index.ts';
import { usuallyFilledBy, withoutUsualPour } from '../../../core/plate/index.ts';
import type { Session } from '../../session/index.ts';
import { commands, useDo } from '../../store/index.ts';
import type { Revise } from './revise.ts';
import { actsAfter } from './acts.ts';
import { StepActs } from './StepActs.tsx';
import { revised } from './revise.ts';

type Props = {
  readonly formula: Formula;
  readonly claims: readonly ComparedClaim[];
  readonly session: Session;
  /** Batter that fills the iron on the bench as it is described, g; null: none, or its loads know better. */
  readonly full_g: number | null;
  readonly onRevise: Revise;
};

const span = (low: number, high: number, say: (value: number) => string): string => (low === high ? say(low) : `${say(low)}–${say(high)}`);

/** "cook 4:00–5:00; we expect 2:27". */
const claimWords = ({ claim, ratio, verdict }: ComparedClaim, session: Session): string => {
  const { kind } = claim;
  const written = wordsOf(kind, claim.low, claim.high, session);
  if (ratio === null || verdict === 'agrees' || verdict === 'kept') return written;
  // Ours over the nearer end of what is written.
  const ours = ratio * (ratio < 1 ? claim.low : claim.high);
  return `${written}; we expect ${wordsOf(kind, ours, ours, session).replace(/^\D+/, '')}`;
};

/** A figure of a recipe with its unit, or its span. */
const wordsOf = (kind: ComparedClaim['claim']['kind'], low: number, high: number, session: Session): string => {
  const unit = session.kit.temperatureUnit;
  const said: Readonly<Record<typeof kind, () => string>> = {
    dose_mL: () => `dose ${span(low, high, (v) => String(Math.round(v)))} mL`,
    dose_g: () => `dose ${span(low, high, grams)} g`,
    cook_s: () => `cook ${span(low, high, clock)}`,
    setting_C: () => `at ${span(low, high, (v) => temperature(v, unit))}`,
    dial: () => `dial ${span(low, high, (v) => String(Number(v.toFixed(2))))}`,
    preheat_s: () => `preheat ${span(low, high, clock)}`,
    chill_s: () => `chill ${span(low, high, duration)}`,
    keep_s: () => `keeps ${span(low, high, duration)}`,
    oven_C: () => `oven at ${span(low, high, (v) => temperature(v, unit))}`,
    oven_s: () => `oven ${span(low, high, clock)}`,
    rest_s: () => `rest ${span(low, high, duration)}`,
    work_s: () => `work ${span(low, high, clock)}`,
    pieces: () => `${span(low, high, (v) => String(Math.round(v)))} pieces`,
    energy_kcal: () => `${Math.round(low)} kcal a piece`,
    fat_g: () => `fat ${grams(low)}`,
    protein_g: () => `protein ${grams(low)}`,
    carbohydrate_g: () => `carbohydrate ${grams(low)}`,
  };
  return said[kind]();
};

/** Times that stand with what the step asks for. */
const SAID_BY_ACTS: ReadonlySet<string> = new Set(['preheat_s', 'rest_s', 'chill_s', 'work_s', 'keep_s', 'oven_s']);

/** The steps as written, to be changed and ordered; what they say stands beside what we expect on the iron that is chosen. */
export const StepsPanel = ({ formula, claims, session, full_g, onRevise }: Props) => {
  const { steps } = formula;
  const acts = useMemo(() => actsOf(formula), [formula]);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const change = (next: readonly string[]): void =>
    onRevise((now) => {
      const after = next.filter((step) => step.trim() !== '');
      return revised(now, { steps: after, ...(now.acts === undefined ? {} : { acts: actsAfter(now.acts, now.steps, after) }) });
    });
  const move = (from: number, to: number): void => {
    if (to >= 0 && to < steps.length && from !== to) change(arrayMove([...steps], from, to));
  };
  const ids = steps.map((_, i) => String(i));
  const ofYield = claims.filter(({ claim }) => claim.step === null);
  return (
    <section aria-label="Steps" className="mt-5">
      <h2 className="flex items-baseline gap-4 text-lg">
        Steps
        {formula.yieldHint !== null && (
          <span className="font-sans text-[15px] font-normal text-quiet">
            {formula.yieldHint} {ofYield.map((claim) => `(${claimWords(claim, session)})`).join(' ')}
          </span>
        )}
      </h2>
      <UsualPour claims={claims} session={session} full_g={full_g} />
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={({ active, over }) => over !== null && move(Number(active.id), Number(over.id))}
      >
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <ol>
            {steps.map((step, i) => (
              <StepLine
                key={`${i}/${step}`}
                id={String(i)}
                text={step}
                last={i === steps.length - 1}
                claims={claims
                  .filter(({ claim, verdict }) => claim.step === i && !(verdict === 'kept' && SAID_BY_ACTS.has(claim.kind)))
                  .map((claim) => ({ words: claimWords(claim, session), differs: claim.verdict === 'differs' }))}
                onWrite={(text) => change(steps.map((other, at) => (at === i ? text : other)))}
                onMove={(by) => move(i, i + by)}
                onRemove={() => change(steps.filter((_, at) => at !== i))}
              >
                <StepActs formula={formula} acts={acts} step={i} onRevise={onRevise} />
              </StepLine>
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <AddEntry label="Another step" placeholder="another step" onAdd={(text) => change([...steps, text])} />
    </section>
  );
};

/** A stated dose says what usually fills an iron that nobody has measured: taken when the cook says so, and let go again. */
const UsualPour = ({ claims, session, full_g }: Pick<Props, 'claims' | 'session' | 'full_g'>) => {
  const carryOut = useDo();
  const { iron } = session;
  const dose = claims.find(({ claim }) => claim.kind === 'dose_g' || claim.kind === 'dose_mL');
  if (iron === null) return null;
  const before = withoutUsualPour(iron);
  if (before !== null)
    return (
      <p className="text-[15px]">
        {iron.name} counts as holding {Math.round(iron.geometry.cavity_mL)} mL, from your recipe’s dose, not{' '}
        {Math.round(before.geometry.cavity_mL)}.{' '}
        <button
          type="button"
          className="min-h-11 font-semibold text-act underline underline-offset-2"
          onClick={() => void carryOut(commands.reviseIron(iron, (now) => withoutUsualPour(now) ?? now))}
        >
          Undo
        </button>
      </p>
    );
  const ratio = dose?.ratio ?? null;
  if (dose === undefined || ratio === null || full_g === null || iron.measured?.cavity != null) return null;
  // Reckoned over stated, from the nearer end of what is stated.
  const said = usuallyFilledBy(iron, full_g / ratio, full_g);
  if (!said.ok) return null;
  return (
    <p className="text-[15px]">
      Nobody has measured how much {iron.name} holds.{' '}
      <button
        type="button"
        className="min-h-11 font-semibold text-act underline underline-offset-2"
        onClick={() =>
          void carryOut(
            commands.reviseIron(iron, (now) => {
              const taken = usuallyFilledBy(now, full_g / ratio, full_g);
              return taken.ok ? taken.value : now;
            }),
          )
        }
      >
        Use the recipe’s dose as its size
      </button>
    </p>
  );
};

type StepLineProps = {
  readonly id: string;
  readonly text: string;
  readonly last: boolean;
  readonly claims: readonly { readonly words: string; readonly differs: boolean }[];
  readonly onWrite: (text: string) => void;
  readonly onMove: (by: 1 | -1) => void;
  readonly onRemove: () => void;
  /** What the step asks for. */
  readonly children: ReactNode;
};

const StepLine = ({ id, text, last, claims, onWrite, onMove, onRemove, children }: StepLineProps) => {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id });
  const [typed, setTyped] = useState(text);
  const about = text.slice(0, 40);
  const button =
    'grid size-10 place-items-center rounded text-quiet opacity-0 group-focus-within:opacity-100 group-hover:opacity-100 hover:bg-act-soft hover:text-ink focus-visible:opacity-100 disabled:invisible';
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className="group flex items-start gap-1 border-b border-line bg-page py-0.5"
    >
      <button
        type="button"
        {...attributes}
        {...listeners}
        aria-label={`Drag ${about}`}
        className="grid h-10 w-7 shrink-0 cursor-grab place-items-center rounded text-quiet hover:bg-act-soft"
      >
        <GripVertical aria-hidden className="size-4" />
      </button>
      <div className="min-w-0 flex-1">
        <textarea
          aria-label="Step as written"
          className="field-sizing-content min-h-9 w-full resize-none rounded border-b border-transparent bg-transparent px-1 py-1.5 hover:border-band focus:bg-sheet"
          rows={1}
          maxLength={2000}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => typed !== text && onWrite(typed)}
          onKeyDown={(event) => event.key === 'Escape' && setTyped(text)}
        />
        {claims.length > 0 && (
          <p className="flex flex-wrap gap-x-4 pl-1 text-sm">
            {claims.map(({ words, differs }) => (
              <span key={words} className={differs ? 'font-semibold' : 'text-quiet'}>
                {words}
              </span>
            ))}
          </p>
        )}
        {children}
      </div>
      <button type="button" className={button} disabled={id === '0'} aria-label={`Up ${about}`} onClick={() => onMove(-1)}>
        <ArrowUp aria-hidden className="size-4" />
      </button>
      <button type="button" className={button} disabled={last} aria-label={`Down ${about}`} onClick={() => onMove(1)}>
        <ArrowDown aria-hidden className="size-4" />
      </button>
      <button type="button" className={button} aria-label={`Remove ${about}`} onClick={onRemove}>
        <Trash2 aria-hidden className="size-4" />
      </button>
    </li>
  );
};
