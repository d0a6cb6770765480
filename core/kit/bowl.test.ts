import { describe, expect, test } from '@jest/globals';
import { bowlForFoam, DEFAULT_KIT, formOf, largestJug } from './index.ts';

const bowl = (name: string, volume_mL: number, material: 'metal' | 'plastic' = 'metal', form?: 'bowl' | 'jug') => ({
  id: name,
  name,
  volume_mL,
  material,
  ...(form === undefined ? {} : { form }),
});

describe('bowls and jugs', () => {
  test('what nobody said goes by its name; what was said goes before it', () => {
    expect([formOf(bowl('Measuring jug', 1000)), formOf(bowl('Big tub', 7000)), formOf(bowl('Juggler', 900))]).toEqual([
      'jug',
      'bowl',
      'bowl',
    ]);
    expect(formOf(bowl('Old jug', 1000, 'metal', 'bowl'))).toBe('bowl');
    expect(largestJug(DEFAULT_KIT.bowls)?.id).toBe('jug');
    expect(largestJug([bowl('Tub', 900)])).toBeNull();
  });

  test('a foam gets the smallest clean bowl that holds it, and a jug only where there is nothing else', () => {
    const kit = [bowl('jug', 2000), bowl('small', 900), bowl('tub', 6000, 'plastic'), bowl('blue', 3000), bowl('pot', 9000)];
    expect(bowlForFoam(kit, 1500)?.id).toBe('blue');
    expect(bowlForFoam(kit, 4000)?.id).toBe('pot');
    expect(bowlForFoam(kit.slice(0, 4), 4000)?.id).toBe('tub');
    expect(bowlForFoam([bowl('jug', 2000), bowl('small', 900)], 4000)?.id).toBe('small');
    expect(bowlForFoam([bowl('jug', 2000)], 1000)?.id).toBe('jug');
    expect(bowlForFoam([], 1000)).toBeNull();
  });
});
