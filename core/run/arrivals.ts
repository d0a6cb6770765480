/** From an open lid to the table, s (*common practice*). */
export const PLATING_S = 60;

/** How many pieces a morning wants: half a piece is baked whole. */
export const piecesWanted = ({ people, piecesPerPerson }: { readonly people: number; readonly piecesPerPerson: number }): number =>
  Math.ceil(people * piecesPerPerson);

/** For how long guests come, s: together they are all there at once. */
export const doorOf_s = ({ mode, door_s }: { readonly mode: 'together' | 'as-they-come'; readonly door_s?: number | undefined }): number =>
  mode === 'together' ? 0 : (door_s ?? 0);

/** When the guest of this number (from 0) is at the table, s after the first: evenly, while the door is open. */
export const arrivalOf_s = (guest: number, people: number, door_s: number): number => (people <= 1 ? 0 : (door_s * guest) / (people - 1));
