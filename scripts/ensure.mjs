// What the other scripts need before they can start. Everything here is quick the second time and writes to standard
// error only, so that a command's own output stays clean.
import { execFileSync, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { toItsEnd } from './toItsEnd.mjs';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
const CACHE = join(ROOT, '.cache');

export const tell = (text) => process.stderr.write(`${text}\n`);

const stampOf = (name) => {
  const file = join(CACHE, name);
  return existsSync(file) ? readFileSync(file, 'utf8') : '';
};
const stamp = (name, value) => {
  mkdirSync(CACHE, { recursive: true });
  writeFileSync(join(CACHE, name), value);
};

const lockHash = () =>
  createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .update(readFileSync(join(ROOT, 'package.json')))
    .digest('hex');

const npm = (...args) => toItsEnd('npm', [...args, '--no-audit', '--no-fund', '--loglevel=error'], { cwd: ROOT, stdio: ['ignore', 2, 2] });

/** npm packages as the lock file names them. */
export const ensureInstalled = async () => {
  const major = Number(process.versions.node.split('.')[0]);
  if (major < 20) {
    tell(`Tawny Lattice needs Node 20 or later; this is ${process.versions.node}.`);
    process.exit(1);
  }
  const lock = lockHash();
  if (existsSync(join(ROOT, 'node_modules', '.package-lock.json')) && stampOf('installed') === lock) return;
  tell('Installing packages (a minute or two the first time) …');
  let status = await npm('ci');
  if (status !== 0) {
    tell('npm could not install strictly by package-lock.json, for the reason above; it is asked to install what fits it best.');
    status = await npm('install');
  }
  if (status !== 0) {
    tell('npm install failed: see above.');
    process.exit(1);
  }
  const after = lockHash();
  stamp('installed', after);
};

const BUILT_FROM = ['app', 'core', 'words', 'demo'];

const newest = (folder) => {
  let latest = 0;
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    latest = Math.max(latest, entry.isDirectory() ? newest(path) : statSync(path).mtimeMs);
  }
  return latest;
};

/** The built application in dist/, made anew when a source is newer. */
export const ensureBuilt = async () => {
  const sources = Math.max(
    ...BUILT_FROM.map((folder) => newest(join(ROOT, folder))),
    ...['vite.config.ts', 'package-lock.json'].map((file) => statSync(join(ROOT, file)).mtimeMs),
  );
  if (existsSync(join(ROOT, 'dist', 'index.html')) && stampOf('built') === String(sources)) return;
  tell('Building …');
  const vite = [join(ROOT, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'warn'];
  const status = await toItsEnd(process.execPath, vite, { cwd: ROOT, stdio: ['ignore', 2, 2] });
  if (status !== 0) {
    tell('The build failed: see above.');
    process.exit(1);
  }
  stamp('built', String(sources));
};

const CHROMIUM = '/usr/bin/chromium';
const QUICKLY = ['-o', 'Acquire::Retries=0', '-o', 'Acquire::http::Timeout=20', '-o', 'Acquire::https::Timeout=20'];
/** The same without windows; see e2e/chromium.ts. */
const HEADLESS = '/usr/bin/chromium-headless-shell';

/** Debian's Chromium for the browser tests: installed when missing and this user may. */
export const ensureChromium = () => {
  if (existsSync(HEADLESS)) return;
  if (existsSync(CHROMIUM)) {
    // The whole one does as well, only slower: where nothing can be fetched, nobody waits for it.
    if (process.getuid?.() === 0)
      spawnSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...QUICKLY, 'chromium-headless-shell'], { stdio: 'ignore' });
    return;
  }
  const hint = 'The browser tests need Debian’s Chromium: run "sudo apt-get install chromium-headless-shell" and start npm test again.';
  const isRoot = process.getuid?.() === 0;
  if (!isRoot || spawnSync('apt-get', ['--version'], { stdio: 'ignore' }).status !== 0) {
    tell(hint);
    process.exit(1);
  }
  tell('Installing Debian’s Chromium …');
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  try {
    execFileSync('apt-get', ['update', '-qq'], { stdio: ['ignore', 2, 2], env });
    execFileSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium-headless-shell'], {
      stdio: ['ignore', 2, 2],
      env,
    });
  } catch {
    tell(hint);
    process.exit(1);
  }
};

/** Runs one of the project's own TypeScript files; resolves with the child. */
export const tsxArguments = (file) => ['--import', join(ROOT, 'node_modules/tsx/dist/loader.mjs'), join(ROOT, file)];
