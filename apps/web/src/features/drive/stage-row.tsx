import { kindHead, namesOfElements } from '@hobrek/core';
import { memo } from 'react';
import { WhatCouldGoHere } from '../../element/what-could-go-here.js';
import { useOpen } from '../../open-build/here.js';
import { useFollowed, useLine } from '../../open-build/in-sight.js';
import { worstAt } from '../../open-build/worst-at.js';
import { OneStop } from '../../shared/one-stop.js';
import { VerdictMark } from '../../shared/verdict-mark.js';
import { InOrder, useGrip } from './in-order.js';

interface Row {
  readonly line: string;
  readonly paths: readonly string[];
  readonly shown: string | undefined;
  /** Before a stage is picked by its name. */
  readonly pressed: () => void;
}

/** The stages of a line from motor to tool, each to be picked, taken to another place, and followed by one more. */
export function StageRow({ line, paths, shown, pressed }: Row) {
  const source = useLine(({ source: { kind } }) => kindHead('source', kind)?.noun ?? 'source');
  return (
    <InOrder paths={paths}>
      <OneStop>
        <ol
          aria-label="stages, from motor to tool"
          className="flex flex-wrap items-center gap-x-1 gap-y-1 pointer-coarse:gap-2 border-b border-hair pb-1"
        >
          <li>
            <WhatCouldGoHere line={line} at={0} after={source} isLast={paths.length === 0} />
          </li>
          {paths.map((path, k) => (
            <StageTab key={path} line={line} path={path} k={k} isShown={path === shown} isLast={k === paths.length - 1} pressed={pressed} />
          ))}
        </ol>
      </OneStop>
    </InOrder>
  );
}

interface TabShown {
  readonly line: string;
  readonly path: string;
  readonly k: number;
  readonly isShown: boolean;
  readonly isLast: boolean;
  readonly pressed: () => void;
}

const StageTab = memo(function StageTab({ line, path, k, isShown, isLast, pressed }: TabShown) {
  const { pick } = useOpen();
  const kind = useLine(({ stages }) => stages[k]?.kind ?? '');
  const which = useLine((shown) => / \d+$/.exec(namesOfElements(shown).get(path) ?? '')?.[0] ?? '');
  const verdict = useFollowed(true, (derived) => worstAt(derived, (at) => at === path));
  const label = `${kindHead('stage', kind)?.label ?? kind}${which}`;
  const { grip, ...dragged } = useGrip(path, label);
  return (
    <li {...dragged} data-stage={path} data-kind-of={kind} className="flex items-center gap-x-1 bg-ground pointer-coarse:gap-x-2">
      {grip}
      <button
        type="button"
        aria-current={isShown ? 'true' : undefined}
        className={`font-head min-h-8 cursor-pointer px-1 text-lg ${isShown ? 'border-b-[3px] border-brass' : 'text-soft hover:text-ink'}`}
        onClick={() => {
          if (!isShown) pressed();
          pick(path);
        }}
      >
        {label.charAt(0).toUpperCase() + label.slice(1)} {verdict && <VerdictMark verdict={verdict} />}
      </button>
      <WhatCouldGoHere line={line} at={k + 1} after={label} isLast={isLast} />
    </li>
  );
});
