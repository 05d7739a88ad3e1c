import { type SizingPlace, sizingPlaces } from '@hobrek/core';
import { memo } from 'react';
import { Entry } from '../../open-build/entry.js';
import { useDocument } from '../../open-build/here.js';
import { UsualRule } from './usual-rule.js';

/** The few figures that size the machine, each with the letter that it has on the drawing. */
export function FewFields() {
  const build = useDocument((document) => document.build);
  return (
    <div className="grid gap-y-1.5 pointer-coarse:gap-y-2">
      {sizingPlaces(build).map((place) => (
        <Few key={place.path} place={place} />
      ))}
    </div>
  );
}

const Few = memo(
  function Few({ place }: { place: SizingPlace }) {
    const { letter, path, field, input, taken, where, range, from, to } = place;
    return (
      <div className="grid grid-cols-[1.5rem_minmax(0,1fr)_100px] items-start gap-x-2.5 max-sm:grid-cols-[1.5rem_minmax(0,1fr)]">
        <span
          aria-hidden="true"
          className="mt-4 flex size-5 items-center justify-center rounded-full border-[1.5px] border-brass bg-sheet text-sm leading-none font-semibold"
        >
          {letter}
        </span>
        <Entry
          path={path}
          field={field}
          input={input}
          taken={taken?.text}
          where={where}
          empty={path.startsWith('wishes/') ? 'follows from the others' : 'if you know it'}
        />
        {range && field.is === 'quantity' && (
          <span className="mt-3 max-sm:hidden">
            <UsualRule range={range} value={input?.value ?? taken?.value} quantity={field.quantity} texts={[from ?? '', to ?? '']} />
          </span>
        )}
      </div>
    );
  },
  (one, other) => one.place.path === other.place.path && one.place.input === other.place.input,
);
