import { useCallback, useMemo } from 'react';
import type { Formula, ReadSettings } from '../../core/formula/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import type { Lot } from '../../core/log/index.ts';
import { isOpenLot } from '../../core/log/index.ts';
import { readSettingsOf } from '../../core/kitchen/index.ts';
import { airAfter } from '../../core/lift/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import type { Run } from '../../core/run/index.ts';
import type { Workspace } from '../store/index.ts';
import { newestByName, useKitchen, useRows } from '../store/index.ts';
import type { AdviceJob } from '../workers/index.ts';

export type Session = {
  readonly kit: Kit;
  /** How lines are read here: cups, eggs, air, and the cook's own ingredients. */
  readonly readSettings: ReadSettings;
  readonly lots: readonly Lot[];
  readonly formulas: readonly Formula[];
  readonly irons: readonly Iron[];
  readonly workspace: Workspace;
  /** The run that is on: the newest by serving time. */
  readonly run: Run | null;
  readonly formula: Formula | null;
  readonly iron: Iron | null;
  readonly setWorkspace: (changes: Partial<Workspace>) => void;
};

const EMPTY_WORKSPACE: Workspace = {
  id: 'bench',
  formulaId: '',
  ironId: '',
  target: { tawny: 4, crisp: 3 },
  batter_C: 20,
  load: 1,
  preheat_s: null,
  setting_C: null,
  runId: null,
};

/** Where things were left when nobody has chosen yet: as the run has it, or the first of each. */
const firstWorkspace = (run: Run | null, formulas: readonly Formula[], irons: readonly Iron[]): Workspace => ({
  ...EMPTY_WORKSPACE,
  formulaId: run?.formulaId ?? formulas[0]?.id ?? '',
  ironId: run?.ironIds[0] ?? irons[0]?.id ?? '',
  target: run?.target ?? EMPTY_WORKSPACE.target,
  batter_C: run?.batter_C ?? EMPTY_WORKSPACE.batter_C,
});

/** What every station works on; undefined until the store has answered. */
export const useSession = (): Session | undefined => {
  const kitchen = useKitchen();
  const kits = useRows('kits');
  const benches = useRows('benches');
  const formulaRows = useRows('formulas');
  const ironRows = useRows('irons');
  const runs = useRows('runs');
  const ownRows = useRows('ingredients');
  const lotRows = useRows('lots');
  const ready =
    ownRows !== undefined &&
    lotRows !== undefined &&
    kits !== undefined &&
    benches !== undefined &&
    formulaRows !== undefined &&
    ironRows !== undefined &&
    runs !== undefined;
  const formulas = newestByName(formulaRows ?? []);
  const irons = newestByName(ironRows ?? []);
  const run = (runs ?? []).reduce<Run | null>((newest, r) => (newest === null || r.serveAt > newest.serveAt ? r : newest), null);
  const workspace = benches?.[0] ?? firstWorkspace(run, formulas, irons);
  const setWorkspace = useCallback(
    (changes: Partial<Workspace>) => void kitchen.put('benches', { ...workspace, ...changes, id: 'bench' }),
    [kitchen, workspace],
  );
  const kit = kits?.[0];
  const readSettings = useMemo(() => (kit === undefined ? null : readSettingsOf(kit, ownRows ?? [])), [kit, ownRows]);
  if (!ready || kit === undefined || readSettings === null) return undefined;
  return {
    kit,
    readSettings,
    lots: lotRows,
    formulas,
    irons,
    workspace,
    run,
    formula: formulas.find((formula) => formula.id === workspace.formulaId) ?? formulas[0] ?? null,
    iron: irons.find((iron) => iron.id === workspace.ironId) ?? irons[0] ?? null,
    setWorkspace,
  };
};

