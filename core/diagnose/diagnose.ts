import type { Cause, Test } from './causes.ts';
import { CAUSE_IDS, causeData } from './causes.ts';
import type { Evidence } from './evidence.ts';
import type { Symptom } from './symptoms.ts';
import { SYMPTOMS } from './symptoms.ts';

export type Ranked = {
  readonly cause: Cause;
  /** How likely it is behind this, alone or with another, 0–1. */
  readonly chance: number;
  /** What the numbers alone say of it, in the logarithm of the odds: over 0 for it. */
  readonly numbersSay: number;
};

export type Diagnosis = {
  /** The likeliest first; all that were asked about. */
  readonly ranked: readonly Ranked[];
  /** What would tell the likeliest apart soonest; null: there is hardly a doubt, or nothing would. */
  readonly test: { readonly test: Test; readonly gain_bits: number } | null;
};

/** A symptom that no known cause explains, and one that isn't told though it is there. */
const LEAK = 0.015;
const UNTOLD = 0.3;
/** Two things at once are rarer than one. */
const TOGETHER = 0.12;
/** How far numbers may speak against all that is known of symptoms. */
const MOST_WEIGHT = 3;
/** Judged on generated mishaps: what is multiplied is not quite independent, so it is believed a little less. */
const TEMPER = 0.9;

const clampWeight = (weight: number): number => Math.max(-MOST_WEIGHT, Math.min(MOST_WEIGHT, weight));

/** How likely exactly these words are if all of `causes` were so: each may show it by itself. */
const likelihood = (told: ReadonlySet<Symptom>, causes: readonly Cause[]): number => {
  let product = 1;
  for (const symptom of SYMPTOMS) {
    let none = 1 - LEAK;
    for (const cause of causes) none *= 1 - (causeData(cause).shows[symptom] ?? 0);
    const shown = 1 - none;
    product *= told.has(symptom) ? shown : 1 - shown * (1 - UNTOLD);
  }
  return product;
};

/**
 * Why it was so: every cause and every pair of causes, weighed by how often it happens (`seen`: how often this kitchen found it behind something), by what
 * the load's, bowl's and morning's own numbers say, and by how likely exactly these words would be. Errors: none; nothing told gives an empty ranking.
 */
export const diagnose = (told: readonly Symptom[], evidence: Evidence, seen: ReadonlyMap<Cause, number> = new Map()): Diagnosis => {
  if (told.length === 0) return { ranked: [], test: null };
  const words = new Set(told);
  const weights = new Map(CAUSE_IDS.map((cause) => [cause, clampWeight(causeData(cause).weighs?.(evidence) ?? 0)]));
  const alone = (cause: Cause): number => (causeData(cause).prior + (seen.get(cause) ?? 0)) * Math.exp(weights.get(cause) ?? 0);
  const total = new Map<Cause, number>(CAUSE_IDS.map((cause) => [cause, 0]));
  let sum = 0;
  const add = (causes: readonly Cause[], weight: number): void => {
    const posterior = (weight * likelihood(words, causes)) ** TEMPER;
    sum += posterior;
    for (const cause of causes) total.set(cause, (total.get(cause) ?? 0) + posterior);
  };
  CAUSE_IDS.forEach((cause, i) => {
    add([cause], alone(cause));
    for (const other of CAUSE_IDS.slice(i + 1)) add([cause, other], TOGETHER * alone(cause) * alone(other));
  });
  const ranked = CAUSE_IDS.map((cause): Ranked => ({
    cause,
    chance: sum > 0 ? (total.get(cause) ?? 0) / sum : 0,
    numbersSay: weights.get(cause) ?? 0,
  })).sort((a, b) => b.chance - a.chance);
  return { ranked, test: bestTest(ranked) };
};

const entropy_bits = (chances: readonly number[]): number => {
  const sum = chances.reduce((a, b) => a + b, 0);
  return sum <= 0 ? 0 : chances.reduce((bits, p) => (p <= 0 ? bits : bits - (p / sum) * Math.log2(p / sum)), 0);
};

/** So many of the likeliest are told apart. */
const TOLD_APART = 6;
/** A test is right so often. */
const TEST_SURE = 0.9;
const LEAST_GAIN_BITS = 0.15;

/** The test that leaves the least doubt: it points at the causes that it is for, or away from them. */
const bestTest = (ranked: readonly Ranked[]): Diagnosis['test'] => {
  const top = ranked.slice(0, TOLD_APART);
  const before = entropy_bits(top.map(({ chance }) => chance));
  const tests = new Set(top.map(({ cause }) => causeData(cause).test));
  let best: Diagnosis['test'] = null;
  for (const test of tests) {
    const mine = top.map(({ cause, chance }) => ({ chance, isFor: causeData(cause).test === test }));
    const sum = mine.reduce((a, { chance }) => a + chance, 0);
    const after = [true, false].reduce((bits, points) => {
      const left = mine.map(({ chance, isFor }) => chance * (isFor === points ? TEST_SURE : 1 - TEST_SURE));
      return bits + (left.reduce((a, b) => a + b, 0) / sum) * entropy_bits(left);
    }, 0);
    if (before - after > Math.max(LEAST_GAIN_BITS, best?.gain_bits ?? 0)) best = { test, gain_bits: before - after };
  }
  return best;
};
