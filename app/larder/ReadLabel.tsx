import { ScanLine } from 'lucide-react';
import { useState } from 'react';
import type { Failure, Result } from '../../core/basis/index.ts';
import { failure, success } from '../../core/basis/index.ts';
import { itemOfLabel } from '../../core/keep/index.ts';
import { describeSentence } from '../../words/index.ts';
import { PictureButton } from '../ui/index.ts';

/** More pixels tell nothing more of a square. */
const READ_PX = 1400;

/** What the square in a picture says. Errors: `photo-broken`, `label-unseen`. */
const codeIn = async (file: Blob): Promise<Result<string>> => {
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file);
  } catch {
    return failure('photo-broken');
  }
  const shrink = Math.min(1, READ_PX / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [Math.max(1, Math.round(bitmap.width * shrink)), Math.max(1, Math.round(bitmap.height * shrink))];
  const context = Object.assign(document.createElement('canvas'), { width, height }).getContext('2d');
  if (context === null) return failure('photo-broken');
  context.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  const { default: jsQR } = await import('jsqr');
  const found = jsQR(context.getImageData(0, 0, width, height).data, width, height);
  return found === null ? failure('label-unseen') : success(found.data);
};

/** What may have a label. */
type Labelled = { readonly id: string };
type Props<T extends Labelled> = { readonly items: readonly T[]; readonly onFound: (item: T) => void };

/** A label read back, by the camera of a phone or from a picture. Nothing leaves the browser. */
export const ReadLabel = <T extends Labelled>({ items, onFound }: Props<T>) => {
  const [trouble, setTrouble] = useState<Failure | null>(null);
  const read = async (file: Blob): Promise<void> => {
    const code = await codeIn(file);
    const item = code.ok ? itemOfLabel(code.value, items) : code;
    setTrouble(item.ok ? null : item.failure);
    if (item.ok) onFound(item.value);
  };
  return (
    <span className="flex flex-wrap items-center gap-3">
      <PictureButton label="Read a label" icon={ScanLine} camera onPicture={(file) => void read(file)} />
      {trouble !== null && (
        <span role="alert" className="border-l-3 border-ink bg-sheet px-2 py-1">
          {describeSentence(trouble)}.
        </span>
      )}
    </span>
  );
};
