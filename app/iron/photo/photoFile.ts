import type { Result } from '../../../core/basis/index.ts';
import { failure, success } from '../../../core/basis/index.ts';

/** A picture as it is shown and read. */
export type Photo = { readonly canvas: HTMLCanvasElement; readonly width: number; readonly height: number };

const MOST_MB = 80;
const MOST_MEGAPIXELS = 60;
/** More tells nothing more about a colour. */
const READ_MEGAPIXELS = 12;

const onCanvas = (source: CanvasImageSource, width: number, height: number): Result<Photo> => {
  const shrink = Math.min(1, Math.sqrt((READ_MEGAPIXELS * 1e6) / (width * height)));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(width * shrink));
  canvas.height = Math.max(1, Math.round(height * shrink));
  const context = canvas.getContext('2d');
  if (context === null) return failure('photo-broken');
  context.drawImage(source, 0, 0, canvas.width, canvas.height);
  return success({ canvas, width: canvas.width, height: canvas.height });
};

/** Opens a picture file. Its size is asked before it is unpacked. Errors: `photo-too-large`, `photo-too-many-pixels`, `photo-broken`. */
export const openPhoto = async (file: Blob): Promise<Result<Photo>> => {
  const megabytes = Math.ceil(file.size / 1e6);
  if (megabytes > MOST_MB) return failure('photo-too-large', { megabytes, most: MOST_MB });
  const url = URL.createObjectURL(file);
  try {
    const image = new Image();
    await new Promise<void>((resolve, reject) => {
      image.onload = () => resolve();
      image.onerror = () => reject(new Error('photo'));
      image.src = url;
    });
    const { naturalWidth: width, naturalHeight: height } = image;
    if (width === 0 || height === 0) return failure('photo-broken');
    const megapixels = Math.round((width * height) / 1e6);
    if (megapixels > MOST_MEGAPIXELS) return failure('photo-too-many-pixels', { megapixels, most: MOST_MEGAPIXELS });
    return onCanvas(image, width, height);
  } catch {
    return failure('photo-broken');
  } finally {
    URL.revokeObjectURL(url);
  }
};

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
