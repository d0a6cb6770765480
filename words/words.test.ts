import { describe, expect, test } from '@jest/globals';
import { SENTENCES } from './dictionary.ts';
import { describeCode, describeSentence, describeStored, speakUnits } from './index.ts';

// That every code has a sentence, and a sentence only fields that its code gives, is the compiler’s to check.

describe('the catalogue of words', () => {
  test('fields are filled in, with as many digits as they came with', () => {
    expect(describeCode({ code: 'gas-far-above', fields: { gas: 41.2, low: 5.3, high: 32.5 } })).toBe(
      'very much gas: 41.2 mmol per 100 g flour, usual is 5.3–32.5',
    );
    expect(describeCode({ code: 'out-of-range', fields: { what: 'altitude_m', value: 'not a number', min: -430, max: 5500 } })).toContain(
      'altitude (m)',
    );
  });

  test('what may be left out leaves no hole', () => {
    const texts = [
      describeCode({
        code: 'spot-wet',
        fields: { topping: 'berries', percent: 40, around_percent: 30, step: 3, around_step: 4 },
      }),
      describeCode({
        code: 'lightness-out-of-reach',
        fields: { wanted_gPerML: 0.2, reached_gPerML: 0.4 },
      }),
      describeCode({ code: 'turn-by', fields: { first_percent: 40, first_step: 4, second_step: 3, hollow_percent: 20 } }),
    ];
    for (const text of texts) expect(text).not.toMatch(/undefined|NaN|null/);
  });

  test('temperatures, their differences and lengths in the units of the kitchen', () => {
    const off = { code: 'setting-beyond-dial', fields: { setting_C: 240, min_C: 135, max_C: 195 } } as const;
    const rim = { code: 'pattern-cool-rim', fields: { kelvin: 20 } } as const;
    expect(describeCode(off)).toBe('240 °C is off this iron’s dial (135 °C–195 °C)');
    speakUnits({ temperatureUnit: 'F', lengthUnit: 'in' });
    expect(describeCode(off)).toBe('464 °F is off this iron’s dial (275 °F–383 °F)');
    expect(describeCode(rim)).toContain('36 °F cooler');
    expect(describeCode({ code: 'iron-wall-too-wide', fields: { wall_mm: 25.4, pitch_mm: 12.7 } })).toContain('walls of 1 in leave');
    speakUnits({ temperatureUnit: 'C' });
    expect(describeCode(rim)).toContain('20 °C cooler');
  });

  test('begins with a capital where it stands alone', () => {
    expect(describeSentence({ code: 'bowl-empty', fields: {} })).toBe('Nothing in the bowl has a weight yet');
  });

  test.each(Object.entries(SENTENCES).filter(([, sentence]) => sentence.length === 0))('%s, which has no fields, is a sentence', (code) => {
    expect(describeStored(code).length).toBeGreaterThan(3);
    expect(describeStored(code)).not.toMatch(/undefined/);
  });

  test('a stored code that nobody has ever heard of is shown as it is', () => {
    expect(describeStored('never-heard-of')).toBe('never-heard-of');
    expect(describeStored('constructor')).toBe('constructor');
  });
});
