import { type Build, draftsIn, evaluateAtOnce, evaluateBuild, isHeld, type Kinds, sizedBuild, type WorkedOut } from '@hobrek/core';
import { createStore, type StoreApi } from 'zustand';
import { afterFrame } from '../shared/after-frame.js';
import { usePreferences } from '../shared/preferences.js';
import { newest, workOut } from '../workers/calculator.js';
import { drawnAsBefore } from './drawn-as-before.js';
import type { DerivedState, DocumentState, SessionState } from './state.js';

/** Without a key for so long, typing has paused: what could not be read is told of. */
export const typingPause_ms = 600;
/** Long enough that a person who types is not kept waiting by it, short enough to seem at once. */
const tryPause_ms = 60;

interface Followed {
  readonly kinds: Kinds;
  readonly document: StoreApi<DocumentState>;
  readonly session: StoreApi<SessionState>;
}

/** What cures, what decides and what the guesses come to. */
type Tried = Pick<DerivedState, 'remedy' | 'decided' | 'guesses'>;

/** Until there was time to try. */
const untried: Tried = { remedy: { says: '', cures: [] }, decided: {}, guesses: '' };

/**
 * All that follows from a document, worked out in the same tick, once for a change; but many shafts, which a key elsewhere does not wait for, right behind the frame; cures, what decides and what the guesses come to when there is a
 * moment, beside the page. Subscribed before anyone else: who hears of a change finds what follows from it.
 */
export function follow({ kinds, document, session }: Followed): { readonly derived: StoreApi<DerivedState>; readonly stop: () => void } {
  const cures = newest();
  let trying: ReturnType<typeof setTimeout> | undefined;
  let greying: ReturnType<typeof setTimeout> | undefined;
  const sizing = () => session.getState().sizing;
  const worked = (build: Build) => (sizing() ? sizedBuild(build) : build);
  /** What was last worked out with all of its shafts. */
  let whole: WorkedOut | undefined;
  let shaftsWait: () => void = () => {};

  /** @param last what stays when nothing means anything else than before; nothing of it where another way of working out, or of telling, begins */
  function work(before: DerivedState | undefined, last: WorkedOut | undefined, isWhole = true): DerivedState {
    const { build } = document.getState();
    const now = evaluation(worked(build), last, isWhole);
    const shown = now === before?.evaluation ? now : drawnAsBefore(now, before?.evaluation);
    if (whole?.evaluation === now) whole = { ...whole, evaluation: shown };
    tryLater();
    const greyed = greyLater(draftedIn(build), before?.greyed);
    if (before && now === before.evaluation) return { ...before, build, greyed };
    return { build, evaluation: shown, ...untried, greyed };
  }

  /** @param isWhole whether its shafts are waited for */
  function evaluation(build: Build, last: WorkedOut | undefined, isWhole: boolean): WorkedOut['evaluation'] {
    shaftsWait();
    const soon = last && !isWhole ? evaluateAtOnce(build, kinds, last) : null;
    if (soon) {
      shaftsWait = afterFrame(() => derived.setState(work(derived.getState(), whole), true));
      return soon;
    }
    const now = evaluateBuild(build, kinds, last);
    whole = { build, evaluation: now };
    return now;
  }

  /** Halfway through a word the whole sheet would go grey and come back: it does once typing has paused. That it can be read again shows at once. */
  function greyLater(drafted: ReadonlySet<string>, greyed: ReadonlySet<string> | undefined): ReadonlySet<string> {
    clearTimeout(greying);
    if (drafted.size === 0 || !greyed || greyed.size > 0) return drafted;
    greying = setTimeout(() => derived.setState({ greyed: draftedIn(document.getState().build) }), typingPause_ms);
    return greyed;
  }

  function tryLater(): void {
    giveUp();
    trying = setTimeout(() => {
      if (!sizing()) void tryNow(document.getState().build);
    }, tryPause_ms);
  }

  /** Of builds that follow each other the last alone is tried to its end. Told of only while what they would cure is still so. */
  async function tryNow(build: Build): Promise<void> {
    const signal = cures.begin();
    const given = { build, units: usePreferences.getState().units };
    const tells = (told: Partial<Tried>) => {
      if (document.getState().build === build && !signal.aborted) derived.setState(told);
    };
    // That one could not be tried is no news to the person.
    const none = () => undefined;
    await Promise.all([
      workOut('remedy', given, { signal }).then((remedy) => tells({ remedy }), none),
      workOut('decided', given, { signal }).then((decided) => tells({ decided }), none),
      workOut('guesses', given, { signal }).then((guesses) => tells({ guesses: guesses?.says ?? '' }), none),
    ]);
  }

  function giveUp(): void {
    clearTimeout(trying);
    cures.stop();
  }

  const derived: StoreApi<DerivedState> = createStore(() => work(undefined, undefined));
  const anew = () => derived.setState(work(derived.getState(), undefined), true);
  const stops = [
    document.subscribe(({ build }) => {
      const last = derived.getState();
      if (build !== last.build) derived.setState(work(last, whole, false), true);
    }),
    session.subscribe((now, before) => {
      if (now.sizing !== before.sizing) anew();
    }),
    // Every sentence and figure is told again, in the units that are chosen now.
    usePreferences.subscribe(({ units }, { units: before }) => {
      if (units !== before) anew();
    }),
  ];
  return {
    derived,
    stop: () => {
      for (const each of stops) each();
      giveUp();
      shaftsWait();
      clearTimeout(greying);
    },
  };
}

function draftedIn(build: Build): ReadonlySet<string> {
  // Nothing rests on what is only kept.
  const drafted = draftsIn(build).filter(({ path }) => !isHeld(path));
  return drafted.length === 0 ? nothingGreyed : new Set(drafted.map(({ path }) => path));
}

const nothingGreyed: ReadonlySet<string> = new Set();
