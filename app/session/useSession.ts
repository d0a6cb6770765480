import { HOUR_MS } from '../../core/basis/index.ts';
import { createContext, useCallback, useContext, useMemo } from 'react';
import type { Formula, ReadSettings } from '../../core/formula/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import { DEFAULT_KIT } from '../../core/kit/index.ts';
import { speakUnits } from '../../words/index.ts';
import { wallNow } from '../clock/index.ts';
import type { Lot } from '../../core/log/index.ts';
import type { LoadWish, ToldLoad } from '../../core/lot/index.ts';
import { inBowl, knownQuestion, temperatureIn } from '../../core/lot/index.ts';
import type { IronLoads } from './useIronLoads.ts';
import { useIronLoads } from './useIronLoads.ts';
import { useToldLoads } from './useToldLoads.ts';
import { readSettingsOf } from '../../core/kitchen/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import type { Dish, Run } from '../../core/run/index.ts';
import { dishFor, ironsOfRun, runThatIsOn, WISH_FIELDS, wishOf, withDish } from '../../core/run/index.ts';
import type { Workspace } from '../store/index.ts';
import { commands, EMPTY_WORKSPACE, useDo, useQueried, useRows } from '../store/index.ts';
import type { AdviceJob } from '../workers/index.ts';

export type Session = {
  readonly kit: Kit;
  /** How lines are read here: cups, eggs, air, and the cook's own ingredients. */
  readonly readSettings: ReadSettings;
  readonly lots: readonly Lot[];
  /** Those that are worked with. */
  readonly formulas: readonly Formula[];
  readonly irons: readonly Iron[];
  /** With those that were removed, to name what the book and old runs point at. */
  readonly everyFormula: readonly Formula[];
  readonly everyIron: readonly Iron[];
  /** What is on the bench; where that is a dish of the run, with the run's wish. */
  readonly workspace: Workspace;
  readonly runs: readonly Run[];
  /** The run that is on: the one that was chosen, or the last to be served. */
  readonly run: Run | null;
  readonly formula: Formula | null;
  readonly iron: Iron | null;
  readonly setWorkspace: (changes: Partial<Workspace>) => void;
  /** The loads of the irons that are worked with: what they say goes into every advice. */
  readonly ironLoads: IronLoads;
  /** Every load of the run that is on, the oldest first: what is counted is counted over all of them. */
  readonly runLoads: readonly ToldLoad[];
};

/** Where things were left when nobody has chosen yet: as the run has it, or the first of each. */
const firstWorkspace = (run: Run | null, formulas: readonly Formula[], irons: readonly Iron[]): Workspace => ({
  ...EMPTY_WORKSPACE,
  formulaId: run?.dishes[0]?.formulaId ?? formulas[0]?.id ?? '',
  ironId: run?.dishes[0]?.ironIds[0] ?? irons[0]?.id ?? '',
  target: run?.dishes[0]?.target ?? EMPTY_WORKSPACE.target,
  batter_C: run?.dishes[0]?.batter_C ?? EMPTY_WORKSPACE.batter_C,
});

/** What of these changes belongs to the dish of the run, where the pair on the bench is one; the rest stays with the bench. */
const parted = (changes: Partial<Workspace>, isDish: boolean): [Partial<Workspace>, Partial<Workspace>] => {
  const isOfDish = ([key]: [string, unknown]): boolean => isDish && (WISH_FIELDS as readonly string[]).includes(key);
  const entries = Object.entries(changes);
  return [Object.fromEntries(entries.filter(isOfDish)), Object.fromEntries(entries.filter((entry) => !isOfDish(entry)))];
};

/** Batter isn't kept longer: older bowls have been dealt with. */
const OLDEST_LOT_MS = 4 * 24 * 3_600_000;

const Context = createContext<Session | undefined>(undefined);
export const SessionContext = Context.Provider;

/** What every station works on; undefined until the store has answered. */
export const useSession = (): Session | undefined => useContext(Context);

