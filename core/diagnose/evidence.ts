/**
 * What is known of the load, its bowl and its morning beside the words; null: nobody knows. Each says by how much something was otherwise than it was meant.
 */
export type Evidence = {
  /** Lid closed so long, over the best moment that was promised. */
  readonly openedShare: number | null;
  /** Poured, over what fills this iron. */
  readonly pouredShare: number | null;
  /** Set, over what was advised, K. */
  readonly settingOff_K: number | null;
  /** Plates over their setting, as this iron's other loads say, K. */
  readonly platesOff_K: number | null;
  /** Preheated, over what it needs. */
  readonly preheatShare: number | null;
  /** Closed and empty before this load, over the time that the plates need to come back. */
  readonly recoveredShare: number | null;
  /** From the pour to the closed lid, s. */
  readonly closedAfter_s: number | null;
  readonly loadN: number | null;
  /** Since the bowl was mixed, min; and how long such a bowl is good for, min. */
  readonly bowlAge_min: number | null;
  readonly bowlGoodFor_min: number | null;
  /** Colder than was reckoned with, K. */
  readonly batterColder_K: number | null;
  /** How freely it flows, over the least that this iron's plates want. */
  readonly loosenessShare: number | null;
  /** Shares of the flour, %. */
  readonly salt_percent: number | null;
  readonly sugar_percent: number | null;
  readonly fat_percent: number | null;
  /** Base (+) left over, meq per 100 g of flour. */
  readonly sodaLeft_meq: number | null;
  /** Gas, mmol per 100 g of flour. */
  readonly gas_mmol: number | null;
  readonly greased: boolean | null;
  readonly isCoated: boolean | null;
  readonly scattered_g: number | null;
  /** From the open lid to the plate, min; and whether it lay in a pile. */
  readonly waited_min: number | null;
  readonly piled: boolean | null;
  /** Poured on the mean of the morning, over what was planned. */
  readonly morningPouredShare: number | null;
  /** The first pour after its planned moment, s. */
  readonly startedLate_s: number | null;
};

export const NOTHING_KNOWN: Evidence = {
  openedShare: null,
  pouredShare: null,
  settingOff_K: null,
  platesOff_K: null,
  preheatShare: null,
  recoveredShare: null,
  closedAfter_s: null,
  loadN: null,
  bowlAge_min: null,
  bowlGoodFor_min: null,
  batterColder_K: null,
  loosenessShare: null,
  salt_percent: null,
  sugar_percent: null,
  fat_percent: null,
  sodaLeft_meq: null,
  gas_mmol: null,
  greased: null,
  isCoated: null,
  scattered_g: null,
  waited_min: null,
  piled: null,
  morningPouredShare: null,
  startedLate_s: null,
};
