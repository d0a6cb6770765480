import { PUBLISHED } from './published.ts';

/** Published codes whose limits a kitchen can work to. */
export const CODE_IDS = ['us-food-code-2022', 'us-home', 'england-2013'] as const;
export type CodeId = (typeof CODE_IDS)[number];

/** A spell out of the cold, and who allows it. */
export type OutOfCold = { readonly most_h: number; readonly source: string };

export type CodeOfPractice = {
  readonly id: CodeId;
  /** Cold holding at or below, °C. */
  readonly cold_C: number;
  readonly coldSource: string;
  /** Longest time out of cold holding before it must be used or thrown away. */
  readonly outOfCold: OutOfCold;
  /** The same in a room that is hotter than `above_C`; null: the code makes no difference. */
  readonly outOfColdHot: (OutOfCold & { readonly above_C: number }) | null;
  /** Longest cold storage of what is ready to eat, days; null where the code names none. */
  readonly storage: { readonly most_days: number; readonly source: string } | null;
  /** From ambient temperature to cold within; null where the code names none. */
  readonly cooling: { readonly to_C: number; readonly most_h: number; readonly source: string } | null;
};

export const CODES: Readonly<Record<CodeId, CodeOfPractice>> = {
  'us-food-code-2022': {
    id: 'us-food-code-2022',
    cold_C: PUBLISHED.coldUs.most_C,
    coldSource: PUBLISHED.coldUs.source,
    outOfCold: PUBLISHED.outOfColdUs,
    outOfColdHot: null,
    storage: PUBLISHED.storageUs,
    cooling: PUBLISHED.coolingFromRoom,
  },
  'us-home': {
    id: 'us-home',
    cold_C: PUBLISHED.coldHome.most_C,
    coldSource: PUBLISHED.coldHome.source,
    outOfCold: PUBLISHED.outOfColdHome,
    outOfColdHot: PUBLISHED.outOfColdHomeHot,
    storage: PUBLISHED.storageHome,
    cooling: null,
  },
  'england-2013': {
    id: 'england-2013',
    cold_C: PUBLISHED.coldEngland.most_C,
    coldSource: PUBLISHED.coldEngland.source,
    outOfCold: PUBLISHED.outOfColdEngland,
    outOfColdHot: null,
    storage: null,
    cooling: null,
  },
};

/**
 * How long something may be out of the cold by a code.
 * @param room_C Where it stands, °C: in a hot room one code allows less.
 */
export const outOfCold = ({ outOfCold: usual, outOfColdHot: hot }: CodeOfPractice, room_C: number): OutOfCold =>
  hot !== null && room_C > hot.above_C ? hot : usual;
