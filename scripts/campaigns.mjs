// Long campaigns are Jest files that ask `campaign(few, whole)`. `npm test` plays a few cases of each; whole they are played by `npm run prove`, and by `npm test`
// where something that a campaign rests on has changed since it was last proved.
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { ROOT } from './ensure.mjs';

const KEPT = join(ROOT, 'docs', 'proved.json');
const FOLDERS = ['core', 'app', 'cli', 'words', 'demo', 'server'];

const filesIn = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? filesIn(join(folder, entry.name)) : [join(folder, entry.name)],
  );

/** The files with a campaign, from the project's root. */
export const campaignFiles = () =>
  FOLDERS.flatMap((folder) => filesIn(join(ROOT, folder)))
    .filter((file) => /\.test\.tsx?$/.test(file) && readFileSync(file, 'utf8').includes('testing/campaign'))
    .map((file) => relative(ROOT, file))
    .sort();

/** What a file imports of the project, and what that imports, by its text. */
const closure = (file, found = new Set()) => {
  if (found.has(file) || !existsSync(file)) return found;
  found.add(file);
  for (const [, path] of readFileSync(file, 'utf8').matchAll(/(?:from|import)\s*\(?\s*'(\.[^'?]+)/g))
    closure(join(dirname(file), path), found);
  return found;
};

const hashOf = (file) => {
  const hash = createHash('sha256');
  for (const path of [...closure(join(ROOT, file))].sort()) hash.update(relative(ROOT, path)).update(readFileSync(path));
  return hash.digest('hex').slice(0, 16);
};

const proved = () => (existsSync(KEPT) ? JSON.parse(readFileSync(KEPT, 'utf8')) : {});

/** Campaigns that rest on something that has changed since they were played whole. */
export const staleCampaigns = () => {
  const kept = proved();
  return campaignFiles().filter((file) => kept[file] !== hashOf(file));
};

/** These were played whole and passed. */
export const keepProved = (files) => {
  const kept = Object.fromEntries(Object.entries(proved()).filter(([file]) => campaignFiles().includes(file)));
  for (const file of files) kept[file] = hashOf(file);
  writeFileSync(KEPT, `${JSON.stringify(Object.fromEntries(Object.entries(kept).sort()), null, 2)}\n`);
};
