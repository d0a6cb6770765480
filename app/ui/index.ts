export { fromShown, lengthUnitOf, measured, shownIn } from './entry/measure.ts';
export { MeasureEntry } from './entry/MeasureEntry.tsx';
export { calendarOf } from './page/calendar.ts';
export type { ChartKey, ChartTable } from './picture/chartKey.ts';
export { basisInShort, basisInWords } from './words/basis.ts';
export { AddEntry } from './entry/AddEntry.tsx';
export { Metric } from './page/Metric.tsx';
export { download, downloadBlob, fileName } from './page/download.ts';
export { Findings } from './page/Findings.tsx';
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
  weekday,
} from './words/format.ts';
export type { Choice } from './entry/InlineSelect.tsx';
export { InlineSelect } from './entry/InlineSelect.tsx';
export { NumberEntry } from './entry/NumberEntry.tsx';
export { PlateFace } from './picture/PlateFace.tsx';
export type { ChosenSetting } from './entry/SettingEntry.tsx';
export { SettingEntry } from './entry/SettingEntry.tsx';
export { Removed } from './page/Removed.tsx';
export { TemperatureEntry } from './entry/TemperatureEntry.tsx';
export { Sheet } from './page/Sheet.tsx';
export type { Rgb } from './picture/tawnyColour.ts';
export { css, inkOn, labToRgb, tawnyCss, tawnyRgb } from './picture/tawnyColour.ts';
export { maybeNumberField, numberField } from './entry/numberField.ts';
export { typedNumber } from './entry/typed.ts';
export { BESIDE_WORDS } from './words/besides.ts';
export type { ScoopsText } from './words/scoops.ts';
export { scoopsFor } from './words/scoops.ts';
export { REHEATER_WORDS, reheatClock } from './words/reheaters.ts';
export { TOPPING_WORDS, TOWARDS } from './words/toppings.ts';
export { useDrag } from './picture/useDrag.ts';
export { WhenEntry } from './entry/When.tsx';
export { draftText, useDraft } from './entry/useDraft.ts';
export { useGuard, useSettling } from './page/useGuard.ts';
export { forgetDraft, useFormDraft } from './entry/useFormDraft.ts';
export { DayEntry } from './entry/DayEntry.tsx';
export type { Photo } from './picture/openPhoto.ts';
export { keptJpeg, openPhoto } from './picture/openPhoto.ts';
export { ExpectedBeside } from './parts/ExpectedBeside.tsx';
export { PictureButton } from './picture/PictureButton.tsx';
export { COLOURS } from './tokens.ts';
export { ActButton, LINK_LOOK, LinkButton } from './parts/Act.tsx';
export { Disclosure } from './parts/Disclosure.tsx';
export type { PieceLook } from './parts/Piece.tsx';
export { Piece, pieceOf, USUAL_STEP } from './parts/Piece.tsx';
export { LidRing } from './parts/LidRing.tsx';
export { ColourScale } from './parts/ColourScale.tsx';
export { DialOf, IronSettings } from './parts/IronSettings.tsx';
export { Basis } from './parts/Figure.tsx';
export { Bowl, LidClock, Scoops } from './parts/Instruments.tsx';
export { useFolded } from './page/useFolded.ts';
export type { RingArc } from './parts/ClockRing.tsx';
export { ClockRing, ringPlace, ringSlots } from './parts/ClockRing.tsx';
export { APPEARANCES, useAppearance } from './appearance.ts';
