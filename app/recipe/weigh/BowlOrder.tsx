import type { DragEndEvent } from '@dnd-kit/core';
import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useDroppable, useSensor, useSensors } from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical, Scissors } from 'lucide-react';
import { useState } from 'react';
import type { Formula, FormulaLine, ParsedFormula } from '../../../core/formula/index.ts';
import { WEIGHED_INTO } from '../../../core/formula/index.ts';
import type { Ingredient } from '../../../core/matter/index.ts';
import type { Place, WeighPlan, WeighStep } from '../../../core/weigh/index.ts';
import { isMovable, movedTo, splitInTwo, unplaced } from '../../../core/weigh/index.ts';
import { InlineSelect, NumberEntry } from '../../ui/index.ts';
import { commands, newId, useDo } from '../../store/index.ts';
import { BowlPicture } from './BowlPicture.tsx';
import { BOWL_WORDS, onScale, stepName } from './words.ts';

type Props = {
  readonly formula: Formula;
  readonly reading: ParsedFormula;
  readonly plan: WeighPlan;
  readonly own: readonly Ingredient[];
};

/** What goes into which bowl, in which order: dragged, or chosen from a list; sugar can be parted between bowl and foam. */
export const BowlOrder = ({ formula, reading, plan, own }: Props) => {
  const carryOut = useDo();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const [splitting, setSplitting] = useState<string | null>(null);
  const change = (make: (lines: readonly FormulaLine[]) => FormulaLine[]): void => {
    void carryOut(commands.reviseFormula(formula, (now) => ({ ...now, lines: make(now.lines), rev: now.rev + 1, parentRev: now.rev })));
  };
  const inBowl = (role: string): WeighStep[] => plan.steps.flatMap((step) => (step.kind === 'weigh' && step.bowl === role ? [step] : []));
  const move = (lineId: string, bowl: Place['bowl'], at: number): void => change((lines) => movedTo(lines, plan, lineId, bowl, at));
  const dropped = ({ active, over }: DragEndEvent): void => {
    const step = plan.steps.find(({ id }) => id === active.id);
    if (over === null || step?.kind !== 'weigh' || active.id === over.id) return;
    const onto = plan.steps.find(({ id }) => id === over.id);
    const bowl = WEIGHED_INTO.find((role) => role === (onto?.bowl ?? over.id));
    if (bowl === undefined) return;
    const others = inBowl(bowl).filter(({ lineId }) => lineId !== step.lineId);
    const at = onto === undefined ? others.length : inBowl(bowl).findIndex(({ id }) => id === over.id);
    move(step.lineId, bowl, at);
  };
  const gramsOf = (lineId: string): number => reading.lines[formula.lines.findIndex(({ id }) => id === lineId)]?.grams ?? 0;
  const isMoved = formula.lines.some(({ place }) => place !== undefined);
  return (
    <section aria-label="Bowls and their order" className="col-span-2 max-lg:col-span-1">
      <h2 className="flex flex-wrap items-baseline gap-x-4 text-lg">
        In this order
        <span className="text-[15px] font-normal text-quiet">drag, or choose another bowl</span>
        {isMoved && (
          <button type="button" className="min-h-11 text-[15px] font-semibold text-act underline" onClick={() => change(unplaced)}>
            As usual again
          </button>
        )}
      </h2>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
        <ul aria-label="Bowls" className="mt-1 flex flex-wrap gap-x-8 gap-y-4">
          {WEIGHED_INTO.filter((role) => plan.bowls.includes(role)).map((role) => {
            const steps = inBowl(role);
            return (
              <BowlColumn key={role} role={role} ids={steps.map(({ id }) => id)}>
                <BowlPicture
                  layers={steps.map((step) => ({ key: step.id, name: stepName(step, own), grams: step.grams, isLive: false }))}
                  full_g={steps.reduce((sum, step) => sum + step.grams, 0)}
                  name={BOWL_WORDS[role]}
                />
                <p className="text-center text-[15px] text-quiet">{BOWL_WORDS[role]}</p>
                <ol className="mt-1">
                  {steps.map((step) => (
                    <BowlLine
                      key={step.id}
                      step={step}
                      name={stepName(step, own)}
                      onInto={(bowl) => move(step.lineId, bowl, inBowl(bowl).length)}
                      onSplit={isParted(step, plan) ? () => setSplitting(step.lineId) : null}
                    >
                      {splitting === step.lineId && (
                        <NumberEntry
                          label={`g of it for the ${role === 'foam' ? BOWL_WORDS.dry : BOWL_WORDS.foam}`}
                          value={null}
                          min={1}
                          max={Math.floor(gramsOf(step.lineId))}
                          mayBeEmpty
                          placeholder="then Enter"
                          onChange={() => undefined}
                          onEnter={(apart_g) => {
                            const found = {
                              grams: gramsOf(step.lineId),
                              apart_g,
                              bowl: role === 'foam' ? ('dry' as const) : ('foam' as const),
                              name: stepName(step, own).toLowerCase(),
                              newId: newId(),
                            };
                            setSplitting(null);
                            change((lines) => splitInTwo(lines, step.lineId, found) ?? [...lines]);
                          }}
                        />
                      )}
                    </BowlLine>
                  ))}
                </ol>
              </BowlColumn>
            );
          })}
        </ul>
      </DndContext>
    </section>
  );
};

