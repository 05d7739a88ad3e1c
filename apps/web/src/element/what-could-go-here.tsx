import { fitsHere } from '@hobrek/core';
import * as Popover from '@radix-ui/react-popover';
import { memo, useRef, useState } from 'react';
import { firstField, focusWhenThere } from '../open-build/focus-field.js';
import { useDocument, useOpen } from '../open-build/here.js';
import { useFollowed } from '../open-build/in-sight.js';
import { useUnits } from '../shared/preferences.js';
import { VerdictMark } from '../shared/verdict-mark.js';

interface Gap {
  readonly line: string;
  /** It goes in before the stage that is here now. */
  readonly at: number;
  readonly after: string;
  /** Behind the last stage there is room to say it in words. */
  readonly isLast?: boolean;
}

/** Every kind that fits into a gap of the line, with what it would change; tried only when someone opens it. */
export const WhatCouldGoHere = memo(function WhatCouldGoHere({ line, at, after, isLast = false }: Gap) {
  const [asked, setAsked] = useState(false);
  const isAdded = useRef(false);
  return (
    <Popover.Root open={asked} onOpenChange={setAsked}>
      <Popover.Trigger className="min-w-6 cursor-pointer px-1 text-blue hover:underline" aria-label={`add after the ${after}: what could go here`}>
        {isLast ? '+ add a stage' : '+'}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          collisionPadding={12}
          aria-label="what could go here"
          onOpenAutoFocus={() => {
            isAdded.current = false;
          }}
          // Work goes on with what was added.
          onCloseAutoFocus={(event) => isAdded.current && event.preventDefault()}
          className="z-10 max-h-[var(--radix-popover-content-available-height)] w-[30rem] max-w-[calc(100vw-24px)] overflow-auto border border-ink bg-sheet p-4 text-ink"
        >
          <h2 className="font-head text-lg tracking-wide text-blue uppercase">What could go here</h2>
          <p className="text-sm text-soft">
            Between two turning shafts, behind the {after}. Each is tried with sizes to begin with, which stay guesses until you enter your own.
          </p>
          <Fittings
            line={line}
            at={at}
            done={() => {
              isAdded.current = true;
              setAsked(false);
            }}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
});

function Fittings({ line, at, done }: { line: string; at: number; done: () => void }) {
  const open = useOpen();
  const { kinds, stageAdded, session } = open;
  const build = useDocument((document) => document.build);
  const evaluation = useFollowed(true, (derived) => derived.evaluation);
  const units = useUnits();
  return (
    <ul className="mt-2">
      {fitsHere(build, kinds, line, at, evaluation, units).map(({ kind, label, begins, verdict, says }) => (
        <li key={kind} className="border-t border-hair">
          <button
            type="button"
            className="grid w-full cursor-pointer grid-cols-[auto_1fr] items-baseline gap-x-3 py-1.5 text-left hover:bg-wash"
            onClick={() => {
              stageAdded(line, at, kind, begins);
              done();
              focusWhenThere(open, firstField(session.getState().picked ?? ''));
            }}
          >
            <VerdictMark verdict={verdict} />
            <span>
              <span className="block font-semibold">{label}</span>
              <span className="block text-sm text-soft">{says}</span>
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}
