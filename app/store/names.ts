/** Names of the two stores: what is done in the demo never touches the cook's own. */
export const DEMO = 'tawny-lattice-demo';
export const OWN = 'tawny-lattice';
/** A copy of one of them, for as long as a rehearsal lasts. */
export const REHEARSAL = 'tawny-lattice-rehearsal';
