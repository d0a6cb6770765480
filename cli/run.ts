import type { Failure } from '../core/basis/index.ts';
import { newestRevisions, runToEnd } from '../core/basis/index.ts';
import { advise, answerOf, DEFAULT_CONDITIONS } from '../core/advise/index.ts';
import { loadsOfIron, readSettingsOf } from '../core/kitchen/index.ts';
import { DEFAULT_READ_SETTINGS, MOST_LINES, recipeFileOf } from '../core/formula/index.ts';
import { DEFAULT_KIT } from '../core/kit/index.ts';
import { knownQuestion, requestOf } from '../core/lot/index.ts';
import { PRESET_IRONS } from '../core/plate/index.ts';
import { describeCode } from '../words/index.ts';
import { HELP } from './help.ts';
import type { Options } from './options.ts';
import { readOptions } from './options.ts';
import { inWords, recipeInWords } from './print.ts';
import type { Source } from './source.ts';
import { sourceFrom } from './source.ts';

/** What a command leaves behind. `stdout` is empty unless `code` is 0. */
export type Outcome = { readonly code: 0 | 1 | 2; readonly stdout: string; readonly stderr: string };

const stopped = (code: 1 | 2, failure: Failure): Outcome => ({ code, stdout: '', stderr: `lattice: ${describeCode(failure)}\n` });

/** What is understood of a recipe, or the same so many times as large. */
const printedRecipe = ({ kitchen, formula, cut }: Source, { by, cup, json }: Options): Outcome => {
  const usual = kitchen === null ? DEFAULT_READ_SETTINGS : readSettingsOf(kitchen.kits[0] ?? DEFAULT_KIT, kitchen.ingredients);
  const file = recipeFileOf(formula, { ...usual, cupStandard: cup ?? usual.cupStandard }, by ?? 1);
  return { code: 0, stdout: json ? `${JSON.stringify(file, null, 2)}\n` : recipeInWords(file), stderr: cutWords(cut) };
};

const cutWords = (cut: number): string =>
  cut > 0 ? `lattice: ${describeCode({ code: 'paste-too-long', fields: { most: MOST_LINES, cut } })}\n` : '';

/** Runs a command line; reads files through `readText` (null: unreadable). */
export const runCommand = (argv: readonly string[], readText: (file: string) => string | null): Outcome => {
  const read = readOptions(argv);
  if (!read.ok) return stopped(2, read.failure);
  const options = read.value;
  if (options.help) return { code: 0, stdout: HELP, stderr: '' };
  const text = readText(options.file ?? '');
  if (text === null) return stopped(2, { code: 'file-unreadable', fields: { file: options.file ?? '' } });
  const source = sourceFrom(text, options.formula);
  if (!source.ok) return stopped(2, source.failure);
  const { kitchen, formula, cut } = source.value;
  if (options.command !== 'advise') return printedRecipe(source.value, options);
  const irons = newestRevisions([...PRESET_IRONS, ...(kitchen?.irons ?? [])]);
  const iron = irons.get(options.iron ?? '');
  if (iron === undefined) return stopped(2, { code: 'usage-no-iron', fields: { known: [...irons.keys()].join(', ') } });
  const kit = kitchen?.kits[0] ?? DEFAULT_KIT;
  const usual = kitchen === null ? DEFAULT_READ_SETTINGS : readSettingsOf(kit, kitchen.ingredients);
  const question = knownQuestion(
    {
      kit: { ...kit, altitude_m: options.altitude ?? kit.altitude_m },
      readSettings: { ...usual, cupStandard: options.cup ?? usual.cupStandard },
    },
    formula,
    iron,
    {
      target: { tawny: options.tawny, crisp: options.crisp },
      batter_C: options.batter ?? DEFAULT_CONDITIONS.batter_C,
      ...(options.setting === null ? {} : { setting_C: options.setting }),
      ...(options.portion === null ? {} : { portion_g: options.portion }),
      ...(options.time === null ? {} : { cookTime_s: options.time }),
      load: options.load ?? 1,
      preheat_s: options.preheat,
      lightness: options.lightness,
      turn_s: options.turn,
    },
    kitchen === null || options.asNew ? [] : loadsOfIron(kitchen, iron.id),
    kitchen?.formulas ?? [],
  );
  const request = runToEnd(requestOf(question));
  if (!request.ok) return stopped(1, request.failure);
  const advice = advise(request.value);
  if (!advice.ok) return stopped(1, advice.failure);
  const answer = answerOf(advice.value, describeCode);
  const stderr = [...answer.unresolved.map((line) => `lattice: no grams for: ${line.slice(0, 120)}\n`), cutWords(cut)].join('');
  return { code: 0, stdout: options.json ? `${JSON.stringify(answer, null, 2)}\n` : inWords(answer), stderr };
};
