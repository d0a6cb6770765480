import { Listeners } from '../listeners.ts';
import type { Rows, TableName } from './database.ts';
import { keyText } from './database.ts';
import type { Command, Write } from './transaction.ts';

export type StorageTrouble = 'storage-full' | 'storage-forbidden' | 'storage-failing' | null;

/** A command that waits for room, and what it would have written: shown as if it were stored. */
export type PendingCommand = {
  readonly command: Command<unknown>;
  /** What was answered for it. */
  readonly result: unknown;
  readonly writes: readonly Write[];
  readonly removed: readonly string[];
};

/**
 * Commands that could not be carried out because the device is full. Screens read their writes over the stored rows, so nothing that was said is
 * lost; they are carried out again, in their order, and read afresh what stands in the store by then.
 */
export class PendingWrites {
  private commands: readonly PendingCommand[] = [];
  private trouble_: StorageTrouble = null;
  private readonly listeners = new Listeners();

  get pending(): readonly PendingCommand[] {
    return this.commands;
  }
  get trouble(): StorageTrouble {
    return this.trouble_;
  }

  readonly subscribe = this.listeners.subscribe;

  setTrouble(trouble: StorageTrouble): void {
    if (this.trouble_ === trouble) return;
    this.trouble_ = trouble;
    this.listeners.tell();
  }

  add(pending: PendingCommand): void {
    this.commands = [...this.commands, pending];
    this.listeners.tell();
  }

  remove(done: PendingCommand): void {
    this.commands = this.commands.filter((other) => other !== done);
    this.listeners.tell();
  }

  /** What was taken over from a file replaces what waited, too. */
  clear(): void {
    if (this.commands.length === 0) return;
    this.commands = [];
    this.listeners.tell();
  }

  /** Stored rows with the pending ones laid over them, those that `matches` says belong to the question. */
  overlay<N extends TableName>(table: N, stored: readonly Rows[N][], matches: (row: Rows[N]) => boolean = () => true): readonly Rows[N][] {
    if (this.commands.length === 0) return stored;
    const mine = new Map<string, Rows[N]>();
    const gone = new Set<string>();
    for (const { writes, removed } of this.commands) {
      for (const name of removed) gone.add(name);
      for (const write of writes) if (write.table === table) mine.set(keyText(table, write.row as Rows[N]), write.row as Rows[N]);
    }
    if (mine.size === 0 && gone.size === 0) return stored;
    const isGone = (row: Rows[N]): boolean => gone.has(`${table}/${keyText(table, row)}`);
    return [...stored.filter((row) => !mine.has(keyText(table, row)) && !isGone(row)), ...[...mine.values()].filter(matches)];
  }
}
