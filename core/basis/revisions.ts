/** The newest revision of each thing, by its id, in the order in which the ids first come. */
export const newestRevisions = <T extends { readonly id: string; readonly rev: number }>(rows: readonly T[]): Map<string, T> => {
  const newest = new Map<string, T>();
  for (const row of rows) if (row.rev >= (newest.get(row.id)?.rev ?? 0)) newest.set(row.id, row);
  return newest;
};
