import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { demoFile } from '../demo/file.ts';
import { textHash } from '../core/basis/index.ts';
import { FILE_VERSION } from '../core/kitchen/index.ts';
import { runCommand } from '../cli/run.ts';
import { schemas } from './schemas.ts';

const published = (name: string): object => JSON.parse(readFileSync(new URL(name, import.meta.url), 'utf8')) as object;
const validator = (name: string) => new Ajv2020({ strict: false }).compile(published(name));

/** The shape of a kitchen file, by its version. An entry never changes: a changed shape, also by a field that may be left out, is a version of its own with an upgrade. */
const SHAPES: Readonly<Record<number, string>> = {
  4: 'cb2d07675953df6f',
  5: 'ff6c6a3ac5a57f6f',
  6: 'ac2967f9fc012a2c',
  7: '128ef6489231745f',
};

describe('published schemas', () => {
  test('a kitchen file of another shape has another version', () => {
    const shape = textHash(JSON.stringify(schemas()['kitchen.schema.json']));
    expect({ [FILE_VERSION]: shape }).toEqual({ [FILE_VERSION]: SHAPES[FILE_VERSION] });
  });

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
