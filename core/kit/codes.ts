import { fahrenheitToCelsius } from '../basis/index.ts';

/** Published codes whose limits a kitchen can work to. Numbers from memory of the cited texts. */
export const CODE_IDS = ['us-food-code-2022', 'us-home', 'england-2013'] as const;
export type CodeId = (typeof CODE_IDS)[number];

export type CodeOfPractice = {
  readonly id: CodeId;
  /** Cold holding at or below, °C. */
  readonly cold_C: number;
  readonly coldSource: string;
  /** Longest time out of cold holding before it must be used or thrown away, h. */
  readonly outOfCold_h: number;
  readonly outOfColdSource: string;
  /** Longest cold storage of what is ready to eat, days; null where the code names none. */
  readonly coldStorage_days: number | null;
  readonly coldStorageSource: string | null;
};

export const CODES: Readonly<Record<CodeId, CodeOfPractice>> = {
  'us-food-code-2022': {
    id: 'us-food-code-2022',
    cold_C: 5,
    coldSource: 'FDA Food Code 2022, 3-501.16(A)(2): 41 °F (5 °C) or less',
    outOfCold_h: 4,
    outOfColdSource: 'FDA Food Code 2022, 3-501.19(B): 4 h, then discard (written procedure needed)',
    coldStorage_days: 7,
    coldStorageSource: 'FDA Food Code 2022, 3-501.17: 7 days at 41 °F (5 °C), day of preparation is day 1',
  },
  'us-home': {
    id: 'us-home',
    cold_C: fahrenheitToCelsius(40),
    coldSource: 'USDA FSIS, home rule: refrigerator at 40 °F (4 °C) or below',
    outOfCold_h: 2,
    outOfColdSource: 'USDA FSIS, home rule: discard after 2 h at room temperature (1 h above 90 °F, 32 °C)',
    coldStorage_days: 4,
    coldStorageSource: 'USDA FSIS, leftovers: 3 to 4 days in the refrigerator',
  },
  'england-2013': {
    id: 'england-2013',
    cold_C: 8,
    coldSource: 'Food Safety and Hygiene (England) Regulations 2013, Sched. 4: 8 °C or below',
    outOfCold_h: 4,
    outOfColdSource: 'Food Safety and Hygiene (England) Regulations 2013, Sched. 4: one period of up to 4 h above 8 °C',
    coldStorage_days: null,
    coldStorageSource: null,
  },
};
