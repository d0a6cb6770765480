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

/** How good and how large a picture is kept: some 60 kB. */
const KEPT = { quality: 0.7, pixels: 560 } as const;

/** A picture small enough to be kept with a load: its middle square as a JPEG, base64. Errors: those of `openPhoto`. */
export const keptJpeg = async (file: Blob): Promise<Result<string>> => {
  const opened = await openPhoto(file);
  if (!opened.ok) return opened;
  const { canvas, width, height } = opened.value;
  const side = Math.min(width, height);
  const small = document.createElement('canvas');
  small.width = small.height = Math.min(KEPT.pixels, side);
  const context = small.getContext('2d');
  if (context === null) return failure('photo-broken');
  context.drawImage(canvas, (width - side) / 2, (height - side) / 2, side, side, 0, 0, small.width, small.height);
  const [, jpeg = ''] = small.toDataURL('image/jpeg', KEPT.quality).split(',');
  return jpeg === '' ? failure('photo-broken') : success(jpeg);
};
