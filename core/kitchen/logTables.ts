/** Whose log an event belongs to. Apart from the shapes of the rows, which the first paint does without. */
export const LOG_OWNERS = { weighEvents: 'weighingId', lotEvents: 'lotId', loadEvents: 'loadId' } as const;
export type LogTable = keyof typeof LOG_OWNERS;
export const isLogTable = (table: string): table is LogTable => Object.hasOwn(LOG_OWNERS, table);
