/** Minutes before a step at which the calendar calls. */
const ALARM_S = 600;

/** Something to be done at an instant, in words. */
export type CalendarEntry = { readonly id: string; readonly at: number; readonly duration_s: number; readonly words: string };

/** A line break in a name would end its line in the file. */
const oneLine = (text: string): string => text.replace(/\s+/gu, ' ').trim();

/** One calendar entry each, with an alarm `alarm_s` before (RFC 5545). Instants are written in UTC: any calendar shows them in its own zone. */
export const calendarOf = async (name: string, entries: readonly CalendarEntry[], zone: string, alarm_s = ALARM_S): Promise<string> => {
  const { default: ical, ICalAlarmType } = await import('ical-generator');
  const title = oneLine(name);
  const calendar = ical({ name: title, prodId: { company: 'tawny-lattice', product: 'tawny-lattice' }, timezone: null });
  for (const { id, at, duration_s, words } of entries) {
    const summary = oneLine(words.charAt(0).toUpperCase() + words.slice(1));
    const event = calendar.createEvent({
      id: `${id}-${at}@tawny-lattice`,
      start: new Date(at),
      end: new Date(at + Math.max(60, duration_s) * 1000),
      summary: `${summary}: ${title}`,
      description: `Kitchen zone: ${zone}`,
    });
    event.createAlarm({ type: ICalAlarmType.display, triggerBefore: alarm_s, description: summary });
  }
  return calendar.toString();
};
