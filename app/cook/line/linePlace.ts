import type { PlaceAtLine } from '../../../core/line/index.ts';
import type { AdviceReply } from '../../workers/index.ts';

/** One iron at the line, with the advice as it is drawn. */
export type LinePlace = PlaceAtLine<AdviceReply>;
