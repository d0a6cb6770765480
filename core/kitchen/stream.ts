import type { Result } from '../basis/index.ts';
import { failure } from '../basis/index.ts';
import type { SetAside } from './check.ts';
import { FILE_SCHEMA, FILE_VERSION, intakeFor, MOST_FOREIGN_BYTES, readKitchenFile } from './file.ts';
import type { Intake, KitchenIntake } from './intake.ts';
import type { KitchenTable } from './tables.ts';

/**
 * Our own files are JSON documents in which every row stands on a line of its own, so that they can be written and read in pieces of any
 * number. Any JSON parser reads them too.
 */
const LAYOUT = '"layout":"rows"';

export type FileHead = { readonly appVersion: string; readonly exportedAt: number };
export type TablePart = { readonly table: KitchenTable | 'setAside'; readonly rows: readonly (object | SetAside)[] };

/** The text of a file, piece by piece. `parts`: rows in any number of pieces, those of one table one after the other; the kit comes first. */
export function* kitchenText(head: FileHead, kit: object, parts: Iterable<TablePart>): Generator<string> {
  yield openingText(head, kit);
  let table: string | null = null;
  for (const part of parts) {
    yield partText(part, table);
    table = part.table;
  }
  yield closingText(table);
}

export const openingText = ({ appVersion, exportedAt }: FileHead, kit: object): string => {
  const opening = JSON.stringify({ schema: FILE_SCHEMA, version: FILE_VERSION, appVersion, exportedAt, layout: 'rows', kit });
  return opening.slice(0, -1);
};

/** `before`: the table of the part before; null: this is the first. */
export const partText = ({ table, rows }: TablePart, before: string | null): string => {
  const begins = table !== before;
  const opening = begins ? `${before === null ? '' : '\n]'},\n"${table}":[` : '';
  return opening + rows.map((row, i) => `${begins && i === 0 ? '' : ','}\n${JSON.stringify(row)}`).join('');
};

export const closingText = (last: string | null): string => `${last === null ? '' : '\n]'}}\n`;

/**
 * Reads a kitchen from pieces of text: row by row where it is laid out so, else in one piece (then 50 MB are the most).
 * Errors: those of `readKitchenFile`.
 */
export class KitchenReader {
  private rest = '';
  private read_chars = 0;
  private mode: 'unknown' | 'rows' | 'whole' = 'unknown';
  private intake: KitchenIntake | null = null;
  private table: string | null = null;
  private isClosed = false;
  private failed: Result<never> | null = null;
  private readonly whole: string[] = [];

  /** Characters read so far: for showing how far it is. */
  get read(): number {
    return this.read_chars;
  }

  /** False once nothing more need be read: it has failed. */
  push(piece: string): boolean {
    if (this.failed !== null) return false;
    this.read_chars += piece.length;
    if (this.mode === 'whole') {
      if (this.read_chars > MOST_FOREIGN_BYTES)
        this.failed = failure('file-too-large', { bytes: this.read_chars, most: MOST_FOREIGN_BYTES });
      else this.whole.push(piece);
      return this.failed === null;
    }
    this.rest += piece;
    if (this.mode === 'unknown') {
      const end = this.rest.indexOf('\n');
      const start = end < 0 ? this.rest : this.rest.slice(0, end);
      if (end < 0 && this.rest.length < HEAD_CHARS) return true;
      if (!start.startsWith(`{"schema":"${FILE_SCHEMA}"`) || !start.includes(LAYOUT) || !start.endsWith(',')) {
        this.mode = 'whole';
        const all = this.rest;
        this.rest = '';
        this.read_chars = 0;
        return this.push(all);
      }
      this.mode = 'rows';
      this.open(`${start.slice(0, -1)}}`);
      this.rest = this.rest.slice(end + 1);
    }
    this.lines();
    return this.hasFailed();
  }

  private hasFailed(): boolean {
    return this.failed === null;
  }

  private open(head: string): void {
    try {
      const parsed = JSON.parse(head) as { readonly kit?: unknown };
      const intake = intakeFor(parsed);
      if (!intake.ok) {
        this.failed = intake;
        return;
      }
      this.intake = intake.value;
      this.intake.add('kits', parsed.kit);
    } catch {
      this.failed = failure('file-not-json');
    }
  }

  private lines(): void {
    let from = 0;
    for (;;) {
      const end = this.rest.indexOf('\n', from);
      if (end < 0) break;
      this.line(this.rest.slice(from, end));
      from = end + 1;
      if (this.failed !== null) return;
    }
    this.rest = this.rest.slice(from);
    if (this.rest.length > LONGEST_ROW_CHARS) this.failed = failure('file-row-too-long', { most: LONGEST_ROW_CHARS });
  }

  private line(line: string): void {
    if (this.table === null) {
      const named = /^"(\w+)":\[$/.exec(line);
      if (named !== null) this.table = named[1] ?? null;
      else if (line === '}') this.isClosed = true;
      else if (line.trim() !== '') this.failed = failure('file-not-json');
      return;
    }
    if (line === '],' || line === ']}') {
      this.table = null;
      if (line === ']}') this.isClosed = true;
      return;
    }
    try {
      const row: unknown = JSON.parse(line.endsWith(',') ? line.slice(0, -1) : line);
      if (this.table === 'setAside') this.intake?.addSetAside(row);
      else this.intake?.add(this.table, row);
    } catch {
      this.failed = failure('file-not-json');
    }
  }

  /** What was read; the last word. */
  finish(): Result<Intake> {
    if (this.mode === 'unknown') {
      this.mode = 'whole';
      this.whole.push(this.rest);
      this.rest = '';
    }
    if (this.failed !== null) return this.failed;
    if (this.mode === 'whole') return readKitchenFile(this.whole.join(''));
    if (this.rest.trim() !== '') this.line(this.rest);
    // A file that was cut off isn't half a kitchen.
    if (!this.isClosed || this.intake === null) return failure('file-not-json');
    return this.intake.finish();
  }
}

/** A row with its picture is some 100 kB; a line without an end isn’t gathered for ever. */
const LONGEST_ROW_CHARS = 4_000_000;
/** A kit is a few kilobytes; a first line longer than that isn't ours. */
const HEAD_CHARS = 1_000_000;
