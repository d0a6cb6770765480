import type { Lift } from '../../../core/formula/index.ts';
import type { MixStop, MixTool, PowderKind, Stage, SugarTime, WhipTool } from '../../../core/lift/index.ts';

export const LIFT_WORDS: Readonly<Record<Lift, string>> = {
  quick: 'quick',
  folded: 'folded whites',
  'whole-egg': 'whipped whole egg',
  ribbon: 'warm ribbon',
  frothed: 'frothed',
  rested: 'unwhipped and rested',
  yeasted: 'yeasted',
};
export const STOP_WORDS: Readonly<Record<MixStop['code'], string>> = {
  handful: 'a handful of strokes',
  'half-minute': 'half a minute',
  'no-dry-flour': 'no dry flour shows',
  smooth: 'smooth',
  machine: '2½ min by machine',
};
export const MIX_TOOL_WORDS: Readonly<Record<MixTool, string>> = {
  spoon: 'a spoon',
  whisk: 'a whisk',
  'hand-mixer': 'a hand mixer, low',
  'stand-mixer': 'a stand mixer, low',
};
export const WHIP_TOOL_WORDS: Readonly<Record<WhipTool, string>> = {
  'balloon-whisk': 'balloon whisk',
  'hand-mixer': 'hand mixer',
  'stand-mixer': 'stand mixer',
};
export const SUGAR_WORDS: Readonly<Record<SugarTime, string>> = {
  never: 'no sugar',
  start: 'sugar at the start',
  foam: 'sugar at foam',
  soft: 'sugar at soft peaks',
};
export const STAGE_WORDS: Readonly<Record<Stage, readonly [name: string, shape: string]>> = {
  froth: ['froth', 'large bubbles, runs'],
  soft: ['soft', 'the peak slumps'],
  firm: ['firm', 'the peak bends over'],
  stiff: ['stiff', 'the peak stands'],
  broken: ['broken', 'dry, grainy, weeping'],
};
export const POWDER_WORDS: Readonly<Record<PowderKind, string>> = {
  double: 'double-acting powder',
  single: 'single-acting powder',
  soda: 'soda and acid',
};
export const hours = (h: number): string => {
  const minutes = Math.round(h * 60);
  return minutes < 90 ? `${minutes} min` : `${Math.floor(minutes / 60)} h${minutes % 60 === 0 ? '' : ` ${minutes % 60} min`}`;
};
