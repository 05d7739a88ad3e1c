import { holdersOf, type Verdict } from '@hobrek/core';
import { HeldEntries } from '../../element/held-entries.js';
import { useDocument, useOpen } from '../../open-build/here.js';
import { useEvaluated, useLine } from '../../open-build/in-sight.js';
import { show } from '../../shared/in-my-units.js';
import { useUnits } from '../../shared/preferences.js';
import { unbroken } from '../../shared/unbroken.js';
import { VerdictMark } from '../../shared/verdict-mark.js';

/** The settings of a line, a belt moved to another step: what the tool does in each, and what is entered otherwise. Nothing where it has none. */
export function Settings() {
  const line = useLine(({ id }) => id);
  const holders = useDocument(({ build }) => holdersOf(build));
  const here = holders.filter(({ path }) => path.startsWith(`${line}/@settings/`));
  if (here.length === 0) return null;
  return (
    <section aria-label="settings" className="mt-4 border-t border-ink pt-1">
      <h2 className="font-head text-lg tracking-wide uppercase">
        Settings{' '}
        <span className="font-text text-sm tracking-normal text-soft normal-case">beside what is entered above; each with the plug pulled</span>
      </h2>
      {here.map(({ path, called, fields, isWhole, inputs }) => (
        <section key={path} aria-label={called} className="border-b border-hair py-1">
          <Does line={line} id={path.split('/').at(-1) ?? ''} called={called} />
          <details>
            <summary className="cursor-pointer text-sm text-soft pointer-coarse:min-h-11 pointer-coarse:py-3">what is otherwise in it</summary>
            <HeldEntries path={path} fields={fields} isWhole={isWhole} inputs={inputs} />
          </details>
        </section>
      ))}
    </section>
  );
}

interface DoesShown {
  readonly line: string;
  readonly id: string;
  readonly called: string;
}

/** What the tool does in a setting, and the sentence over it. */
function Does({ line, id, called }: DoesShown) {
  useUnits();
  const { said, settingRemoved } = useOpen();
  const is = useEvaluated(({ settings }) => settings?.find((each) => each.id === id));
  const verdict: Verdict = is?.verdict ?? 'unknown';
  return (
    <div className="flex flex-wrap items-baseline gap-x-3">
      <h3 className="font-semibold first-letter:uppercase">{called}</h3>
      <VerdictMark verdict={verdict} />
      {is?.speed.known && <span>{show(is.speed.value, 'rpm')} at the tool</span>}
      {is?.torque.known && <span>{show(is.torque.value, 'N·m')}</span>}
      <button
        type="button"
        className="ml-auto min-h-7 cursor-pointer text-sm text-blue hover:underline pointer-coarse:min-h-11 pointer-coarse:px-3"
        onClick={() => settingRemoved(line, id)}
      >
        take out<span className="sr-only"> {called}</span>
      </button>
      {is && <p className="w-full text-sm text-soft">{unbroken(is.says.map(said).join(' '))}</p>}
    </div>
  );
}
