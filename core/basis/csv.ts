/** A cell that a spreadsheet would take for a formula is held back by an apostrophe; quotes by RFC 4180. */
const cell = (value: string | number): string => {
  const text = String(value);
  const safe = typeof value === 'string' && /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
  return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
};

/** Rows under a head, CRLF, RFC 4180. */
export const csvText = (head: readonly string[], rows: readonly (readonly (string | number)[])[]): string =>
  [head, ...rows].map((row) => `${row.map(cell).join(',')}\r\n`).join('');

/** Signs that Markdown would take for its own. */
export const escapedMarkdown = (text: string): string => text.replace(/[\\`*_{}[\]<>|#]/g, (sign) => `\\${sign}`);
/** Within a table line ends are spaces. */
const markdownCell = (text: string): string => escapedMarkdown(text).replace(/\s+/g, ' ');

/** The same as a table of Markdown. */
export const markdownTable = (head: readonly string[], rows: readonly (readonly (string | number)[])[]): string =>
  [head, head.map(() => '---'), ...rows]
    .map((row, i) => `| ${row.map((value) => (i === 1 ? value : markdownCell(String(value)))).join(' | ')} |\n`)
    .join('');
