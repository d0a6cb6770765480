import type { PrepStep } from '../../core/lift/index.ts';
import { describeStored } from '../../words/index.ts';

/** Minutes before a step at which the calendar calls. */
const ALARM_S = 600;

/** One calendar entry per step, each with an alarm (RFC 5545). Instants are written in UTC: any calendar shows them in its own zone. */
export const calendarOf = async (name: string, steps: readonly PrepStep[], zone: string): Promise<string> => {
  const { default: ical, ICalAlarmType } = await import('ical-generator');
  const calendar = ical({ name, prodId: { company: 'tawny-lattice', product: 'tawny-lattice' }, timezone: null });
  for (const step of steps) {
    const words = describeStored(step.code);
    const summary = words.charAt(0).toUpperCase() + words.slice(1);
    const event = calendar.createEvent({
      id: `${step.id}-${step.at}@tawny-lattice`,
      start: new Date(step.at),
      end: new Date(step.at + Math.max(60, step.duration_s) * 1000),
      summary: `${summary}: ${name}`,
      description: `Kitchen zone: ${zone}`,
    });
    event.createAlarm({
      type: ICalAlarmType.display,
      triggerBefore: ALARM_S,
      description: summary,
    });
  }
  return calendar.toString();
};
