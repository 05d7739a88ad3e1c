import type { StoredBuild } from '@hobrek/contracts';
import { beginSizing, beginWithMotor, isOpen as isOpenKind, kindHead, lineOf, sketchOf } from '@hobrek/core';
import { useEffect, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { v4 as newId } from 'uuid';
import { SketchDrawing } from '../../kinds/sketch-drawing.js';
import { focusField } from '../../open-build/focus-field.js';
import { MergeConflict } from '../../open-build/merge-conflict.js';
import { closeBuild, kindChosen, openBuild, sizingTurned, usualKept, whenKept, workChosen } from '../../open-build/open-build.js';
import { SaveWord } from '../../open-build/save-word.js';
import { useOpenBuild } from '../../open-build/store.js';
import { UndoKeys } from '../../open-build/undo-keys.js';
import { WhySheet } from '../../open-build/why.js';
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
  const failed = useBegun(id, search.get('with'));
  const isOpen = useOpenBuild(({ open }) => id !== undefined && open?.id === id);
  const work = useOpenBuild(({ open }) => (open ? lineOf(open.build, null).work.kind : null));
  const source = useOpenBuild(({ open }) => (open ? lineOf(open.build, null).source.kind : undefined));
  const isMotor = isOpen && search.get('with') === motorInHand;
  const change = (kind: string) => {
    workChosen(kind);
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
            {isOpen && <SaveWord />}
            {isOpen && <UndoKeys />}
            <PreferencesSheet />
          </>
        }
      >
        <h1 className="font-head text-xl">Start a build</h1>
      </PageHead>
      <MergeConflict />
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
          {isMotor && <WithMotor size={change} id={id as string} />}
          {isOpen && !isMotor && <Sizing id={id as string} hasMotor={source !== undefined && !isOpenKind({ kind: source })} />}
        </div>
      </main>
      <WhySheet />
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

/** The build of an id on the screen: as it is kept, or begun now. @returns why it could not be, in words */
function useBegun(id: string | undefined, kind: string | null): string {
  const navigate = useNavigate();
  const [failed, setFailed] = useState('');
  useEffect(() => {
    if (id === undefined) return closeBuild();
    if (useOpenBuild.getState().open?.id === id) return;
    setFailed('');
    void open(id, kind).then((outcome) => {
      if (outcome === 'nothing') void navigate('/start', { replace: true });
      else setFailed(outcome);
    });
  }, [id, kind, navigate]);
  // Leaving the page closes it; what was not sent is still sent.
  useEffect(() => closeBuild, []);
  return failed;
}

async function open(id: string, kind: string | null): Promise<string> {
  const isMotor = kind === motorInHand;
  try {
    await openBuild(await ask<StoredBuild>(`builds/${id}`), !isMotor);
    return '';
  } catch (error) {
    if (!(error instanceof AskError)) throw error;
    const isKnown = isMotor || (kind !== null && kindHead('work', kind)?.sizing !== undefined);
    if (!isKnown) return error.away ? error.message : 'nothing';
    const { wall } = usePreferences.getState();
    const build = isMotor ? beginWithMotor(wall) : beginSizing(kind, wall);
    // Nobody has it yet, or nobody answers: it begins here, and goes to the server with its first field.
    await openBuild({ id, version: 0, changedAt: new Date().toISOString(), build, notices: [] }, !isMotor);
    return '';
  }
}

/** The few fields, the drawing that follows them, and the answer. */
function Sizing({ id, hasMotor }: { id: string; hasMotor: boolean }) {
  const build = useOpenBuild(({ open }) => open?.build);
  const [frame, width] = useWidth<HTMLDivElement>();
  const goOn = useGoOn(id);
  useEffect(() => {
    sizingTurned(true);
    // By keys one goes on from the wall to the first figure.
    if (matchMedia('(pointer: fine)').matches) document.querySelector<HTMLInputElement>('[data-few] [data-path]')?.focus();
  }, []);
  const line = build && lineOf(build, null);
  const sizing = line && kindHead('work', line.work.kind)?.sizing;
  const sketch = build && sketchOf(build);
  if (!sizing || !sketch) return <p>This work is not sized by a few figures; all of it is on the sheet.</p>;
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
          {hasMotor ? 'Back to the sheet' : 'Start this build'}
        </button>
        <span className="text-sm text-soft max-sm:hidden">Nothing is fixed by it: usual values go along as guesses.</span>
      </p>
    </div>
  );
}

const primary = 'cursor-pointer bg-blue px-5 py-1.5 font-head text-lg tracking-wide text-sheet max-sm:min-h-11';

/** A motor in hand. */
function WithMotor({ id, size }: { id: string; size: (kind: string) => void }) {
  const goOn = useGoOn(id);
  useEffect(() => {
    sizingTurned(false);
    focusField('main/source/power');
  }, []);
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

/** On to the sheet once all of it is kept; with a motor to be entered, to its plate. */
function useGoOn(id: string): (to: 'motor' | 'sheet') => Promise<void> {
  const navigate = useNavigate();
  return async (to) => {
    if (useOpenBuild.getState().open?.sizing) usualKept();
    if (to === 'motor') kindChosen('main/source', 'plate-motor');
    await whenKept();
    if (useOpenBuild.getState().open?.save.state !== 'kept') return;
    await navigate(`/builds/${id}${to === 'motor' ? '?at=main/source/power' : ''}`);
  };
}
