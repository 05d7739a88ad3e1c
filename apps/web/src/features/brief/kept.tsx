import { type Holder, holdersOf } from '@hobrek/core';
import { useRef } from 'react';
import { Entry } from '../../open-build/entry.js';
import { useDocument } from '../../open-build/here.js';

/** Settings, parts of the duty, what is on shafts and stored forces: a build holds them, they can be changed here, and nothing is worked out of them yet. */
export function Kept() {
  const holders = useDocument(({ build }) => holdersOf(build));
  if (holders.length === 0) return null;
  return (
    <section className="col-span-full">
      <h2 className="font-head mt-4 text-lg tracking-wide uppercase">
        Kept{' '}
        <span className="font-text text-sm tracking-normal text-soft normal-case">
          settings, parts of the duty, what is on the shafts, stored forces: in the file, and not worked out yet
        </span>
      </h2>
      {holders.map(({ path, called, where, fields, isWhole, inputs }) => (
        <section key={path} aria-label={called}>
          <h3 className="mt-2 first-letter:uppercase">
            <span className="font-semibold">{called}</span> <span className="text-sm text-soft">{where}</span>
          </h3>
          <Entries path={path} fields={fields} isWhole={isWhole} inputs={inputs} />
        </section>
      ))}
    </section>
  );
}

/** Of a setting what it changes; a field that was emptied here stays, so that something else can be typed into it. */
function Entries({ path, fields, isWhole, inputs }: Pick<Holder, 'path' | 'fields' | 'isWhole' | 'inputs'>) {
  const seen = useRef(new Set<string>());
  for (const name of Object.keys(inputs)) seen.current.add(name);
  return (
    <div className="grid grid-cols-4 gap-x-6 gap-y-1 pointer-coarse:gap-y-2 max-lg:grid-cols-2 max-sm:grid-cols-1">
      {Object.entries(fields).map(([name, field]) =>
        isWhole || seen.current.has(name) ? <Entry key={name} path={`${path}/${name}`} field={field} input={inputs[name]} /> : null,
      )}
    </div>
  );
}
