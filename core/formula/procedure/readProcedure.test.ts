import { describe, expect, test } from '@jest/globals';
import type { Act } from './act.ts';
import { readProcedure } from './readProcedure.ts';
import type { MeantProcedure } from './testing/procedures.ts';
import { FROZEN_PROCEDURES, OPEN_PROCEDURES } from './testing/procedures.ts';

/** To stir what is wet and to put things together are told apart by nobody. */
const kindOf = (kind: string): string => (kind === 'whisk-wet' ? 'combine' : kind);

/** What is meant but isn't carried: words of its fields, a time. */
const lacking = (act: Act, meant: readonly string[]): string[] =>
  meant.filter((word) => {
    const time = /^(\d+)(?:–(\d+))?$/.exec(word);
    if (time !== null) {
      const [low, high] = [Number(time[1]), Number(time[2] ?? time[1])];
      return act.time_s === undefined || Math.abs(act.time_s[0] - low) > 1 || Math.abs(act.time_s[1] - high) > 1;
    }
    const [name, value] = word.split('=');
    if (value !== undefined) return String(act[name as keyof Act]) !== value;
    return ![act.what, act.until, act.by, act.place, act.day, act.side, act.every].includes(word as never);
  });

type Tally = { meant: number; right: number; extra: number; details: number; detailsRight: number; wrong: string[] };

/** Kinds in order and number, step by step, and what they carry. */
const tally = (procedures: readonly MeantProcedure[]): Tally => {
  const found: Tally = { meant: 0, right: 0, extra: 0, details: 0, detailsRight: 0, wrong: [] };
  for (const { title, has, steps } of procedures) {
    const acts = readProcedure(
      steps.map(([sentence]) => sentence),
      has === 'yeast',
    );
    for (const [i, [sentence, ...meant]] of steps.entries()) {
      const read = acts.filter(({ step }) => step === i);
      let at = 0;
      for (const words of meant) {
        const [kind = '', ...details] = words.split(' ');
        found.meant++;
        const here = read.findIndex((act, k) => k >= at && kindOf(act.kind) === kindOf(kind));
        if (here < 0) {
          found.wrong.push(`${title}: ${words} missing in "${sentence}" [${read.map((act) => act.kind).join(', ')}]`);
          continue;
        }
        found.right++;
        at = here + 1;
        found.details += details.length;
        const lacks = lacking(read[here]!, details);
        found.detailsRight += details.length - lacks.length;
        if (lacks.length > 0) found.wrong.push(`${title}: ${kind} lacks ${lacks.join(' ')} in "${sentence}" ${JSON.stringify(read[here])}`);
      }
      const more = read.length - meant.length;
      if (more > 0) {
        found.extra += more;
        found.wrong.push(`${title}: ${more} too many in "${sentence}" [${read.map((act) => act.kind).join(', ')}]`);
      }
    }
  }
  return found;
};

describe.each([
  ['to tune by', OPEN_PROCEDURES],
  ['that were put away', FROZEN_PROCEDURES],
] as const)('the acts of recipes %s', (_, procedures) => {
  const found = tally(procedures);

  test('are right in kind, order and number', () => {
    const share = found.right / (found.meant + found.extra);
    expect({ share: share >= 0.95, found: found.right, meant: found.meant, extra: found.extra, wrong: found.wrong }).toMatchObject({
      share: true,
    });
  });

  test('carry what is said of them', () => {
    const share = found.detailsRight / found.details;
    expect({ share: share >= 0.95, right: found.detailsRight, of: found.details, wrong: found.wrong }).toMatchObject({ share: true });
  });
});
