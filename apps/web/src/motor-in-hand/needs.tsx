import { lineOf, type NeedPart, needsSource, whatItNeeds } from '@hobrek/core';
import { useMemo } from 'react';
import { useDerived } from '../open-build/in-sight.js';
import { unbroken } from '../shared/unbroken.js';

/** What hurts or burns stands out; what is only not known stays back. */
const tones: Readonly<Partial<Record<NeedPart['section'], string>>> = {
  never: 'text-fails-word',
  beware: 'text-fails-word',
  first: 'text-close-word',
};

/** What the motor of a line needs, under headings: on one page of paper, too. */
export function Needs({ line }: { line: string }) {
  const build = useDerived((derived) => derived.build);
  const evaluation = useDerived((derived) => derived.evaluation);
  const needs = useMemo(() => whatItNeeds(build, lineOf(build, line), evaluation), [build, line, evaluation]);
  if (!needs)
    return <p className="text-soft">What it needs follows from what it is: choose the kind of motor, and of one on a single phase how it starts.</p>;
  const { label, isLikely, parts } = needs;
  return (
    <div>
      <p className="hidden font-semibold print:block">{build.name}</p>
      <h2 className="font-head text-2xl tracking-wide text-blue uppercase">
        {label}
        {isLikely && <span className="font-text text-base tracking-normal text-soft normal-case"> as far as it was looked at</span>}
      </h2>
      <p className="border-l-4 border-brass pl-3">
        Everything on the mains side follows your local code and belongs to a licensed electrician. Looking, measuring and wiring are done with the
        plug out.
      </p>
      <div className="mt-3 columns-2 gap-x-10 max-lg:columns-1 print:columns-2 print:text-[8.5pt] print:leading-tight">
        {parts.map(({ section, title, needs: each }) => (
          <section key={section} aria-label={title} className="mb-4 print:mb-2">
            <h3 className={`break-after-avoid font-head text-lg tracking-wide uppercase print:text-[10pt] ${tones[section] ?? 'text-blue'}`}>
              {title}
            </h3>
            {section === 'steps' ? (
              <ol className="list-decimal pl-5">{each.map(says)}</ol>
            ) : (
              <ul className={`print:list-disc print:pl-4 ${section === 'untold' ? 'text-sm text-soft print:text-[7.5pt]' : ''}`}>{each.map(says)}</ul>
            )}
          </section>
        ))}
      </div>
      <p className="text-sm text-soft print:text-[7pt]">{needsSource}.</p>
    </div>
  );
}

const says = ({ id, says: words }: NeedPart['needs'][number]) => (
  <li key={id} data-need={id} className="border-b border-hair py-1 print:border-0 print:py-0">
    {unbroken(words)}
  </li>
);
