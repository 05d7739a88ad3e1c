import { holdersOf } from '@hobrek/core';
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
          <div className="grid grid-cols-4 gap-x-6 gap-y-1 max-lg:grid-cols-2 max-sm:grid-cols-1">
            {Object.entries(fields).map(([name, field]) =>
              isWhole || inputs[name] ? <Entry key={name} path={`${path}/${name}`} field={field} input={inputs[name]} /> : null,
            )}
          </div>
        </section>
      ))}
    </section>
  );
}
