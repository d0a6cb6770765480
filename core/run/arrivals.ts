/** From an open lid to the table, s (*common practice*). */
export const PLATING_S = 60;

/** When the guest of this number (from 0) is at the table, s after the first: evenly, while the door is open. */
export const arrivalOf_s = (guest: number, people: number, door_s: number): number => (people <= 1 ? 0 : (door_s * guest) / (people - 1));
