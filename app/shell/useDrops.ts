import type { DragEvent } from 'react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { offerFile } from '../session/index.ts';
import { draftText } from '../ui/index.ts';

/** A recipe is no longer than that, bytes; what is longer is for the import. */
const MOST_RECIPE = 2_000_000;
/** How a kitchen's file names itself, near its beginning. */
const KITCHEN = /"schema"\s*:\s*"tawny-lattice\/kitchen"/;
const LOOKED_AT = 4000;

/** Kitchen files are plain or packed JSON; everything else is read as a recipe. */
const isKitchenFile = async (file: File): Promise<boolean> =>
  file.name.endsWith('.gz') || file.size > MOST_RECIPE || KITCHEN.test(await file.slice(0, LOOKED_AT).text());

/** A file dropped anywhere is offered where it belongs: a kitchen to the import, a recipe to be read. Nothing is taken without being asked. */
export const useDrops = () => {
  const navigate = useNavigate();
  const [isOver, setOver] = useState(false);
  const hasFile = ({ dataTransfer }: DragEvent): boolean => dataTransfer.types.includes('Files');
  const open = async (file: File): Promise<void> => {
    if (await isKitchenFile(file)) {
      offerFile(file);
      return navigate('/kitchen?section=data');
    }
    draftText('paste', await file.text());
    return navigate('/recipe?paste=1');
  };
  return {
    isOver,
    handlers: {
      onDragOver: (event: DragEvent) => {
        if (!hasFile(event)) return;
        event.preventDefault();
        setOver(true);
      },
      onDragLeave: (event: DragEvent) => {
        if (event.relatedTarget === null) setOver(false);
      },
      onDrop: (event: DragEvent) => {
        setOver(false);
        const file = event.dataTransfer.files[0];
        // Where a page takes files itself it has taken this one.
        if (file === undefined || event.defaultPrevented) return;
        event.preventDefault();
        void open(file);
      },
    },
  };
};
