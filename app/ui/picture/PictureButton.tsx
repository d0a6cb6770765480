import type { LucideIcon } from 'lucide-react';
import { ImagePlus } from 'lucide-react';

type Props = {
  readonly label?: string;
  readonly icon?: LucideIcon;
  /** Straight to the camera, where there is one. */
  readonly camera?: boolean;
  readonly disabled?: boolean;
  readonly onPicture: (file: Blob) => void;
};

/** A picture from the device; the same one can be chosen again. */
export const PictureButton = ({
  label = 'Choose a picture',
  icon: Icon = ImagePlus,
  camera = false,
  disabled = false,
  onPicture,
}: Props) => (
  <label className="button-plain focus-within:outline-3 focus-within:outline-act">
    <Icon aria-hidden className="size-5" /> {label}
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