/** The same, asked of the store: once for the whole page, and given to all stations. */
export const useSessionOfStore = (): Session | undefined => {
  const carryOut = useDo();
  const kits = useRows('kits');
  const workspaces = useRows('workspaces');
  const runs = useRows('runs');
  const ownRows = useRows('ingredients');
  const everyFormula = useQueried((queries) => queries.newestRevisions('formulas'), 'formulas');
  const everyIron = useQueried((queries) => queries.newestRevisions('irons'), 'irons');
  // By the hour, so that the question stays the same from tick to tick.
  const since = Math.floor(wallNow() / HOUR_MS) * HOUR_MS - OLDEST_LOT_MS;
  const lots = useQueried((queries) => queries.lotsSince(since), `lots ${since}`, true);
  const kit = kits?.[0] ?? (kits === undefined ? undefined : DEFAULT_KIT);
  if (kit !== undefined) speakUnits(kit);
  const removed = kit?.removedIds;
  const formulas = useMemo(() => everyFormula?.filter(({ id }) => removed?.includes(id) !== true), [everyFormula, removed]);
  const irons = useMemo(() => everyIron?.filter(({ id }) => removed?.includes(id) !== true), [everyIron, removed]);
  const chosenId = workspaces?.[0]?.runId ?? null;
  const run = useMemo(() => runThatIsOn(runs ?? [], chosenId), [runs, chosenId]);
  const stored = useMemo(() => workspaces?.[0] ?? firstWorkspace(run, formulas ?? [], irons ?? []), [workspaces, run, formulas, irons]);
  const dish = useMemo(() => dishFor(run, stored), [run, stored]);
  const workspace = useMemo(() => (dish === null ? stored : { ...stored, ...wishOf(dish) }), [stored, dish]);
  const ids = [...new Set([...(run === null ? [] : ironsOfRun(run)), workspace.ironId])].filter((id) => id !== '').sort();
  const isChosen = workspaces !== undefined && runs !== undefined && formulas !== undefined && irons !== undefined;
  const ironLoads = useIronLoads(isChosen ? ids : null);
  const runId = run?.id ?? null;
  const runLoads = useToldLoads((queries) => (runId === null ? Promise.resolve([]) : queries.loadsOfRun(runId)), `run ${runId}`);
  const setWorkspace = useCallback(
    (changes: Partial<Workspace>) => {
      const [ofDish, ofWorkspace] = parted(changes, dish !== null);
      if (run !== null && dish !== null && Object.keys(ofDish).length > 0)
        void carryOut(commands.changeRun(run.id, (now) => withDish(now, dish.id, ofDish as Partial<Dish>)));
      if (Object.keys(ofWorkspace).length > 0) void carryOut(commands.setWorkspace(ofWorkspace, stored));
    },
    [carryOut, stored, run, dish],
  );
  const readSettings = useMemo(() => (kit === undefined ? null : readSettingsOf(kit, ownRows ?? [])), [kit, ownRows]);
  const isReady =
    isChosen &&
    ownRows !== undefined &&
    everyFormula !== undefined &&
    everyIron !== undefined &&
    lots !== undefined &&
    ironLoads !== undefined &&
    runLoads !== undefined &&
    kit !== undefined &&
    readSettings !== null;
  return useMemo(
    () =>
      !isReady
        ? undefined
        : {
            kit,
            readSettings,
            lots,
            formulas,
            irons,
            everyFormula,
            everyIron,
            workspace,
            runs,
            run,
            formula: formulas.find((formula) => formula.id === workspace.formulaId) ?? formulas[0] ?? null,
            iron: irons.find((iron) => iron.id === workspace.ironId) ?? irons[0] ?? null,
            setWorkspace,
            ironLoads,
            runLoads,
          },
    [isReady, ironLoads, runLoads, kit, readSettings, lots, formulas, irons, everyFormula, everyIron, workspace, runs, run, setWorkspace],
  );
};

/** The degrees of this kitchen, for what needs nothing else of it. */
export const useDegrees = (): Kit['temperatureUnit'] => (useRows('kits')?.[0] ?? DEFAULT_KIT).temperatureUnit;

/** And its lengths. */
export const useLengths = (): NonNullable<Kit['lengthUnit']> => useRows('kits')?.[0]?.lengthUnit ?? 'mm';

/** How warm the batter of this formula will be at the pour, as its bowl stands; null: no bowl of which that is known. */
export const bowlTemperature = ({ kit, lots, run }: Pick<Session, 'kit' | 'lots' | 'run'>, formula: Formula): number | null => {
  const now = wallNow();
  const { lot } = inBowl(lots, formula, now);
  const isOfRun = run !== null && run.dishes.some(({ formulaId }) => formulaId === formula.id);
  const pourAt = isOfRun ? Math.max(now, run.serveAt) : now;
  return lot === null ? null : temperatureIn(lot, kit, pourAt);
};

/**
 * The question for the worker: this batter on this iron, as the kitchen stands. What was weighed into the bowl this morning counts, not what is
 * written, unless the wish says what air the batter has (null: as usual for its lift); and how warm the bowl is, where that is known.
 */
export const adviceJob = (
  session: Pick<Session, 'kit' | 'readSettings' | 'ironLoads' | 'workspace' | 'lots' | 'run'>,
  formula: Formula,
  iron: Iron,
  wish: LoadWish,
): AdviceJob => {
  const { kit, readSettings, ironLoads, workspace, lots } = session;
  const loads = workspace.asNewIronId === iron.id ? [] : (ironLoads.loads.get(iron.id) ?? []);
  const bowl = wish.airFraction === undefined ? inBowl(lots, formula, wallNow()) : { formula, airFraction: wish.airFraction };
  const batter_C = bowlTemperature(session, formula) ?? wish.batter_C;
  const asked = { ...wish, batter_C, airFraction: bowl.airFraction };
  return knownQuestion({ kit, readSettings }, bowl.formula, iron, asked, loads, ironLoads.formulas);
};
