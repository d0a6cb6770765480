import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Did, LoadEvent, NewLoadEvent } from '../log/index.ts';
import { countdown } from './index.ts';
import { loadProgress, LoadEvent as LoadEventSchema, poured_g, settingOf } from '../log/index.ts';

const T0 = 1_780_000_000_000;
const log = (...events: (NewLoadEvent & { at?: number })[]): LoadEvent[] =>
  events.map(({ at, ...event }, seq) => ({ ...event, seq, at: at ?? T0 + seq * 1000 }));
const poured: NewLoadEvent = { kind: 'poured', data: {} };
const closed: NewLoadEvent = { kind: 'closed', data: {} };
const opened: NewLoadEvent = { kind: 'opened', data: {} };
const undo = (seq: number): NewLoadEvent => ({ kind: 'undone', data: { seq } });
const step = (value: number): NewLoadEvent => ({ kind: 'logged', data: { kind: 'tawny', mould: 0, side: 'lower', value } });

describe('a load is what its log says', () => {
  test('phases follow the touches', () => {
    expect(loadProgress([]).phase).toBe('ready');
    expect(loadProgress(log(poured)).phase).toBe('poured');
    expect(loadProgress(log(poured, closed)).phase).toBe('cooking');
    expect(loadProgress(log(poured, closed, opened)).phase).toBe('opened');
  });

  test('undo is an event: what it takes back no longer counts, and can be said again', () => {
    expect(loadProgress(log(poured, closed, opened, undo(2))).phase).toBe('cooking');
    expect(loadProgress(log(poured, closed, opened, undo(2), opened)).phase).toBe('opened');
    expect(loadProgress(log(poured, closed, undo(1), undo(0))).phase).toBe('ready');
  });

  test('the last word on a thing counts; other moulds and sides stand beside it', () => {
    const { observations } = loadProgress(
      log(poured, closed, opened, step(3), step(4), { kind: 'logged', data: { kind: 'tawny', mould: 1, side: 'lower', value: 6 } }),
    );
    expect(observations).toEqual([
      { kind: 'tawny', mould: 0, side: 'lower', value: 4 },
      { kind: 'tawny', mould: 1, side: 'lower', value: 6 },
    ]);
    expect(loadProgress(log(poured, closed, opened, step(3), step(4), undo(4))).observations).toMatchObject([{ value: 3 }]);
  });

  test('what was really done: said with the pour or later, the last word on each thing; taken back, as promised again', () => {
    const pouredOtherwise: NewLoadEvent = { kind: 'poured', data: { portion: { grams: 190, by: 'scale' } } };
    const did = (data: Did): NewLoadEvent => ({ kind: 'did', data });
    const mark = { temperature_C: 165, dial: 3.5 };
    const promised = { portion_g: 215, setting: { temperature_C: 180, dial: 5 } };
    const now = (...events: NewLoadEvent[]) => {
      const progress = loadProgress(log(...events));
      return [poured_g(promised, progress), settingOf(promised, progress)];
    };
    expect(now(poured, closed)).toEqual([215, promised.setting]);
    expect(now(pouredOtherwise, did({ setting: mark }))).toEqual([190, mark]);
    expect(now(pouredOtherwise, did({ portion: { grams: 200, by: 'scoops' } }))).toEqual([200, promised.setting]);
    expect(now(pouredOtherwise, did({ portion: { grams: 200, by: 'scoops' } }), undo(1))).toEqual([190, promised.setting]);
    expect(now(pouredOtherwise, undo(0))).toEqual([215, promised.setting]);
    expect(LoadEventSchema.safeParse({ seq: 0, at: T0, ...did({ portion: { grams: 0, by: 'eye' } }) }).success).toBe(false);
  });

  test('what undo would take back is the last that stands', () => {
    expect(loadProgress(log(poured, closed)).lastUndoable?.seq).toBe(1);
    expect(loadProgress(log(poured, closed, undo(1))).lastUndoable?.seq).toBe(0);
    expect(loadProgress(log(poured, undo(0))).lastUndoable).toBeNull();
  });

  test('signs and looks are kept with their instants; what isn’t one isn’t', () => {
    const events = log(
      poured,
      closed,
      { kind: 'signal', data: { signal: 'steam-down' } },
      { kind: 'peeked', data: {} },
      { kind: 'signal', data: { signal: 'beeped' } },
      step(4),
    );
    const progress = loadProgress(events);
    expect(progress.signals).toEqual([
      { signal: 'steam-down', at: T0 + 2000 },
      { signal: 'beeped', at: T0 + 4000 },
    ]);
    expect(progress.peeks).toEqual([{ at: T0 + 3000, seen: null }]);
    expect([progress.pouredAt, progress.closedAt, progress.openedAt]).toEqual([T0, T0 + 1000, null]);
    expect(loadProgress(log(poured))).toMatchObject({ signals: [], peeks: [], observations: [], closedAt: null });
  });

  test('both faces of a mould are two things; its other words are one each', () => {
    const side = (which: 'lower' | 'upper', value: number): NewLoadEvent => ({
      kind: 'logged',
      data: { kind: 'tawny', mould: 0, side: which, value },
    });
    const crisp = (value: number): NewLoadEvent => ({ kind: 'logged', data: { kind: 'crisp', mould: 0, value } });
    expect(loadProgress(log(side('lower', 3), side('upper', 5), crisp(2), crisp(4))).observations).toEqual([
      { kind: 'tawny', mould: 0, side: 'lower', value: 3 },
      { kind: 'tawny', mould: 0, side: 'upper', value: 5 },
      { kind: 'crisp', mould: 0, value: 4 },
    ]);
  });

  test('taking back everything in turn ends where it began (any log)', () => {
    const touch = fc.constantFrom<NewLoadEvent>(
      poured,
      closed,
      opened,
      { kind: 'signal', data: { signal: 'smells' } },
      { kind: 'peeked', data: {} },
      step(5),
    );
    fc.assert(
      fc.property(fc.array(touch, { maxLength: 12 }), (events) => {
        let current = log(...events);
        for (let guard = 0; guard < 40; guard++) {
          const { lastUndoable } = loadProgress(current);
          if (lastUndoable === null) break;
          current = log(...current, undo(lastUndoable.seq));
        }
        const end = loadProgress(current);
        expect([end.phase, end.observations.length, end.signals.length, end.peeks.length]).toEqual(['ready', 0, 0, 0]);
      }),
      { seed: 3 },
    );
  });

  test('events of a later kind, or with nonsense in them, are refused by the schema', () => {
    expect(LoadEventSchema.safeParse({ seq: 0, at: T0, kind: 'levitated', data: {} }).success).toBe(false);
    expect(
      LoadEventSchema.safeParse({ seq: 0, at: T0, kind: 'logged', data: { kind: 'tawny', mould: 0, side: 'lower', value: 9 } }).success,
    ).toBe(false);
    expect(LoadEventSchema.safeParse({ seq: -1, at: T0, kind: 'poured', data: {} }).success).toBe(false);
  });
});

