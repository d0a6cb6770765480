import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import ts from 'typescript';

/** Words and forms that nobody outside understands at once, each with what is said instead. */
const BANNED: readonly (readonly [RegExp, string])[] = [
  [/\breckon/i, 'work out, compute, expect'],
  [/\botherwise\b/i, 'change, or say what differs'],
  [/\bfor nobody\b/i, 'spare, thrown away, a trial load'],
  [/\bwhoever\b/i, 'name the person'],
  [/\bit will do\b/i, 'enough batter'],
  [/\b(do|plan|was|is) it so\b|\bso it is\b/i, 'use this …'],
  [/\bas if new\b/i, 'ignore history'],
  [/\bloads say\b/i, 'what we learned'],
  [/\bpairs? of hands\b/i, 'cooks'],
  [/\bin the house\b/i, 'pantry'],
  [/\btaken? along\b/i, 'share and export'],
  [/\bdial-?in\b/i, 'what we learned'],
  [/\d\.\d hours\b/, '2 h 10 min'],
  [/\blands?\b|\blanded\b/i, 'comes out right'],
  [/\bpromised?\b/i, 'expected, suggested'],
  [/\bstrangers?\b/i, 'an iron you have not used'],
  [/\bthe book\b/i, 'your log'],
  [/\bthe line\b/i, 'Cook'],
  [/\bformulas?\b/i, 'recipe'],
  [/\bthe kit\b/i, 'kitchen'],
  [/\b(the|this|a|another) run\b/i, 'plan'],
  [/\bschools?\b/i, 'method, rule'],
  [/\bstations?\b/i, 'door, page'],
  [/near, ×/, 'your recipe says …; we expect …'],
];

/** Code that is told to a machine: a schema of the file, an option of the command line, a class name. */
const isForMachines = (text: string): boolean => /--formula|tawny-lattice[:/]/.test(text);
/** Sentences that mean the word in another sense. */
const MEANT: readonly string[] = ['The line on top says when to switch on.'];

const FILES = execFileSync('git', ['ls-files', 'app', 'words', 'cli'], { encoding: 'utf8' })
  .split('\n')
  .filter((file) => /\.tsx?$/.test(file) && !/\.test\.|\/testing\/|^app\/gallery\//.test(file));

/** What of a file a person may read: text of elements, and strings with words in them. */
const saidIn = (file: string): readonly string[] => {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const texts: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isJsxText(node)) texts.push(node.text);
    else if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
      if (!ts.isImportDeclaration(node.parent) && !ts.isLiteralTypeNode(node.parent)) texts.push(node.text);
    } else if (ts.isTemplateHead(node) || ts.isTemplateMiddle(node) || ts.isTemplateTail(node)) texts.push(node.text);
    ts.forEachChild(node, visit);
  };
  visit(source);
  // One word alone is a name in the code; several with a class of the style sheet among them are classes.
  return texts
    .map((text) => text.replace(/\s+/g, ' ').trim())
    .filter((text) => / /.test(text) && !/(?:^|\s)(?:flex|grid|text-|px-|min-h-|border|rounded|font-|mt-)/.test(text));
};

test('no sentence that a person reads has a word that only we use', () => {
  expect(FILES.length).toBeGreaterThan(200);
  const found = FILES.flatMap((file) =>
    saidIn(file)
      .filter((text) => !isForMachines(text) && !MEANT.some((meant) => text.includes(meant)))
      .flatMap((text) =>
        BANNED.filter(([word]) => word.test(text)).map(
          ([word, instead]) => `${file}: “${text.slice(0, 90)}” has ${String(word)}; say: ${instead}`,
        ),
      ),
  );
  expect(found).toEqual([]);
});

test('the net is fine enough: sentences of every folder are caught', () => {
  const caught = FILES.flatMap(saidIn);
  for (const sentence of [
    'Start cooking',
    'How safe is this plan?',
    'Raw flour: don’t taste (FDA consumer advice)',
    'Nothing at this address',
  ])
    expect(caught.some((text) => text.includes(sentence))).toBe(true);
  expect(BANNED.some(([word]) => word.test('Reckoning the morning …'))).toBe(true);
});
