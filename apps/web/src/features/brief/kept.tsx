import { holdersOf, isOnShaft, isSetting, toolForcesOn } from '@hobrek/core';
import { HeldEntries } from '../../element/held-entries.js';
import { useDocument } from '../../open-build/here.js';

/** Parts of the duty and stored forces: a build holds them, they can be changed here, and nothing is worked out of them yet. */
export function Kept() {
  const all = useDocument(({ build }) => holdersOf(build));
  // Settings and shafts are worked out, and stand beside the drive.
  const tools = useDocument(({ build }) => build.shafts.flatMap(({ id }) => toolForcesOn(build, id).map((force) => `@forces/${force.id}`)).join());
  const holders = all.filter(({ path }) => !isSetting(path) && !isOnShaft(path) && !tools.split(',').includes(path));
  if (holders.length === 0) return null;
  return (
    <section className="col-span-full">
      <h2 className="font-head mt-4 text-lg tracking-wide uppercase">
        Kept{' '}
        <span className="font-text text-sm tracking-normal text-soft normal-case">
          parts of the duty, stored forces: in the file, and not worked out yet
        </span>
      </h2>
      {holders.map(({ path, called, where, fields, isWhole, inputs }) => (
        <section key={path} aria-label={called}>
          <h3 className="mt-2 first-letter:uppercase">
            <span className="font-semibold">{called}</span> <span className="text-sm text-soft">{where}</span>
          </h3>
          <HeldEntries path={path} fields={fields} isWhole={isWhole} inputs={inputs} />
        </section>
      ))}
    </section>
  );
}
