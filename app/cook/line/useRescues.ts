import { useEffect } from 'react';
import type { Cue, RevisedOpenTime } from '../../../core/line/index.ts';
import { pouredAsWhole_g, settingOf } from '../../../core/log/index.ts';
import { settingNow_C } from '../../../core/plate/index.ts';
import type { Session } from '../../session/index.ts';
import { bowlTemperature, keepRescued, useIronLoads } from '../../session/index.ts';
import { useSettled } from '../../store/index.ts';
import { batterKey, historyQuestion } from '../../../core/lot/index.ts';
import type { RescueJob } from '../../workers/index.ts';
import { useOpenTimes } from '../../workers/index.ts';
import type { LinePlace } from './linePlace.ts';

/** What was noticed of a load that cooks, by its own clock. */
const cuesOf = ({ progress }: LinePlace): Cue[] => {
  if (progress?.phase !== 'cooking' || progress.closedAt === null) return [];
  const { closedAt } = progress;
  const at_s = (at: number): number => Math.round((at - closedAt) / 1000);
  return [
    ...progress.peeks.flatMap(({ at, seen }): Cue[] => (seen === null ? [] : [{ seen, at_s: at_s(at) }])),
    ...progress.signals.map(({ signal, at }): Cue => ({ signal, at_s: at_s(at) })),
  ];
};

/** So far from the promise another time is asked for: less than a scale or a dial can be read. */
const SAME_SHARE = 0.01;
const SAME_K = 1;

/** What is in the iron, as it was really poured and set; `differs`: not as it was promised. */
const inIronOf = ({ iron, prediction, progress }: LinePlace) => {
  if (prediction === null || progress === null) return null;
  const pour = {
    portion_g: pouredAsWhole_g(prediction, progress, iron.geometry.moulds),
    setting_C: settingNow_C(iron, settingOf(prediction, progress)),
  };
  const differs =
    Math.abs(pour.portion_g / prediction.portion_g - 1) > SAME_SHARE ||
    Math.abs(pour.setting_C - settingNow_C(iron, prediction.setting)) > SAME_K;
  return { pour, differs };
};

/** Places whose load was noticed something of, or was poured or set otherwise than promised, with their time set anew; the others as they were. */
export const useRescues = (session: Session, places: readonly LinePlace[]): readonly LinePlace[] => {
  const cues = places.map(cuesOf);
  const done = places.map(inIronOf);
  const isAsked = places.map(
    ({ progress }, i) => progress?.phase === 'cooking' && ((cues[i]?.length ?? 0) > 0 || done[i]?.differs === true),
  );
  const asked = useIronLoads(places.flatMap(({ iron }, i) => (isAsked[i] === true ? [iron.id] : [])));
  const jobs = places.map(({ iron, formula, prediction, load }, i): RescueJob | null => {
    const pour = done[i]?.pour;
    if (isAsked[i] !== true || prediction === null || pour === undefined || asked?.loads.has(iron.id) !== true) return null;
    // What is in the iron, not what is being worked on by now.
    const inIron = asked.formulas.find((f) => f.id === prediction.formulaId && f.rev === prediction.formulaRev) ?? formula;
    const { tawny } = prediction.target;
    const { crisp } = session.workspace.target;
    const { past, ...job } = historyQuestion(
      session,
      {
        formula: inIron,
        iron,
        tawny,
        conditions: { target: { tawny, crisp }, batter_C: bowlTemperature(session, inIron) ?? session.workspace.batter_C },
      },
      (asked.loads.get(iron.id) ?? []).filter((other) => other.load.id !== load?.id),
      asked.formulas,
    );
    return {
      ...job,
      load: {
        batterKey: batterKey(inIron),
        pour,
        tawny: prediction.target.tawny,
        promised: {
          portion_g: prediction.portion_g,
          setting_C: settingNow_C(iron, prediction.setting),
          open_s: prediction.cookTime_s.best,
        },
        cues: cues[i] ?? [],
        past,
      },
    };
  });
  const answers = useOpenTimes(jobs);
  const shown = useSettled(
    places.map((place, i) => {
      const answer = answers[i]?.data;
      return jobs[i] != null && answer?.ok === true ? rescued(place, answer.value) : place;
    }),
  );
  useEffect(() => {
    keepRescued(
      new Map(shown.flatMap(({ load, rescue }) => (load === null || rescue === null ? [] : [[load.id, rescue.open_s] as const]))),
    );
  });
  return shown;
};

/** Places as they were moved: the same answer for the same place is the same thing. */
const moved = new WeakMap<RevisedOpenTime, { readonly place: LinePlace; readonly made: LinePlace }>();

/** The promise with its times moved; what was promised at the pour stays in the book. */
const rescued = (place: LinePlace, rescue: RevisedOpenTime): LinePlace => {
  const known = moved.get(rescue);
  if (known?.place === place) return known.made;
  const made = withTime(place, rescue);
  moved.set(rescue, { place, made });
  return made;
};

const withTime = (place: LinePlace, rescue: RevisedOpenTime): LinePlace => {
  const { prediction } = place;
  if (prediction === null) return place;
  const { from, best, to } = prediction.cookTime_s;
  const factor = rescue.open_s / best;
  return {
    ...place,
    rescue,
    prediction: {
      ...prediction,
      ...(prediction.browning === undefined ? {} : { browning: { ...prediction.browning, every_s: prediction.browning.every_s * factor } }),
      cookTime_s: { from: Math.min(rescue.open_s, from * factor), best: rescue.open_s, to: Math.max(rescue.open_s + 5, to * factor) },
    },
    promised_s: best,
  };
};