/** The same lines with what really went into this lot. */
const asWeighed = (formula: Formula, lot: Lot): Formula => {
  const grams = new Map(lot.weighed.map((line) => [line.lineId, line.grams]));
  const lines = formula.lines.map((line) => ({ ...line, edited_g: grams.get(line.id) ?? line.edited_g }));
  // What was stirred in afterwards is in the bowl, though not in the formula.
  const added = lot.events.flatMap((event) =>
    event.kind === 'added'
      ? [
          {
            id: `added-${event.seq}`,
            text: event.data.ingredientId,
            edited_g: event.data.grams,
            chosenIngredientId: event.data.ingredientId,
          },
        ]
      : [],
  );
  return { ...formula, lines: [...lines, ...added] };
};

/** A bowl mixed longer ago is another morning's; what rests or ferments stands longer. */
const SAME_MORNING_MS = 12 * 3_600_000;
const OVERNIGHT_MS = 40 * 3_600_000;

/** The newest bowl of this revision that is still open and of which something is known: weights, a cup weighed, where it stands. */
export const openLot = (lots: readonly Lot[], formula: Formula, now: number): Lot | null =>
  lots.reduce<Lot | null>((newest, lot) => {
    const isKnown = lot.weighed.length > 0 || lot.events.length > 0;
    const isOvernight = lot.events.some((event) => event.kind === 'moved' || event.kind === 'read');
    const isOurs = lot.formulaId === formula.id && lot.formulaRev === formula.rev && isOpenLot(lot);
    const age = now - lot.madeAt;
    return isOurs && isKnown && age < (isOvernight ? OVERNIGHT_MS : SAME_MORNING_MS) && lot.madeAt > (newest?.madeAt ?? 0) ? lot : newest;
  }, null);

const DRIFT_STEP_MS = 300_000;

/** Air in a bowl of which a cup was weighed, as it has drifted since; null: nobody weighed one. */
export const airIn = (lot: Lot, now: number): number | null => {
  const cup = lot.events.findLast((event) => event.kind === 'cup-weighed');
  if (cup === undefined) return null;
  // In steps of five minutes, so that the advice isn't asked for anew at every look.
  const since_min = (Math.floor(Math.max(0, now - cup.at) / DRIFT_STEP_MS) * DRIFT_STEP_MS) / 60_000;
  return Number(airAfter(cup.data.airFraction, since_min).toFixed(3));
};

/** The formula as it stands in the bowl, and its air: what an advice for this morning is reckoned from. */
export const inBowl = (
  session: Pick<Session, 'lots'>,
  formula: Formula,
  now: number,
): { readonly formula: Formula; readonly airFraction: number | null } => {
  const lot = openLot(session.lots, formula, now);
  return lot === null ? { formula, airFraction: null } : { formula: asWeighed(formula, lot), airFraction: airIn(lot, now) };
};

/** By taste, share of what just fills: within what neither misses a corner nor leaks. */
const OVERFILL: Readonly<Record<Kit['fillTaste'], number>> = { miss: -0.03, even: 0, leak: 0.05 };

/** The question for the worker: this batter on this iron, as the kitchen stands. */
export const adviceJob = (
  { kit, readSettings }: Pick<Session, 'kit' | 'readSettings'>,
  formula: Formula,
  iron: Iron,
  wish: Pick<Workspace, 'target' | 'batter_C' | 'load' | 'preheat_s' | 'setting_C' | 'delay_s' | 'onPlate' | 'lightness' | 'turn_s'> & {
    readonly airFraction?: number | null;
  },
): AdviceJob => ({
  formula: { id: formula.id, rev: formula.rev, lines: formula.lines, lift: formula.lift },
  readSettings,
  iron,
  altitude_m: kit.altitude_m,
  room_C: kit.room_C,
  batter_C: wish.batter_C,
  target: { tawny: wish.target.tawny, crisp: wish.target.crisp },
  setting_C: wish.setting_C,
  load: wish.load,
  preheat_s: wish.preheat_s,
  airFraction: wish.airFraction ?? null,
  delay_s: wish.delay_s ?? 0,
  onPlate: wish.onPlate ?? null,
  overfill: OVERFILL[kit.fillTaste],
  turn_s: iron.turned ? (wish.turn_s ?? null) : null,
  // A wafer is dry right through: there is nothing to choose.
  lightness: iron.dryThrough ? null : (wish.lightness ?? null),
});
