import { DEFAULT_KIT } from '../kit/index.ts';

type Raw = Record<string, unknown>;

/** What version 2 added to the kit: it stands as in a new kitchen until somebody says otherwise. */
const { eggMarket, climate, fillTaste, spoons, scales, bowls, pricesPerKg, currency } = DEFAULT_KIT;
export const KIT_ADDED_IN_2 = { eggMarket, climate, fillTaste, spoons, scales, bowls, pricesPerKg, currency } as const;

const isObject = (value: unknown): value is Raw => typeof value === 'object' && value !== null && !Array.isArray(value);

/** Version 1 had no weighing, no ingredients of the cook's own, and a smaller kit. Nothing of it is changed or lost. */
const from1: (file: Raw) => Raw = (file) => ({
  ...file,
  version: 2,
  kit: isObject(file['kit']) ? { ...KIT_ADDED_IN_2, ...file['kit'] } : file['kit'],
  lots: Array.isArray(file['lots']) ? file['lots'].map((lot: unknown) => (isObject(lot) ? { weighed: [], ...lot } : lot)) : file['lots'],
  runs: Array.isArray(file['runs']) ? file['runs'].map((run: unknown) => (isObject(run) ? { prep: [], ...run } : run)) : file['runs'],
  ingredients: [],
  weighings: [],
  weighEvents: [],
});

const UPGRADES: Readonly<Record<number, (file: Raw) => Raw>> = { 1: from1 };

/** A file of an older version as the newest has it; what is broken in it stays so and is found by the schema. */
export const upgraded = (file: Raw, version: number): Raw => {
  const upgrade = UPGRADES[version];
  return upgrade === undefined ? file : upgraded(upgrade(file), version + 1);
};