describe('the countdown', () => {
  const time = { best: 300, to: 330 };
  const progress = loadProgress(log({ ...poured, at: T0 }, { ...closed, at: T0 + 5000 }));
  const at = (elapsed_s: number) => countdown(progress, time, 20, T0 + 5000 + elapsed_s * 1000);

  test('runs from the closed lid', () => expect(at(60)).toEqual({ elapsed_s: 60, left_s: 240, stage: 'early' }));
  test('cue, open, late', () =>
    expect([279, 281, 300, 329, 331].map((s) => at(s)?.stage)).toEqual(['early', 'cue', 'open', 'open', 'late']));
  test('is not there when nothing cooks', () => {
    expect(countdown(loadProgress(log(poured)), time, 20, T0)).toBeNull();
    expect(countdown(loadProgress(log(poured, closed, opened)), time, 20, T0)).toBeNull();
  });

  test('a clock that is set during the load changes nothing: earlier instants move with it', () => {
    const jump = 3_600_000;
    const after = loadProgress(
      log({ ...poured, at: T0 }, { ...closed, at: T0 + 5000 }, { kind: 'corrected', data: { jump_ms: jump }, at: T0 + 100_000 + jump }),
    );
    // 100 s after the lid closed, on a clock an hour later.
    expect(countdown(after, time, 20, T0 + 105_000 + jump)?.elapsed_s).toBeCloseTo(100, 6);
  });

  test('two jumps add up', () => {
    const after = loadProgress(
      log(
        { ...closed, at: T0 },
        { kind: 'corrected', data: { jump_ms: 7000 }, at: T0 + 20_000 },
        { kind: 'corrected', data: { jump_ms: -4000 }, at: T0 + 30_000 },
      ),
    );
    expect(after.closedAt).toBe(T0 + 3000);
  });
});
