import { writeFileSync } from 'node:fs';
import * as z from 'zod';
import { AdviceAnswer } from '../core/advise/index.ts';
import { RecipeFile } from '../core/formula/index.ts';
import { KitchenFile } from '../core/kitchen/index.ts';
import { PlanFile } from '../core/run/sheet/planFile.ts';

/** JSON Schemas of what goes in and out, from the Zod shapes that the code itself checks with. */
export const schemas = (): Record<string, unknown> => ({
  'advice.schema.json': { $id: 'tawny-lattice/advice@2', title: 'What lattice advise --json prints', ...z.toJSONSchema(AdviceAnswer) },
  'kitchen.schema.json': {
    $id: 'tawny-lattice/kitchen@1',
    title: 'A whole kitchen in one file',
    ...z.toJSONSchema(KitchenFile, { io: 'input' }),
  },
  'recipe.schema.json': {
    $id: 'tawny-lattice/recipe@1',
    title: 'What lattice read and lattice scale print with --json',
    ...z.toJSONSchema(RecipeFile),
  },
  'plan.schema.json': { $id: 'tawny-lattice/plan@1', title: 'A morning to take along', ...z.toJSONSchema(PlanFile) },
});

if (process.argv[1]?.endsWith('schemas.ts') === true)
  for (const [name, schema] of Object.entries(schemas()))
    writeFileSync(new URL(name, import.meta.url), `${JSON.stringify(schema, null, 2)}\n`);
