import {
  createColumnHelper,
  createSortedRowModel,
  rowSortingFeature,
  sortFn_alphanumeric,
  sortFn_basic,
  sortFn_text,
  tableFeatures,
  useTable,
} from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useRef } from 'react';
import { dayAndTime } from '../ui/index.ts';
import { ColourMark, PouredMark, TimeMark } from './Drawn.tsx';
import type { Entry } from '../../core/book/index.ts';
import { colourMiss } from '../../core/book/index.ts';

const features = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns: { alphanumeric: sortFn_alphanumeric, basic: sortFn_basic, text: sortFn_text },
});
const helper = createColumnHelper<typeof features, Entry>();

const FILL_WORDS: Readonly<Record<string, string>> = { missing: 'corner missing', full: 'full', leaked: 'leaked' };

const columnsFor = (zone: string, onOpen: (entry: Entry) => void) =>
  helper.columns([
    helper.accessor((entry) => entry.load.startedAt, {
      id: 'when',
      header: 'When',
      cell: ({ row, getValue }) => (
        <button
          type="button"
          className="min-h-11 text-left font-semibold whitespace-nowrap text-act underline underline-offset-2"
          onClick={() => onOpen(row.original)}
        >
          {dayAndTime(getValue(), zone)}
        </button>
      ),
    }),
    helper.accessor((entry) => entry.iron?.name ?? entry.load.ironId, {
      id: 'iron',
      header: 'Iron',
      cell: ({ row, getValue }) => `${getValue()}, load ${row.original.load.n}`,
    }),
    helper.accessor((entry) => entry.lot?.name ?? '', { id: 'batter', header: 'Batter', cell: ({ getValue }) => getValue() }),
    helper.accessor((entry) => entry.progress.did.portion?.grams ?? entry.prediction?.portion_g ?? -1, {
      id: 'poured',
      header: 'Poured',
      cell: ({ row }) => <PouredMark entry={row.original} />,
    }),
    helper.accessor((entry) => entry.cooked_s ?? -1, { id: 'time', header: 'Time', cell: ({ row }) => <TimeMark entry={row.original} /> }),
    helper.accessor((entry) => Math.abs(colourMiss(entry) ?? -1), {
      id: 'colour',
      header: 'Expected → above, below',
      cell: ({ row }) => <ColourMark entry={row.original} />,
    }),
    helper.accessor((entry) => entry.fill ?? '', { id: 'fill', header: 'Fill', cell: ({ getValue }) => FILL_WORDS[getValue()] ?? '–' }),
    helper.accessor((entry) => entry.crisp ?? -1, {
      id: 'crisp',
      header: 'Crisp',
      cell: ({ row }) => row.original.crisp?.toFixed(0) ?? '–',
    }),
    helper.accessor((entry) => entry.mass_g ?? -1, {
      id: 'mass',
      header: 'Piece',
      cell: ({ row }) => (row.original.mass_g === null ? '–' : `${Math.round(row.original.mass_g)}\u00a0g`),
    }),
  ]);

/** About as high as a row is. */
const ROW_PX = 49;

const SORTS = { asc: 'ascending', desc: 'descending' } as const;

/** Loads, newest first; any column sorts. */
export const BookTable = ({
  entries,
  zone,
  onOpen,
}: {
  readonly entries: readonly Entry[];
  readonly zone: string;
  readonly onOpen: (entry: Entry) => void;
}) => {
  const table = useTable({
    features,
    columns: columnsFor(zone, onOpen),
    data: entries,
    initialState: { sorting: [{ id: 'when', desc: true }] },
    getRowId: (entry) => entry.load.id,
  });
  const { rows } = table.getRowModel();
  const body = useRef<HTMLTableSectionElement>(null);
  // Only the rows in sight are in the page; the rest is room above and below.
  // The rows are drawn by what it says at each render; nothing of it is kept.
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => document.getElementById('door'),
    estimateSize: () => ROW_PX,
    overscan: 15,
    scrollMargin: body.current?.offsetTop ?? 0,
  });
  const shown = virtual.getVirtualItems();
  const above = Math.max(0, (shown[0]?.start ?? 0) - virtual.options.scrollMargin);
  const below = Math.max(0, virtual.getTotalSize() - ((shown.at(-1)?.end ?? 0) - virtual.options.scrollMargin));
  return (
    <table className="w-full text-left text-[15px]" aria-rowcount={rows.length + 1}>
      <thead className="sticky top-0 z-10 bg-page">
        {table.getHeaderGroups().map((group) => (
          <tr key={group.id}>
            {group.headers.map((header) => {
              const sorted = header.column.getIsSorted();
              return (
                <th
                  key={header.id}
                  scope="col"
                  aria-sort={sorted === false ? 'none' : SORTS[sorted]}
                  className="border-b-2 border-ink py-1 pr-3 font-normal"
                >
                  <button
                    type="button"
                    className="flex min-h-9 items-center gap-1 text-left hover:text-act"
                    onClick={header.column.getToggleSortingHandler()}
                  >
                    <table.FlexRender header={header} />
                    {sorted === 'asc' && <ArrowUp aria-hidden className="size-4" />}
                    {sorted === 'desc' && <ArrowDown aria-hidden className="size-4" />}
                  </button>
                </th>
              );
            })}
          </tr>
        ))}
      </thead>
      <tbody ref={body}>
        {above > 0 && (
          <tr aria-hidden>
            <td colSpan={9} style={{ height: above }} />
          </tr>
        )}
        {shown.map(({ index }) => {
          const row = rows[index];
          return row === undefined ? null : (
            <tr key={row.id} data-load={row.id} aria-rowindex={index + 2} className="border-b border-line hover:bg-sheet">
              {row.getAllCells().map((cell) => (
                <td key={cell.id} className="py-0.5 pr-3">
                  <table.FlexRender cell={cell} />
                </td>
              ))}
            </tr>
          );
        })}
        {below > 0 && (
          <tr aria-hidden>
            <td colSpan={9} style={{ height: below }} />
          </tr>
        )}
      </tbody>
    </table>
  );
};
