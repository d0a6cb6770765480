import type { Coded, Failure } from '../../core/basis/index.ts';
import type { LogTable } from '../../core/kitchen/index.ts';
import type { Load } from '../../core/log/index.ts';
import { LOG_OWNERS } from '../../core/kitchen/index.ts';
import type { Rows, TableName } from './database.ts';

/** A write as it was made: what pending writes lay over what is stored. */
export type Write = { readonly [N in TableName]: { readonly table: N; readonly row: Rows[N] } }[TableName];

type Numbered = { readonly seq: number; readonly at: number };
/** An event of a log, and the same before the log has numbered it. */
export type LogEventOf<L extends LogTable> = Rows[L]['event'];
export type NewLogEventOf<L extends LogTable> = LogEventOf<L> extends infer E ? (E extends Numbered ? Omit<E, 'seq'> : never) : never;

/** What a command may ask and write; all of it within one transaction. */
export type Transaction = {
  get<N extends TableName>(table: N, key: string): Promise<Rows[N] | undefined>;
  /** The newest revision. */
  newest<N extends 'irons' | 'formulas'>(table: N, id: string): Promise<Rows[N] | undefined>;
  log<L extends LogTable>(table: L, ownerId: string): Promise<readonly LogEventOf<L>[]>;
  /** The newest loads of an iron, the newest first. */
  loadsOn(ironId: string): PromiseLike<readonly Load[]>;
  /** Fails where there is one with this key already. */
  add<N extends TableName>(table: N, row: Rows[N]): Promise<void>;
  put<N extends TableName>(table: N, row: Rows[N]): Promise<void>;
  remove(table: TableName, key: string): Promise<void>;
  /** The event gets the next number of its log. */
  append<L extends LogTable>(table: L, ownerId: string, event: NewLogEventOf<L>): Promise<LogEventOf<L>>;
};

/** A change of the kitchen as a whole: all of it or nothing, and once, however often it is delivered. */
export type Command<R> = {
  /** Made when the finger comes down and kept for every delivery of that touch; never from what the store holds, or the next touch would be taken for this one. */
  readonly id: string;
  /** Tables that it reads or writes. */
  readonly tables: readonly TableName[];
  readonly run: (transaction: Transaction) => Promise<R>;
  /** What the cook is told where it finds nothing to change; null: nobody touched anything, so nobody is told. Left out: that it was done already. */
  readonly ifUnchanged?: Coded | null;
};

/** `repeated`: the same touch was delivered before. `unchanged`: another touch, which found nothing to change. */
export type Done<R> = { readonly result: R; readonly outcome: 'done' | 'repeated' | 'unchanged' };

/** Counts what is written through it. */
export const counted = (transaction: Transaction): { readonly transaction: Transaction; readonly hasWritten: () => boolean } => {
  let writes = 0;
  return {
    transaction: {
      ...transaction,
      add: (table, row) => {
        writes++;
        return transaction.add(table, row);
      },
      put: (table, row) => {
        writes++;
        return transaction.put(table, row);
      },
      remove: (table, key) => {
        writes++;
        return transaction.remove(table, key);
      },
      append: (table, ownerId, event) => {
        writes++;
        return transaction.append(table, ownerId, event);
      },
    },
    hasWritten: () => writes > 0,
  };
};

/** A command that can't be carried out, and why: a code, for whoever shows it. */
export class CommandFailed extends Error {
  constructor(readonly failure: Failure) {
    super(failure.code);
    this.name = 'CommandFailed';
  }
}

/** Whose log a row is of. */
export const ownerOf = <L extends LogTable>(table: L, row: Rows[L]): string =>
  (row as unknown as Readonly<Record<string, string>>)[LOG_OWNERS[table]] ?? '';

/** An event with its number in its log. */
export const numbered = <L extends LogTable>(event: object, seq: number): LogEventOf<L> => ({ ...event, seq }) as unknown as LogEventOf<L>;

/** A row of a log. */
export const logRow = <L extends LogTable>(table: L, ownerId: string, event: LogEventOf<L>): Rows[L] =>
  ({ [LOG_OWNERS[table]]: ownerId, seq: event.seq, event }) as unknown as Rows[L];
