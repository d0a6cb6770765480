import { describe, expect, test } from '@jest/globals';
import * as ICAL from 'ical.js';
import { preparation } from '../../../core/lift/index.ts';
import { describeStored } from '../../../words/index.ts';
import { calendarOf } from './calendar.ts';

type Property = { toICALString(): string };
type Component = {
  getAllSubcomponents(name: string): Component[];
  getFirstPropertyValue(name: string): { toJSDate?(): Date; toSeconds?(): number } & string;
  getAllProperties(): Property[];
};
type Reader = { parse(text: string): unknown; Component: new (data: unknown) => Component };
const reader = ICAL.default as unknown as Reader;

describe('the calendar, read back by ical.js', () => {
  // RFC 5545: VERSION and PRODID; UID, DTSTAMP, DTSTART in every event; ACTION, TRIGGER, DESCRIPTION in a display alarm (from memory, high).
  test('one entry per step with an alarm ten minutes before, instants right to the second, also over the night of a clock change', async () => {
    const pour = Date.UTC(2026, 9, 25, 6, 45);
    const steps = preparation('yeasted', pour);
    const text = await calendarOf(
      'Overnight, yeasted; "puffy"',
      steps.map((step) => ({ ...step, words: describeStored(step.code) })),
      'Europe/Berlin',
    );
    expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/);
    const calendar = new reader.Component(reader.parse(text));
    const events = calendar.getAllSubcomponents('vevent');
    expect(events).toHaveLength(steps.length);
    events.forEach((event, i) => {
      expect(event.getFirstPropertyValue('dtstart').toJSDate?.().getTime()).toBe(steps[i]?.at);
      expect(event.getFirstPropertyValue('uid')).toContain('@tawny-lattice');
      expect(event.getFirstPropertyValue('summary')).toContain('Overnight, yeasted; "puffy"');
      const [alarm] = event.getAllSubcomponents('valarm');
      expect(alarm?.getFirstPropertyValue('trigger').toSeconds?.()).toBe(-600);
    });
    // Octets, not characters.
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(76);
  });
});
