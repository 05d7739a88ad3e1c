import { type Verdict, verdictWords } from '@hobrek/core';

/** A bar, whole, notched, snapped or dotted: the verdict without its colour. */
const bars: Record<Verdict, string> = {
  holds: 'M0 0h20v8H0z',
  close: 'M0 0h20v8h-6l-4-5-4 5H0z',
  fails: 'M0 0h9L6.5 4 9 8H0zM13.5 0H20v8h-8.5L9 4z',
  unknown: 'M0 0h3.5v8H0zM5.5 0H9v8H5.5zM11 0h3.5v8H11zM16.5 0H20v8h-3.5z',
};

const colours: Record<Verdict, string> = { holds: 'text-holds', close: 'text-close', fails: 'text-fails', unknown: 'text-unknown' };

export function VerdictMark({ verdict }: { verdict: Verdict }) {
  return (
    <svg role="img" aria-label={verdictWords[verdict]} viewBox="-1 -1 22 10" className={`inline-block h-2.5 w-5.5 shrink-0 ${colours[verdict]}`}>
      <path d={bars[verdict]} fill={verdict === 'unknown' ? 'none' : 'currentColor'} stroke={verdict === 'unknown' ? 'currentColor' : 'none'} />
    </svg>
  );
}
