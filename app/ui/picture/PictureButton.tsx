import type { LucideIcon } from 'lucide-react';
import { ImagePlus } from 'lucide-react';

type Props = {
  readonly label?: string;
  readonly icon?: LucideIcon;
  /** Straight to the camera, where there is one. */
  readonly camera?: boolean;
  readonly disabled?: boolean;
  /** The picture of a camera alone, 56 px; its words are for a screen reader. */
  readonly isIcon?: boolean;
  readonly onPicture: (file: Blob) => void;
};

/** A picture from the device; the same one can be chosen again. */
export const PictureButton = ({
  label = 'Choose a picture',
  icon: Icon = ImagePlus,
  camera = false,
  disabled = false,
  isIcon = false,
  onPicture,
}: Props) => (
  <label
    className={`focus-within:outline-3 focus-within:outline-act ${isIcon ? 'grid size-14 shrink-0 place-items-center rounded-lg hover:bg-track max-md:size-11' : 'button-plain'}`}
  >
    <Icon aria-hidden className={isIcon ? 'size-8' : 'size-5'} /> {isIcon ? <span className="sr-only">{label}</span> : label}
    <input
      type="file"
      accept="image/*"
      disabled={disabled}
      {...(camera ? { capture: 'environment' as const } : {})}
      className="sr-only"
      onChange={(event) => {
        const file = event.target.files?.[0];
        if (file !== undefined) onPicture(file);
        event.target.value = '';
      }}
    />
  </label>
);
