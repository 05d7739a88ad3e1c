import { lineNameWrong, type Verdict } from '@hobrek/core';
import { type KeyboardEvent, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useOpen } from '../../open-build/here.js';
import { useDerived, useLine } from '../../open-build/in-sight.js';
import type { OpenBuild } from '../../open-build/open-build.js';
import { VerdictMark } from '../../shared/verdict-mark.js';

interface Tab {
  readonly id: string;
  readonly verdict: Verdict;
  readonly name: string;
}

/** The lines of a build by their names, each with its worst verdict, where there are several; `[` and `]` go from one to the next. */
export function Lines() {
  const { lineShown, lineMoved, lineRemoved } = useOpen();
  // As one text: a key that changes no verdict draws none of this again.
  const listed = useDerived(({ evaluation }) => evaluation.lines.map(({ id, verdict, name }) => [id, verdict, name].join('\t')).join('\n'));
  const shown = useLine(({ id }) => id);
  const [renaming, setRenaming] = useState(false);
  const tabs = listed.split('\n').map((each): Tab => {
    const [id = '', verdict = 'unknown', ...name] = each.split('\t');
    return { id, verdict: verdict as Verdict, name: name.join('\t') };
  });
  const at = tabs.findIndex(({ id }) => id === shown);
  const go = (by: number) => lineShown(tabs[(at + by + tabs.length) % tabs.length]?.id ?? null);
  useHotkeys('bracketright', () => go(1), [listed, shown]);
  useHotkeys('bracketleft', () => go(-1), [listed, shown]);
  if (tabs.length < 2) return null;
  const current = tabs[at];
  return (
    <nav aria-label="lines of the build" className="flex grow flex-wrap items-baseline gap-x-4 border-l border-hair pl-5">
      {tabs.map(({ id, verdict, name }) =>
        id === shown && renaming ? (
          <LineName key={id} line={id} name={name} done={() => setRenaming(false)} />
        ) : (
          <button
            key={id}
            type="button"
            aria-current={id === shown ? 'true' : undefined}
            className={`font-head min-h-11 cursor-pointer px-1 text-lg sm:min-h-8 ${id === shown ? 'border-b-[3px] border-brass' : 'text-soft hover:text-ink'}`}
            onClick={() => {
              setRenaming(false);
              lineShown(id);
            }}
          >
            <VerdictMark verdict={verdict} /> {name}
          </button>
        ),
      )}
      <span className="ml-auto flex flex-wrap gap-x-4 text-sm text-soft">
        <Act says="rename" name={`Rename ${current?.name}`} act={() => setRenaming(true)} />
        {at > 0 && <Act says="put before" name={`Put ${current?.name} one place before`} act={() => lineMoved(shown, -1)} />}
        {at < tabs.length - 1 && <Act says="put behind" name={`Put ${current?.name} one place behind`} act={() => lineMoved(shown, 1)} />}
        <Act says="take out" name={`Take out ${current?.name}`} act={() => lineRemoved(shown)} />
        <AddLine />
      </span>
    </nav>
  );
}

/** A line more, called as nothing is yet. */
export function AddLine() {
  const open = useOpen();
  return <Act says="add a line" name="Add a line: another source with work of its own" act={() => addLine(open)} />;
}

export function addLine({ document, lineAdded }: OpenBuild): void {
  const { build } = document.getState();
  let n = build.lines.length + 1;
  while (lineNameWrong(build, null, `line ${n}`)) n++;
  lineAdded(`line ${n}`);
}

function Act({ says, name, act }: { says: string; name: string; act: () => void }) {
  return (
    <button type="button" aria-label={name} className="min-h-11 cursor-pointer hover:text-ink hover:underline sm:min-h-6" onClick={act}>
      {says}
    </button>
  );
}

/** Its name while it is typed; one that cannot be is said, and the line keeps the one that it has. */
function LineName({ line, name, done }: { line: string; name: string; done: () => void }) {
  const { document, lineRenamed, fieldLeft } = useOpen();
  const [text, setText] = useState(name);
  const wrong = lineNameWrong(document.getState().build, line, text);
  const keep = () => {
    if (!wrong && text.trim() !== name) {
      lineRenamed(line, text);
      fieldLeft();
    }
    done();
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.key === 'Enter' && !wrong) keep();
    if (event.key === 'Escape') done();
  };
  return (
    <span className="flex flex-col">
      <input
        // biome-ignore lint/a11y/noAutofocus: it was asked for by pressing rename
        autoFocus
        aria-label="name of the line"
        aria-invalid={wrong !== ''}
        value={text}
        maxLength={60}
        className="font-head w-52 border-b-[3px] border-brass bg-wash px-1 text-lg outline-none"
        onChange={(event) => setText(event.target.value)}
        onKeyDown={onKey}
        onBlur={keep}
      />
      {wrong && (
        <span role="alert" className="text-sm text-fails-word">
          {wrong}
        </span>
      )}
    </span>
  );
}
