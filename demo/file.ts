import { readFileSync } from 'node:fs';
import type { KitchenFile } from '../core/kitchen/index.ts';

/** The demo's kitchen file as written, for tests: quicker than cooking it again. */
export const demoFile = (): KitchenFile => JSON.parse(readFileSync(new URL('kitchen.json', import.meta.url), 'utf8')) as KitchenFile;
