export { fromShown, lengthUnitOf, measured, shownIn } from './measure.ts';
export { MeasureEntry } from './MeasureEntry.tsx';
export { calendarOf } from './calendar.ts';
export type { ChartKey, ChartTable } from './chartKey.ts';
export { basisInShort, basisInWords } from './basis.ts';
export { AddEntry } from './AddEntry.tsx';
export { Metric } from './Metric.tsx';
export { download, downloadBlob, fileName } from './download.ts';
export { Findings } from './Findings.tsx';
export {
  clock,
  day,
  calendarDay,
  dayAndTime,
  dialMarkText,
  duration,
  grams,
  gramsFine,
  money,
  nearestWord,
  percent,
  fromUnit,
  inUnit,
  temperature,
  temperatureApart,
  temperatureOver,
  timeOfDay,
  timeWithSeconds,
} from './format.ts';
export type { Choice } from './InlineSelect.tsx';
export { InlineSelect } from './InlineSelect.tsx';
export { NumberEntry } from './NumberEntry.tsx';
export { PlateFace } from './PlateFace.tsx';
export type { ChosenSetting } from './SettingEntry.tsx';
export { SettingEntry } from './SettingEntry.tsx';
export { Removed } from './Removed.tsx';
export { TemperatureEntry } from './TemperatureEntry.tsx';
export { Sheet } from './Sheet.tsx';
export type { Rgb } from './tawnyColour.ts';
export { css, inkOn, labToRgb, tawnyCss, tawnyRgb } from './tawnyColour.ts';
export { maybeNumberField, numberField } from './numberField.ts';
export { typedNumber } from './typed.ts';
export { BESIDE_WORDS } from './besides.ts';
export { REHEATER_WORDS, reheatClock } from './reheaters.ts';
export { TOPPING_WORDS, TOWARDS } from './toppings.ts';
export { useDrag } from './useDrag.ts';
export { WhenEntry } from './When.tsx';
export { useDraft } from './useDraft.ts';
export { useGuard, useSettling } from './useGuard.ts';
export { forgetDraft, useFormDraft } from './useFormDraft.ts';
export { DayEntry } from './DayEntry.tsx';
export { PictureButton } from './PictureButton.tsx';
