import { type Term, withTerms } from '@hobrek/core';
import { memo } from 'react';
import { AskWhy } from './why-here.js';

/** A text in which each term with a meaning of its own can be pressed for it. No stop of Tab of its own: by keys it is found by name, in the list of commands. */
export const WithTerms = memo(function WithTerms({ text }: { text: string }) {
  let at = 0;
  return withTerms(text).map((part) => {
    const key = at;
    at += typeof part === 'string' ? part.length : part.as.length;
    return typeof part === 'string' ? part : <Marked key={key} term={part.term} as={part.as} />;
  });
});

function Marked({ term, as }: { term: Term; as: string }) {
  return (
    <AskWhy tabIndex={-1} called="term" className="term underline" answer={<TermText term={term} />}>
      {as}
    </AskWhy>
  );
}

function TermText({ term: { names, says, source } }: { term: Term }) {
  return (
    <>
      <h2 className="font-head text-lg tracking-wide text-blue uppercase">{names[0]}</h2>
      <p>{says}</p>
      {source && <p className="mt-1 text-sm text-soft">{source}.</p>}
    </>
  );
}
