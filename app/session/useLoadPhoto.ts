import { clock } from '../clock/index.ts';
import { commands, notices, useDo, useLoadPhotos } from '../store/index.ts';
import { keptJpeg } from '../ui/index.ts';

/** The picture of a load: kept beside what was expected of it, one for each load. */
export const useLoadPhoto = (loadId: string | null) => {
  const carryOut = useDo();
  const photos = useLoadPhotos(loadId === null ? [] : [loadId]);
  return {
    photo: loadId === null ? null : (photos?.get(loadId) ?? null),
    take: async (file: Blob): Promise<void> => {
      const jpeg = await keptJpeg(file);
      if (!jpeg.ok) notices.tell(jpeg.failure);
      else if (loadId !== null) await carryOut(commands.keepPhoto({ id: loadId, takenAt: clock.now(), jpeg: jpeg.value }));
    },
    remove: (): void => {
      if (loadId !== null) void carryOut(commands.removePhoto(loadId));
    },
  };
};
