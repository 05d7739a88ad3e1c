import type { ReactNode } from 'react';

/** How something is measured, drawn: a word in where to measure, and its sketch. The first that fits is shown. */
const sketches: readonly (readonly [says: RegExp, sketch: ReactNode])[] = [
  [
    /over both shafts|centre to centre/i,
    <>
      <circle cx="45" cy="48" r="9" />
      <circle cx="125" cy="48" r="9" />
      <path d="M36 48V18M134 48V18" className="stroke-brass" strokeWidth="3" />
      <path d="M28 18H142M28 12h8v12h-8z" className="stroke-brass" />
      <path d="M38 68H123M38 64v8M123 64v8" strokeDasharray="3 3" />
    </>,
  ],
  [
    /calliper/i,
    <>
      <circle cx="85" cy="52" r="22" />
      <path d="M85 46v12M79 52h12" />
      <path d="M63 62V14M107 62V14" className="stroke-brass" strokeWidth="4" />
      <path d="M50 14H150M107 14v-8h16v16h-16" className="stroke-brass" />
      {[112, 117, 122, 127, 132, 137, 142].map((x) => (
        <path key={x} d={`M${x} 14v3`} />
      ))}
    </>,
  ],
  [
    /round the belt|middle of the span/i,
    <>
      <circle cx="30" cy="52" r="20" />
      <circle cx="135" cy="52" r="26" />
      <path d="M28 32L82 40L132 26M31 72L136 78" strokeWidth="2.5" />
      <path d="M82 40V18" className="stroke-brass" strokeWidth="2" />
      <path d="M76 4h12v14H76zM82 4V0" className="stroke-brass" />
      <path d="M28 32L132 26" strokeDasharray="3 3" />
    </>,
  ],
  [
    /lever|string round/i,
    <>
      <circle cx="40" cy="56" r="14" />
      <path d="M40 50v12M34 56h12" />
      <path d="M34 50L140 38L140 44L46 62" strokeWidth="1.5" />
      <path d="M136 38V22" className="stroke-brass" strokeWidth="2" />
      <path d="M130 4h12v18h-12zM136 4V0M130 11h5M130 15h5" className="stroke-brass" />
      <path d="M40 74H136M40 70v8M136 70v8" strokeDasharray="3 3" />
    </>,
  ],
  [
    /tape|rule\b/i,
    <>
      <path d="M35 22h90v32H35z" />
      <path d="M30 64H136v10H30z" className="stroke-brass" />
      {[35, 45, 55, 65, 75, 85, 95, 105, 115, 125].map((x, k) => (
        <path key={x} d={`M${x} 64v${k % 5 === 0 ? 7 : 4}`} className="stroke-brass" />
      ))}
      <path d="M35 56v6M125 56v6" strokeDasharray="2 2" />
    </>,
  ],
  [
    /count/i,
    <>
      <circle cx="85" cy="42" r="24" strokeDasharray="5 4" strokeWidth="5" />
      <circle cx="85" cy="42" r="5" />
      <path d="M85 10v8" className="stroke-brass" strokeWidth="3" />
      <path d="M100 12a34 34 0 0 1 19 26m-4-5 4 5 4-6" className="stroke-brass" />
    </>,
  ],
];

/** A small drawing of how it is measured, where one helps; nothing otherwise. */
export function HowDrawn({ measure }: { measure: string }) {
  const [, sketch] = sketches.find(([says]) => says.test(measure)) ?? [];
  if (!sketch) return null;
  return (
    <svg viewBox="0 0 170 84" width="170" height="84" aria-hidden="true" fill="none" stroke="var(--blue)" className="mt-2">
      {sketch}
    </svg>
  );
}
