import { existsSync } from 'node:fs';

/** Debian's headless Chromium: a page costs it a tenth of a second. */
const HEADLESS = '/usr/bin/chromium-headless-shell';

/** The browser that the tests drive; the whole one, with windows that nobody sees, where the other isn't to be had. */
export const CHROMIUM = existsSync(HEADLESS) ? HEADLESS : '/usr/bin/chromium';
