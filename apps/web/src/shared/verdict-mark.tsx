import { type Verdict, verdictOf } from '@hobrek/core';

/** A bar, whole, notched, snapped or dotted: the verdict without its colour. */
const bars: Record<Verdict, string> = {
  holds: 'M0 0h20v8H0z',
  close: 'M0 0h20v8h-6l-4-5-4 5H0z',
  fails: 'M0 0h9L6.5 4 9 8H0zM13.5 0H20v8h-8.5L9 4z',
  unknown: 'M0 0h3.5v8H0zM5.5 0H9v8H5.5zM11 0h3.5v8H11zM16.5 0H20v8h-3.5z',
};
/** Whole, and hatched: it holds by an estimate. */
const hatched = 'M0 0h20v8H0zM0 8 8 0M6 8l8-8M12 8l8-8';

const colours: Record<Verdict, string> = { holds: 'text-holds', close: 'text-close', fails: 'text-fails', unknown: 'text-unknown' };

export function VerdictMark({ verdict, byEstimate }: { verdict: Verdict; byEstimate?: boolean }) {
  const called = byEstimate ? verdictOf({ verdict, byEstimate }) : verdictOf({ verdict });
  const outlined = verdict === 'unknown' || byEstimate;
  return (
    <svg role="img" aria-label={called} viewBox="-1 -1 22 10" className={`inline-block h-2.5 w-5.5 shrink-0 ${colours[verdict]}`}>
      <path d={byEstimate ? hatched : bars[verdict]} fill={outlined ? 'none' : 'currentColor'} stroke={outlined ? 'currentColor' : 'none'} />
    </svg>
  );
}
