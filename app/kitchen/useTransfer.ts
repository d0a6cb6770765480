import { useState } from 'react';
import type { Failure } from '../../core/basis/index.ts';
import { wallNow } from '../clock/index.ts';
import type { Month } from '../backup/useExport.ts';
import { useExport } from '../backup/useExport.ts';
import { useKitchen } from '../store/index.ts';
import type { Snapshot } from '../store/snapshots.ts';
import { dropSnapshot, keepSnapshot } from '../store/snapshots.ts';
import type { HowTaken, ImportResult, Looked } from '../store/transfer.ts';

export type Taken = {
  readonly result: Extract<ImportResult, { ok: true }>['taken'];
  /** What was here before, to be brought back. */
  readonly before: Snapshot;
  readonly at: number;
};

/** A file that was chosen and read, but not taken. */
export type ComingFile = { readonly file: File; readonly holds: Extract<Looked, { ok: true }> };

type Busy = { readonly what: string; readonly share: number; readonly cancel: (() => void) | null };

/** Import and export with their progress; one at a time. */
export const useTransfer = () => {
  const kitchen = useKitchen();
  const exportNow = useExport();
  const [busy, setBusy] = useState<Busy | null>(null);
  const [failure, setFailure] = useState<Failure | null>(null);
  const [coming, setComing] = useState<ComingFile | null>(null);
  const [taken, setTaken] = useState<Taken | null>(null);
  const during = async <T>(
    what: string,
    cancel: (() => void) | null,
    work: (progress: (done: number, all: number) => void) => Promise<T>,
  ) => {
    setFailure(null);
    setBusy({ what, share: 0, cancel });
    try {
      return await work((done, all) => setBusy({ what, share: all > 0 ? Math.min(1, done / all) : 0, cancel }));
    } catch (error) {
      setFailure({ code: 'write-failed', fields: { why: error instanceof Error ? error.message : String(error) } });
      return null;
    } finally {
      setBusy(null);
    }
  };
  const read = async (what: string, file: Blob, how: HowTaken): Promise<ImportResult | null> => {
    const { importKitchen } = await import('../store/transfer.ts');
    const abort = new AbortController();
    return during(
      what,
      () => abort.abort(),
      (progress) => importKitchen(kitchen, file, how, progress, abort.signal),
    );
  };
  const snapshot = async (): Promise<Snapshot | null> => {
    const { exportKitchen } = await import('../store/transfer.ts');
    return during('keeping what is here', null, async (progress) => {
      const at = wallNow();
      const { blob } = await exportKitchen(kitchen, at, progress);
      const [workspace = null] = await kitchen.database.rows('workspaces').toArray();
      return { kitchen: kitchen.name, at, file: blob, workspace };
    });
  };
  /** In place of what is here, with what was worked on then. */
  const bringBack = async (before: Snapshot): Promise<void> => {
    const result = await read('bringing back', before.file, 'in place');
    if (result === null) return;
    if (!result.ok) return setFailure(result.failure);
    if (before.workspace !== null) await kitchen.database.rows('workspaces').put(before.workspace);
    await dropSnapshot(kitchen.name);
    setTaken(null);
  };
  return {
    busy,
    failure,
    coming,
    taken,
    write: (month: Month | null) => during('writing', null, (progress) => exportNow(progress, month)),
    look: async (file: File): Promise<void> => {
      const { lookAtFile } = await import('../store/transfer.ts');
      const abort = new AbortController();
      setComing(null);
      const holds = await during(
        'reading',
        () => abort.abort(),
        (progress) => lookAtFile(kitchen, file, progress, abort.signal),
      );
      if (holds?.ok === true) setComing({ file, holds });
      else if (holds?.ok === false) setFailure(holds.failure);
    },
    leave: (): void => setComing(null),
    take: async (file: Blob, how: HowTaken): Promise<void> => {
      const before = await snapshot();
      if (before === null) return;
      if (how === 'in place') {
        const isKept = await during('keeping what is here', null, async () => keepSnapshot(before).then(() => true));
        if (isKept === null) return;
      }
      const result = await read(how === 'in place' ? 'taking over' : 'putting together', file, how);
      if (result === null) return;
      setComing(null);
      if (result.ok) setTaken({ result: result.taken, before, at: wallNow() });
      else setFailure(result.failure);
    },
    undo: async (): Promise<void> => (taken === null ? undefined : bringBack(taken.before)),
    bringBack,
  };
};
