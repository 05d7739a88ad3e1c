import { asWords, type SetLine as Line } from '@hobrek/core';

/** A relation or a sum as core has set it: raised and lowered for the eye, in words for the ear. */
export function SetLine({ line }: { line: Line }) {
  return (
    <>
      <span aria-hidden="true">
        {line.map(({ text, at }, k) => {
          const key = `${k} ${text}`;
          if (at === 'sub') return <sub key={key}>{text}</sub>;
          return at === 'sup' ? <sup key={key}>{text}</sup> : text;
        })}
      </span>
      <span className="sr-only">{asWords(line)}</span>
    </>
  );
}
