const corners = ['left-2 top-2', 'right-2 top-2', 'left-2 bottom-2', 'right-2 bottom-2'];

/** The four rivets that hold a plate. */
export const Rivets = () =>
  corners.map((corner) => <span key={corner} className={`absolute ${corner} size-2.5 rounded-full border border-ink bg-sheet`} aria-hidden="true" />);
