/** The place of a field among those that a check waits for: a number before its label. */
export const Turn = ({ turn }: { turn: number | undefined }) =>
  turn === undefined ? null : (
    <span
      aria-hidden="true"
      className="mr-1 inline-block min-w-5 rounded-full border border-brass px-1 text-center text-xs leading-4 font-semibold text-ink"
    >
      {turn}
    </span>
  );
