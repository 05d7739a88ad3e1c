/** Written to say that a field is not known, as an empty one does. */
export const notKnown = '?';
