import { finderFields, partsCounted } from '@hobrek/core';
import { memo, useState } from 'react';
import { Entry } from '../../open-build/entry.js';
import { useDocument } from '../../open-build/here.js';

const words = { reserved: 'reserved', buy: 'to buy', make: 'to make', there: 'there' } as const;

/** What the build takes: reserved of the drawer, to buy, to make, there. A drive that is taken enters its parts; anything else is added by hand. */
export const PartsList = memo(function PartsList() {
  const finder = useDocument(({ build }) => build.finder);
  const [isOpen, open] = useState(false);
  const counted = partsCounted(finder);
  const said = (Object.keys(words) as (keyof typeof words)[])
    .filter((state) => counted[state] > 0)
    .map((state) => `${counted[state]} ${words[state]}`);
  return (
    <details className="border-b border-hair" open={isOpen} onToggle={(event) => open(event.currentTarget.open)}>
      <summary className="cursor-pointer py-1 pointer-coarse:min-h-11 pointer-coarse:py-2.5">
        <span className="font-head text-lg tracking-wide uppercase">Parts of this build</span>{' '}
        <span className="text-sm text-soft">{said.length > 0 ? said.join(' · ') : 'none yet: a drive that is used adds its parts'}</span>
      </summary>
      {isOpen && (
        <div className="min-w-0 overflow-x-auto pb-3 [&_table]:min-w-[46rem]">
          <Entry path="finder/parts" field={finderFields.parts} input={finder?.parts} />
        </div>
      )}
    </details>
  );
});
