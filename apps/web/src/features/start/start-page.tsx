import type { StoredBuild } from '@hobrek/contracts';
import { beginSizing, beginWithMotor, isOpen as isOpenKind, kindHead, lineOf, sketchOf } from '@hobrek/core';
import { useEffect, useRef, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { v4 as newId } from 'uuid';
import { createStore, useStore } from 'zustand';
import { SketchDrawing } from '../../kinds/sketch-drawing.js';
import { focusField } from '../../open-build/focus-field.js';
import { OpenBuildHere, useDocument, useOpen } from '../../open-build/here.js';
import { loadTools } from '../../open-build/loaded-tools.js';
import { MergeConflict } from '../../open-build/merge-conflict.js';
import { type OpenBuild, openBuild } from '../../open-build/open-build.js';
import { SaveWord } from '../../open-build/save-word.js';
import type { DocumentState } from '../../open-build/state.js';
import { UndoKeys } from '../../open-build/undo-keys.js';
import { AskError, ask } from '../../shared/ask.js';
import { PageHead } from '../../shared/page-head.js';
import { usePreferences } from '../../shared/preferences.js';
import { PreferencesSheet } from '../../shared/preferences-sheet.js';
import { useWidth } from '../../shared/use-width.js';
import { Answer, ShortAnswer } from './answer.js';
import { FewFields } from './few-fields.js';
import { CouldDrive, MotorPanel } from './motor-panel.js';
import { OtherEnd } from './other-end.js';
import { useBegin } from './use-begin.js';
import { Wall } from './wall.js';
import { WorkshopWall } from './workshop-wall.js';

/** What is begun with: a kind of work, or a motor. */
const motorInHand = 'a-motor';

/** From a wish to what motor to look for; or from a motor to what it could drive. It is a build from the first field on. */
export function StartPage() {
  const { id } = useParams();
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const { open, failed } = useBegun(id, search.get('with'));
  const document = open?.document ?? noDocument;
  const work = useStore(document, (now) => now && lineOf(now.build, null).work.kind);
  const source = useStore(document, (now) => now && lineOf(now.build, null).source.kind);
  const isOpen = open !== null;
  const isMotor = isOpen && search.get('with') === motorInHand;
  const change = (kind: string) => {
    open?.workChosen(kind);
    void navigate(`/start/${id}?with=${kind}`, { replace: true });
  };
  const pick = (kind: string) => {
    if (!isOpen || isMotor) void navigate(`/start/${newId()}?with=${kind}`);
    else if (kind !== work) change(kind);
  };
  const begin = useBegin();
  const haveMotor = () => void navigate(`/start/${newId()}?with=${motorInHand}`);
  const picked = isOpen && !isMotor ? work : null;
  return (
    <div className="flex min-h-dvh flex-col">
      <title>Start a build · Hobrek</title>
      <PageHead
        end={
          <>
            {open && (
              <OpenBuildHere open={open}>
                <SaveWord />
                <UndoKeys />
              </OpenBuildHere>
            )}
            <PreferencesSheet />
          </>
        }
      >
        <h1 className="font-head text-xl">Start a build</h1>
      </PageHead>
      {open && (
        <OpenBuildHere open={open}>
          <MergeConflict />
        </OpenBuildHere>
      )}
      <main className="grid grow grid-cols-[minmax(0,2fr)_minmax(0,3fr)] max-lg:grid-cols-1">
        <div className={`grid content-start gap-y-6 px-6 pt-3 pb-6 max-sm:px-4 ${isOpen ? 'max-lg:order-2' : ''}`}>
          <Wall
            picked={picked}
            pick={pick}
            others={[
              { says: 'A blank sheet', words: 'a blank empty sheet', act: () => begin.startFrom('blank') },
              { says: 'I have a motor', words: 'i have a motor in hand', act: haveMotor },
            ]}
          />
          <OtherEnd begin={begin} haveMotor={haveMotor} />
        </div>
        <div className="border-hair bg-sheet px-6 pt-3 pb-6 max-lg:border-b max-sm:px-4 lg:border-l">
          {failed && <p className="text-fails-word">{failed}</p>}
          {!isOpen && !failed && <Nothing />}
          {open && (
            <OpenBuildHere key={open.id} open={open}>
              {isMotor ? <WithMotor size={change} /> : <Sizing hasMotor={source !== null && !isOpenKind({ kind: source })} />}
            </OpenBuildHere>
          )}
        </div>
      </main>
    </div>
  );
}

function Nothing() {
  return (
    <p className="max-w-prose text-lg leading-snug max-lg:hidden">
      Pick a machine, by a press or by typing what it is for. Three to six figures size it, with usual values in until you enter your own; which motor
      it needs is said at once, and why.
    </p>
  );
}

/** While there is none. */
const noDocument = createStore<DocumentState | null>(() => null);

/** The build of an id on the page: as it is kept, or begun now; or why it could not be, in words. Closed when the page is left. */
function useBegun(id: string | undefined, kind: string | null): { readonly open: OpenBuild | null; readonly failed: string } {
  const navigate = useNavigate();
  const [open, setOpen] = useState<OpenBuild | null>(null);
  const [failed, setFailed] = useState('');
  // What it begins with counts when it begins; afterwards it may become another machine.
  const begins = useRef(kind);
  begins.current = kind;
  useEffect(() => {
    setFailed('');
    if (id === undefined) return undefined;
    let isLeft = false;
    const opening = beginOrOpen(id, begins.current).then((outcome) => {
      if (typeof outcome === 'object') {
        if (!isLeft) setOpen(outcome);
        return outcome;
      }
      if (!isLeft && outcome === 'nothing') void navigate('/start', { replace: true });
      else if (!isLeft) setFailed(outcome);
      return null;
    });
    return () => {
      isLeft = true;
      setOpen(null);
      void opening.then((now) => now?.close());
    };
  }, [id, navigate]);
  return { open: open?.id === id ? open : null, failed };
}

/** @returns why it could not be, in words; `nothing` where there is none of that id */
async function beginOrOpen(id: string, kind: string | null): Promise<OpenBuild | string> {
  const isMotor = kind === motorInHand;
  await loadTools();
  try {
    return await openBuild(await ask<StoredBuild>(`builds/${id}`), !isMotor);
  } catch (error) {
    if (!(error instanceof AskError)) throw error;
    const isKnown = isMotor || (kind !== null && kindHead('work', kind)?.sizing !== undefined);
    if (!isKnown) return error.away ? error.message : 'nothing';
    const { wall } = usePreferences.getState();
    const build = isMotor ? beginWithMotor(wall) : beginSizing(kind, wall);
    // Nobody has it yet, or nobody answers: it begins here, and goes to the server with its first field.
    return openBuild({ id, version: 0, changedAt: new Date().toISOString(), build, notices: [] }, !isMotor);
  }
}

/** The few fields, the drawing that follows them, and the answer. */
function Sizing({ hasMotor }: { hasMotor: boolean }) {
  const { sizingTurned } = useOpen();
  const build = useDocument((document) => document.build);
  const [frame, width] = useWidth<HTMLDivElement>();
  const goOn = useGoOn();
  useEffect(() => {
    sizingTurned(true);
    // By keys one goes on from the wall to the first figure.
    if (matchMedia('(pointer: fine)').matches) document.querySelector<HTMLInputElement>('[data-few] [data-path]')?.focus();
  }, [sizingTurned]);
  const { kind } = lineOf(build, null).work;
  useEffect(() => {
    // Where the machines are below what they are sized by, the one that was pressed there is answered at the top.
    if (kind && matchMedia('(width < 64rem)').matches) window.scrollTo({ top: 0 });
  }, [kind]);
  const sizing = kindHead('work', kind)?.sizing;
  const sketch = sketchOf(build);
  if (!sizing || !sketch) return <p>This work is not sized by a few figures; all of it is entered at the stop Work.</p>;
  return (
    <div className="grid gap-y-3">
      <div className="sticky top-0 z-[1] -mx-4 border-b border-hair bg-sheet px-4 py-1 sm:hidden">
        <ShortAnswer />
      </div>
      <div>
        <h2 className="font-head text-2xl tracking-wide text-blue uppercase">
          {sizing.name}{' '}
          <span className="font-text text-base tracking-normal text-soft normal-case max-sm:hidden">
            usual values are in until you enter your own
          </span>
        </h2>
        <div className="mt-1 grid grid-cols-[minmax(0,2fr)_minmax(0,3fr)] items-start gap-x-5 max-sm:grid-cols-1">
          <div ref={frame} className="min-w-0">
            <figure aria-label={`${sizing.name}, drawn from what is entered`}>
              <SketchDrawing sketch={sketch} width={Math.max(width, 200)} height={width > 0 && width < 330 ? 210 : 250} />
            </figure>
          </div>
          <div data-few>
            <FewFields />
          </div>
        </div>
      </div>
      <WorkshopWall />
      <div className="border-t border-ink pt-3">
        <Answer />
      </div>
      <p className="sticky bottom-0 -mx-6 flex flex-wrap items-center gap-x-5 gap-y-1 border-t border-hair bg-sheet px-6 py-2 max-sm:-mx-4 max-sm:px-4">
        {!hasMotor && (
          <button type="button" data-onward className={primary} onClick={() => void goOn('motor')}>
            Pick a motor
          </button>
        )}
        <button
          type="button"
          className={hasMotor ? primary : 'cursor-pointer font-semibold text-blue hover:underline'}
          onClick={() => void goOn('sheet')}
        >
          {hasMotor ? 'Back to the build' : 'Start this build'}
        </button>
        <span className="text-sm text-soft max-sm:hidden">Nothing is fixed by it: usual values go along as guesses.</span>
      </p>
    </div>
  );
}

const primary = 'cursor-pointer bg-blue px-5 py-1.5 font-head text-lg tracking-wide text-sheet max-sm:min-h-11';

/** A motor in hand. */
function WithMotor({ size }: { size: (kind: string) => void }) {
  const open = useOpen();
  const goOn = useGoOn();
  useEffect(() => {
    open.sizingTurned(false);
    focusField(open, 'main/source/power');
  }, [open]);
  return (
    <div className="grid gap-y-4">
      <h2 className="font-head text-2xl tracking-wide text-blue uppercase">A motor in hand</h2>
      <MotorPanel />
      <WorkshopWall />
      <CouldDrive size={size} />
      <p className="sticky bottom-0 -mx-6 flex flex-wrap items-center gap-x-5 gap-y-1 border-t border-hair bg-sheet px-6 py-2 max-sm:-mx-4 max-sm:px-4">
        <button type="button" data-onward className={primary} onClick={() => void goOn('sheet')}>
          Start this build
        </button>
        <span className="text-sm text-soft">What it drives stays open until you choose it.</span>
      </p>
    </div>
  );
}

/** On to the build once all of it is kept; with a motor to be entered, to its plate. */
function useGoOn(): (to: 'motor' | 'sheet') => Promise<void> {
  const { id, session, saving, usualKept, kindChosen, whenKept } = useOpen();
  const navigate = useNavigate();
  return async (to) => {
    if (session.getState().sizing) usualKept();
    if (to === 'motor') kindChosen('main/source', 'plate-motor');
    await whenKept();
    if (saving.getState().state !== 'kept') return;
    await navigate(`/builds/${id}${to === 'motor' ? '?at=main/source/power' : ''}`);
  };
}
