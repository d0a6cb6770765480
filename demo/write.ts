import { writeFileSync } from 'node:fs';
import { demoBeliefs } from './beliefs.ts';
import { demoKitchen } from './kitchen.ts';

const write = (name: string, value: unknown): void => writeFileSync(new URL(name, import.meta.url), `${JSON.stringify(value)}\n`);

/** Writes the demo's kitchen file anew, and what its loads say: `npm run demo`. A test holds files and scripts together. */
const kitchen = demoKitchen();
write('kitchen.json', kitchen);
write('beliefs.json', demoBeliefs(kitchen));
