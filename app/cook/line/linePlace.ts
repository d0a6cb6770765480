import type { Conducting, PlaceAtLine } from '../../../core/line/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import type { AdviceReply } from '../../workers/index.ts';

/** One iron at the line, with the advice as it is drawn. */
export type LinePlace = PlaceAtLine<AdviceReply>;

/** What the panel, every iron and simulated hands go by. */
export type LineConducting = Conducting<LinePlace, PlannedRun>;
