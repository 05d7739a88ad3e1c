import { applies, type Holder } from '@hobrek/core';
import { useRef } from 'react';
import { Entry } from '../open-build/entry.js';

/** Of a setting what it changes; a field that was emptied here stays, so that something else can be typed into it. */
export function HeldEntries({ path, fields, isWhole, inputs }: Pick<Holder, 'path' | 'fields' | 'isWhole' | 'inputs'>) {
  const seen = useRef(new Set<string>());
  for (const name of Object.keys(inputs)) seen.current.add(name);
  return (
    <div className="grid grid-cols-4 gap-x-6 gap-y-1 pointer-coarse:gap-y-2 max-lg:grid-cols-2 max-sm:grid-cols-1">
      {Object.entries(fields).map(([name, field]) =>
        (isWhole && applies(field, inputs)) || seen.current.has(name) ? (
          <Entry key={name} path={`${path}/${name}`} field={field} input={inputs[name]} />
        ) : null,
      )}
    </div>
  );
}
