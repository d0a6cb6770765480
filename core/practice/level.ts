/** What may be wrong with a hidden iron. */
export const FAULTS = ['heat', 'room', 'contact', 'browning', 'sides', 'lean', 'scatter'] as const;
export type Fault = (typeof FAULTS)[number];

/** One exercise: an iron of some kind, and what is hidden about it. */
export type Level = {
  readonly id: string;
  readonly name: string;
  /** A preset to start from; the learner sees its measures, not its faults. */
  readonly presetId: string;
  readonly faults: readonly Fault[];
  /** Whole loads in which it can be landed by a practised hand. */
  readonly goodLoads: number;
};

/** From one fault to all of them; a level for each kind of iron. */
export const LEVELS: readonly Level[] = [
  { id: 'hot-or-cool', name: 'Hot or cool?', presetId: 'thin-round', faults: ['heat'], goodLoads: 2 },
  { id: 'how-much', name: 'How much goes in?', presetId: 'deep-round', faults: ['room'], goodLoads: 2 },
  { id: 'nothing-to-set', name: 'Nothing to set', presetId: 'mini', faults: ['heat', 'browning'], goodLoads: 2 },
  { id: 'twenty-seconds', name: 'Twenty seconds', presetId: 'wafer', faults: ['heat', 'browning'], goodLoads: 3 },
  { id: 'two-faces', name: 'Two faces', presetId: 'thin-square-4', faults: ['heat', 'sides'], goodLoads: 3 },
  { id: 'hollow', name: 'The hollow side', presetId: 'ball-pan', faults: ['heat', 'room'], goodLoads: 3 },
  { id: 'a-stranger', name: 'A stranger', presetId: 'deep-round', faults: ['heat', 'room', 'contact', 'browning'], goodLoads: 3 },
  {
    id: 'everything',
    name: 'Everything at once',
    presetId: 'thin-round',
    faults: ['heat', 'room', 'contact', 'browning', 'sides', 'lean', 'scatter'],
    goodLoads: 4,
  },
];
