import { Download } from 'lucide-react';
import { wallNow } from '../clock/index.ts';
import { day } from '../ui/index.ts';
import { useKit, useKitchenChoice, useQueried } from '../store/index.ts';
import { isBackupDue, noteBackup, useBackup } from './backups.ts';
import { useExport } from './useExport.ts';

const WEEK_MS = 7 * 86_400_000;

/** "87 loads since the last file, of 3 November": what a broken device would take with it. Of the demo nobody is reminded. */
export const BackupReminder = () => {
  const { kitchen, isDemo } = useKitchenChoice();
  const { zone } = useKit();
  const backup = useBackup(kitchen.name);
  const exportNow = useExport();
  const { exportedAt } = backup;
  const found = useQueried(
    async (queries) => ({ since: await queries.countLoadsSince(exportedAt ?? -Infinity), oldestAt: await queries.oldestLoadAt() }),
    `loads since ${exportedAt}`,
  );
  if (isDemo || found === undefined || !isBackupDue(backup, found.since, found.oldestAt, wallNow())) return null;
  return (
    <p
      role="note"
      aria-label="Not in a file yet"
      className="flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 border-act bg-sheet p-3"
    >
      <span>
        <b>{found.since.toLocaleString('en-GB')}</b> {found.since === 1 ? 'load is' : 'loads are'} in this browser alone
        {exportedAt === null ? '; nothing was exported yet.' : `; the last file is of ${day(exportedAt, zone)}.`}
      </span>
      <button type="button" className="button-act" onClick={() => void exportNow()}>
        <Download aria-hidden className="size-5" /> Export everything
      </button>
      <button type="button" className="button-plain" onClick={() => noteBackup(kitchen.name, { remindAt: wallNow() + WEEK_MS })}>
        In a week
      </button>
    </p>
  );
};
