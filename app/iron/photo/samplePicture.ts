import type { Result } from '../../../core/basis/index.ts';
import { failure, success } from '../../../core/basis/index.ts';
import type { Photo } from '../../ui/index.ts';

/** A picture that was never taken, of a piece from an iron with this lattice. */
export const samplePicture = async (
  seed: number,
  lattice: { readonly rows: number; readonly columns: number; readonly outline: 'round' | 'square' },
): Promise<Result<Photo>> => {
  const { sampleScene, samplePhoto, sampleTruth } = await import('../../../demo/samplePhoto.ts');
  const { data, width, height } = samplePhoto(
    sampleTruth(seed, lattice.rows, lattice.columns, lattice.outline),
    sampleScene(seed, 1280, 960),
  );
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  const context = canvas.getContext('2d');
  if (context === null) return failure('photo-broken');
  context.putImageData(new ImageData(data as Uint8ClampedArray<ArrayBuffer>, width, height), 0, 0);
  return success({ canvas, width, height });
};
