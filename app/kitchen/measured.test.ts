import { describe, expect, test } from '@jest/globals';
import { PRESET_IRONS } from '../../core/plate/index.ts';
import { Measured, typedOf, withMeasured } from './measured.ts';

const deep = PRESET_IRONS.find(({ id }) => id === 'deep-round')!;

describe('an iron as its form shows it', () => {
  test.each(PRESET_IRONS.map((iron) => [iron.name, iron] as const))(
    '%s: what is shown makes sense, and left as it is changes nothing',
    (_, iron) => {
      expect(Measured.safeParse(typedOf(iron)).success).toBe(true);
      const again = withMeasured(iron, typedOf(iron), new Set());
      expect(typedOf(again)).toEqual(typedOf(iron));
      expect(withMeasured(again, typedOf(again), new Set())).toEqual(again);
    },
  );

  test('what another tab has changed meanwhile stays: only the fields that were touched here are taken', () => {
    const elsewhere = { ...deep, name: 'Renamed elsewhere', coating: 'bare' as const };
    const kept = withMeasured(elsewhere, { ...typedOf(deep), cavity_mL: '321' }, new Set(['cavity_mL']));
    expect(kept).toMatchObject({ name: 'Renamed elsewhere', coating: 'bare', geometry: { cavity_mL: 321 } });
  });

  test('halves that don’t go together: the form counts whole', () => {
    const hot = { ...deep, control: { type: 'thermostat', min_C: 300, max_C: 320 } as const };
    const typed = { ...typedOf(deep), control: 'thermostat', high_C: 200 } as const;
    expect(withMeasured(hot, typed, new Set(['high_C'])).control).toEqual({ type: 'thermostat', min_C: typedOf(deep).low_C, max_C: 200 });
  });
});
