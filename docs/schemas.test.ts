import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { demoFile } from '../demo/file.ts';
import { runCommand } from '../cli/run.ts';
import { schemas } from './schemas.ts';

const published = (name: string): object => JSON.parse(readFileSync(new URL(name, import.meta.url), 'utf8')) as object;
const validator = (name: string) => new Ajv2020({ strict: false }).compile(published(name));

describe('published schemas', () => {
  test.each(Object.entries(schemas()))('%s is what the code checks with', (name, schema) => {
    expect(published(name)).toEqual(JSON.parse(JSON.stringify(schema)));
  });

  test('the demo file keeps the kitchen schema; a damaged one doesn’t', () => {
    const validate = validator('kitchen.schema.json');
    expect(validate(demoFile())).toBe(true);
    expect(validate({ ...demoFile(), kit: {} })).toBe(false);
  });

  test('a printed answer keeps the advice schema', () => {
    const validate = validator('advice.schema.json');
    for (const iron of ['wafer', 'deep-round']) {
      const { stdout } = runCommand(
        ['advise', 'x', '--iron', iron, '--json'],
        () => '250 g flour\n300 g milk\n2 eggs\n9 g baking powder\nsalt',
      );
      expect([validate(JSON.parse(stdout)), validate.errors]).toEqual([true, null]);
    }
  });
});
