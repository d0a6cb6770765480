import { parseArgs } from 'node:util';
import type { CupStandardId, Failure, Result } from '../core/basis/index.ts';
import { CUP_STANDARD_IDS, failure, LIMITS, readNumber, success } from '../core/basis/index.ts';

const COMMANDS = ['advise', 'read', 'scale'] as const;
export type Command = (typeof COMMANDS)[number];

/** What stands on the command line; null where nothing was said. */
export type Options = {
  readonly command: Command;
  readonly help: boolean;
  /** Of `scale`: so many times as much. */
  readonly by: number | null;
  readonly file: string | null;
  readonly iron: string | null;
  readonly formula: string | null;
  readonly cup: CupStandardId | null;
  readonly altitude: number | null;
  readonly setting: number | null;
  readonly batter: number | null;
  readonly tawny: number | null;
  readonly crisp: number | null;
  readonly load: number | null;
  readonly preheat: number | null;
  readonly lightness: number | null;
  readonly turn: number | null;
  readonly portion: number | null;
  readonly time: number | null;
  readonly asNew: boolean;
  readonly json: boolean;
};

/** Options that take a number, and the limit of `advise` each stands for. */
const NUMBERS = {
  altitude: 'altitude_m',
  setting: 'setting_C',
  batter: 'batter_C',
  tawny: 'tawny',
  crisp: 'crisp',
  load: 'load',
  preheat: 'preheat_s',
  lightness: 'lightness',
  turn: 'turn_s',
  portion: 'portion_g',
  time: 'cookTime_s',
} as const satisfies Record<string, keyof typeof LIMITS>;
type NumberOption = keyof typeof NUMBERS;

const WORDS = ['iron', 'formula', 'cup', 'by'] as const;
/** A bowl is multiplied by no less and no more. */
const BY = { min: 0.01, max: 1000 } as const;

const isOneOf = <T extends string>(names: readonly T[], name: string): name is T => (names as readonly string[]).includes(name);

const OPTIONS: Readonly<Record<string, { readonly type: 'string' | 'boolean'; readonly short?: string }>> = {
  ...Object.fromEntries([...WORDS, ...Object.keys(NUMBERS)].map((name) => [name, { type: 'string' as const }])),
  'as-new': { type: 'boolean' },
  json: { type: 'boolean' },
  help: { type: 'boolean', short: 'h' },
};

/** `argv` without node and script. Errors: the `usage-…` codes and `out-of-range`. */
export const readOptions = (argv: readonly string[]): Result<Options> => {
  // Not strict: "--altitude -20" is an altitude, and what is wrong is said in our words.
  const { tokens } = parseArgs({ args: [...argv], options: OPTIONS, allowPositionals: true, strict: false, tokens: true });
  const words = new Map<string, string>();
  const flags = new Set<string>();
  const plain: string[] = [];
  for (const token of tokens) {
    if (token.kind === 'positional') plain.push(token.value);
    if (token.kind !== 'option') continue;
    const { name, rawName, value } = token;
    const option = Object.hasOwn(OPTIONS, name) ? OPTIONS[name] : undefined;
    if (option === undefined || (option.type === 'boolean' && value !== undefined))
      return failure('usage-unknown-option', { option: value === undefined ? rawName : `${rawName}=${value}` });
    if (option.type === 'boolean') flags.add(name);
    else if (value === undefined || value === '') return failure('usage-missing-value', { option: rawName });
    else words.set(name, value);
  }
  const help = flags.has('help');
  const [command, file, surplus] = plain;
  if (!help && (command === undefined || !isOneOf(COMMANDS, command))) return failure('usage-no-command');
  if (!help && file === undefined) return failure('usage-no-file');
  if (surplus !== undefined) return failure('usage-unknown-option', { option: surplus });
  const cup = words.get('cup') ?? null;
  if (cup !== null && !isOneOf(CUP_STANDARD_IDS, cup))
    return failure('usage-bad-choice', { option: '--cup', choices: CUP_STANDARD_IDS.join(', ') });
  const byText = words.get('by');
  const by = byText === undefined ? null : readNumber(byText, (times) => times >= BY.min && times <= BY.max);
  if (by !== null && (by.kind !== 'number' || by.value < BY.min || by.value > BY.max))
    return failure('usage-bad-number', { option: '--by', value: byText ?? '' });
  if (!help && command === 'scale' && by === null) return failure('usage-missing-value', { option: '--by' });
  const numbers = readNumbers(words);
  if ('code' in numbers) return { ok: false, failure: numbers };
  return success({
    command: command !== undefined && isOneOf(COMMANDS, command) ? command : 'advise',
    by: by?.value ?? null,
    help,
    file: file ?? null,
    iron: words.get('iron') ?? null,
    formula: words.get('formula') ?? null,
    cup,
    asNew: flags.has('as-new'),
    json: flags.has('json'),
    ...numbers,
  });
};

const readNumbers = (words: ReadonlyMap<string, string>): Record<NumberOption, number | null> | Failure => {
  const numbers = {
    altitude: null,
    setting: null,
    batter: null,
    tawny: null,
    crisp: null,
    load: null,
    preheat: null,
    lightness: null,
    turn: null,
    portion: null,
    time: null,
  } as Record<NumberOption, number | null>;
  for (const name of Object.keys(NUMBERS) as NumberOption[]) {
    const text = words.get(name);
    if (text === undefined) continue;
    const { min, max } = LIMITS[NUMBERS[name]];
    const read = readNumber(text, (number) => number >= min && number <= max);
    if (read.kind !== 'number') return { code: 'usage-bad-number', fields: { option: `--${name}`, value: text } };
    const { value } = read;
    if (value < min || value > max) return { code: 'out-of-range', fields: { what: NUMBERS[name], value, min, max } };
    if (name === 'load' && !Number.isInteger(value)) return { code: 'usage-bad-number', fields: { option: '--load', value: text } };
    numbers[name] = value;
  }
  return numbers;
};