/** Sugar may be parted where there is a foam. */
const isParted = (step: WeighStep, plan: WeighPlan): boolean =>
  plan.bowls.includes('foam') &&
  (step.ingredientId ?? '').includes('sugar') &&
  (step.bowl === 'foam' || step.bowl === 'dry' || step.bowl === 'wet');

const BowlColumn = ({ role, ids, children }: { readonly role: string; readonly ids: string[]; readonly children: React.ReactNode }) => {
  const { setNodeRef } = useDroppable({ id: role });
  return (
    <li ref={setNodeRef} className="w-[250px]">
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </li>
  );
};

type LineProps = {
  readonly step: WeighStep;
  readonly name: string;
  readonly onInto: (bowl: Place['bowl']) => void;
  readonly onSplit: (() => void) | null;
  readonly children: React.ReactNode;
};

const BowlLine = ({ step, name, onInto, onSplit, children }: LineProps) => {
  const isFree = isMovable(step);
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: step.id, disabled: !isFree });
  const bowl = WEIGHED_INTO.find((role) => role === step.bowl) ?? 'wet';
  return (
    <li ref={setNodeRef} style={{ transform: CSS.Transform.toString(transform), transition }} className="border-b border-line bg-page">
      <div className="flex min-h-11 items-center gap-1">
        {isFree ? (
          <button
            type="button"
            {...attributes}
            {...listeners}
            aria-label={`Move ${name.toLowerCase()}`}
            className="grid h-10 w-7 shrink-0 cursor-grab touch-none place-items-center rounded text-quiet hover:bg-act-soft"
          >
            <GripVertical aria-hidden className="size-4" />
          </button>
        ) : (
          <span className="w-7 shrink-0" />
        )}
        <b className="figure">{onScale(step.grams, step.resolution_g)} g</b>
        <span className="min-w-0 flex-1 truncate">{name.toLowerCase()}</span>
        {onSplit !== null && (
          <button
            type="button"
            aria-label={`Part the ${name.toLowerCase()} between bowl and foam`}
            title="Part it between bowl and foam"
            className="grid size-10 place-items-center rounded text-quiet hover:bg-act-soft hover:text-ink"
            onClick={onSplit}
          >
            <Scissors aria-hidden className="size-4" />
          </button>
        )}
        {isFree && (
          <span className="text-sm">
            <InlineSelect
              label={`Bowl for ${name.toLowerCase()}`}
              value={bowl}
              choices={WEIGHED_INTO.map((role) => ({ value: role, label: role === 'top' ? 'plate' : role === 'melt' ? 'pan' : role }))}
              onChange={(chosen) => chosen !== bowl && onInto(chosen)}
            />
          </span>
        )}
      </div>
      {children}
    </li>
  );
};
