import { kindHead } from '@hobrek/core';
import { memo, startTransition, useCallback, useMemo, useRef, useState } from 'react';
import { ElementChecks } from '../../element/checks.js';
import { DriveViews } from '../../element/drive-views.js';
import { ElementFields, Heading, KindOf } from '../../element/fields.js';
import { ElementFigures } from '../../element/figures.js';
import { focusWhenThere } from '../../open-build/focus-field.js';
import { useDocument, useOpen, useSession } from '../../open-build/here.js';
import { useLine } from '../../open-build/in-sight.js';
import { Tools } from '../../open-build/tools.js';
import { OneStop } from '../../shared/one-stop.js';
import { Settings } from './settings.js';
import { StageDrawn } from './stage-drawn.js';
import { StageRow } from './stage-row.js';

/** What is between motor and tool: its stages in their order, and of the picked one its drawing, its fields, its figures and checks. */
export function DriveStop() {
  const line = useLine(({ id }) => id);
  const joined = useLine(({ id, stages }) => stages.map((stage) => `${id}/${stage.id}`).join());
  const paths = useMemo(() => (joined === '' ? [] : joined.split(',')), [joined]);
  const picked = useSession((session) => session.picked);
  const here = paths.includes(picked ?? '') ? (picked as string) : paths[0];
  // A press is answered in the row of stages at once; the fields of another stage are made anew after it, which takes longer than a frame.
  const [before, setBefore] = useState<string | null>(null);
  const shown = before !== null && paths.includes(before) ? before : here;
  const latest = useRef(shown);
  latest.current = shown;
  const pressed = useCallback(() => {
    setBefore(latest.current ?? null);
    startTransition(() => setBefore(null));
  }, []);
  return (
    <div className="grid grow grid-cols-[minmax(0,7fr)_minmax(0,5fr)] border-t border-ink max-lg:grid-cols-1">
      <div className="min-w-0 px-6 py-2 max-sm:px-4">
        <DriveViews />
        <StageRow line={line} paths={paths} shown={here} pressed={pressed} />
        {shown === undefined ? (
          <p className="mt-3 text-soft">
            Nothing is between motor and tool: the motor’s shaft is the tool’s. Belts, chains, gears and couplings are added above; each is tried
            first, and says what it would change. Or let a drive be found, from what shops have and what is in the drawer.
          </p>
        ) : (
          <Stage key={shown} path={shown} />
        )}
        <Settings />
      </div>
      <div className="min-w-0 border-hair bg-sheet px-6 py-2 max-lg:border-t max-sm:px-4 lg:border-l">
        {shown !== undefined && <Beside path={shown} />}
      </div>
    </div>
  );
}

/** What the picked stage looks like, and what comes of it. */
const Beside = memo(function Beside({ path }: { path: string }) {
  return (
    <>
      <StageDrawn path={path} />
      <Tools on="beside" of="stage" path={path} />
      <ElementFigures path={path} />
      <ElementChecks paths={[path]} />
    </>
  );
});

const Stage = memo(function Stage({ path }: { path: string }) {
  const kind = useLine((line) => line.stages.find(({ id }) => path === `${line.id}/${id}`)?.kind);
  if (kind === undefined) return null;
  const head = kindHead('stage', kind);
  const label = head?.label ?? kind;
  return (
    <fieldset data-element={path} className="min-w-0">
      <legend className="sr-only">{label}</legend>
      <div className="mt-2 flex w-full flex-wrap items-baseline gap-x-2 font-head text-lg tracking-wide uppercase">
        <KindOf of="stage" path={path} kind={kind} label={label} /> <Heading of="stage" path={path} />
      </div>
      <Tools on="fields" of="stage" path={path} />
      <ElementFields of="stage" path={path} />
      {head?.fuse && <FirstToFail path={path} />}
      <StageActs path={path} />
    </fieldset>
  );
});

/** Sized on purpose: a fifth under the weakest of what breaks. */
function FirstToFail({ path }: { path: string }) {
  const { sizedAsFirst } = useOpen();
  const [because, setBecause] = useState('');
  return (
    <p className="mt-1">
      <button
        type="button"
        className="min-h-8 cursor-pointer text-left text-blue hover:underline pointer-coarse:min-h-11"
        onClick={() => setBecause(sizedAsFirst(path))}
      >
        make this the first to fail, 20 % under the weakest of what breaks
      </button>{' '}
      <span role="status" className="text-sm text-soft">
        {because}
      </span>
    </p>
  );
}

/** What can be done with a stage as a whole; all of it can be undone. */
function StageActs({ path }: { path: string }) {
  const [line = '', id] = path.split('/');
  const open = useOpen();
  const { stageMoved, stageDoubled, stageRemoved } = open;
  const at = useDocument(({ build }) => build.lines.find((each) => each.id === line)?.stages.findIndex((stage) => stage.id === id)) ?? 0;
  const many = useDocument(({ build }) => build.lines.find((each) => each.id === line)?.stages.length) ?? 1;
  const acts: [says: string, can: boolean, act: () => void][] = [
    ['earlier', at > 0, () => stageMoved(path, -1)],
    ['later', at < many - 1, () => stageMoved(path, 1)],
    ['duplicate', true, () => stageDoubled(path)],
    [
      'take out',
      true,
      () => {
        stageRemoved(path);
        // What was pressed is gone: work goes on with what is shown now.
        focusWhenThere(open, many > 1 ? '[data-stage] [aria-current]' : '[aria-label^="add after"]');
      },
    ],
  ];
  return (
    <OneStop role="toolbar" aria-label="the stage as a whole" className="mt-3 flex gap-5 border-t border-hair pt-1 text-sm">
      {acts.map(([says, can, act]) =>
        can ? (
          <button key={says} type="button" className="cursor-pointer text-blue hover:underline" onClick={act}>
            {says}
          </button>
        ) : null,
      )}
    </OneStop>
  );
}
