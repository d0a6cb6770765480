import { writeFileSync } from 'node:fs';
import { demoKitchen } from './kitchen.ts';

/** Writes the demo's kitchen file anew: `npm run demo`. A test holds the file and the script together. */
writeFileSync(new URL('kitchen.json', import.meta.url), `${JSON.stringify(demoKitchen())}\n`);
