/** What there is to say where the rating of a belt, by either standard, has fallen to nought. */
export const ratedForNothing =
  'On so small a pulley, or so fast, bending and centrifugal force take all that this belt could pull: it is rated for nothing.';
