import { type Build, evaluateBuild, type History, type Kinds, placesOf, sizedBuild } from '@hobrek/core';
import { usePreferences } from '../shared/preferences.js';
import { newest, workOut } from '../workers/calculator.js';
import { drawnAsBefore } from './drawn-as-before.js';
import { type OpenBuild, useOpenBuild } from './store.js';

/** Without a key for so long, typing has paused: what could not be read is told of. */
export const typingPause_ms = 600;

/** All that follows from a history's present. @param last what stays when nothing means anything else than before */
export function derive(
  history: History<Build>,
  kinds: Kinds,
  last = useOpenBuild.getState().open,
  sizing = last?.sizing ?? false,
): Pick<OpenBuild, 'history' | 'build' | 'evaluation' | 'remedy' | 'decided' | 'guesses' | 'greyed'> {
  const build = history.present;
  tryRemedies();
  const before = useOpenBuild.getState().open;
  const worked = (each: Build) => (sizing ? sizedBuild(each) : each);
  const now = evaluateBuild(worked(build), kinds, last?.sizing === sizing ? { build: worked(last.build), evaluation: last.evaluation } : undefined);
  const same = now === before?.evaluation;
  const evaluation = same ? now : drawnAsBefore(now, before?.evaluation);
  const { remedy, decided, guesses } = same ? before : untried;
  return { history, build, evaluation, remedy, decided, guesses, greyed: greyLater(draftedIn(build), before?.greyed) };
}

/** Until there was time to try. */
const untried: Pick<OpenBuild, 'remedy' | 'decided' | 'guesses'> = { remedy: '', decided: {}, guesses: '' };

function draftedIn(build: Build): ReadonlySet<string> {
  const drafted = placesOf(build).filter(({ input }) => input?.draft !== undefined);
  return drafted.length === 0 ? nothingGreyed : new Set(drafted.map(({ path }) => path));
}

const nothingGreyed: ReadonlySet<string> = new Set();
let greying: ReturnType<typeof setTimeout> | undefined;

/** Halfway through a word the whole sheet would go grey and come back: it does once typing has paused. That it can be read again shows at once. */
function greyLater(drafted: ReadonlySet<string>, greyed: ReadonlySet<string> | undefined): ReadonlySet<string> {
  clearTimeout(greying);
  if (drafted.size === 0 || !greyed || greyed.size > 0) return drafted;
  greying = setTimeout(() => {
    const { open } = useOpenBuild.getState();
    if (open) useOpenBuild.setState({ open: { ...open, greyed: draftedIn(open.build) } });
  }, typingPause_ms);
  return greyed;
}

/** Long enough that a person who types is not kept waiting by it, short enough to seem at once. */
const pause_ms = 60;
let trying: ReturnType<typeof setTimeout> | undefined;

/** Cures are tried when there is a moment, beside the page: each costs an evaluation. Told of only while what they would cure is still so. */
function tryRemedies(): void {
  giveUpRemedies();
  trying = setTimeout(() => {
    const { open } = useOpenBuild.getState();
    if (open && !open.sizing) void cure(open.build);
  }, pause_ms);
}

const cures = newest();

/** Looks for cures of a build, for what decides and for what the guesses come to: of builds that follow each other the last alone. */
async function cure(build: Build): Promise<void> {
  const signal = cures.begin();
  const given = { build, units: usePreferences.getState().units };
  const tells = (told: Partial<typeof untried>) => {
    const { open } = useOpenBuild.getState();
    if (open?.build === build && !signal.aborted) useOpenBuild.setState({ open: { ...open, ...told } });
  };
  // That one could not be tried is no news to the person.
  const none = () => undefined;
  await Promise.all([
    workOut('remedy', given, { signal }).then((remedy) => tells({ remedy }), none),
    workOut('decided', given, { signal }).then((decided) => tells({ decided }), none),
    workOut('guesses', given, { signal }).then((guesses) => tells({ guesses: guesses?.says ?? '' }), none),
  ]);
}

/** Every sentence and figure is told again, in the units that are chosen now. */
usePreferences.subscribe(({ units }, { units: before }) => {
  const { open } = useOpenBuild.getState();
  if (open && units !== before) useOpenBuild.setState({ open: { ...open, ...derive(open.history, open.kinds, null, open.sizing) } });
});

/** Cures that are still to be tried are not. */
export function giveUpRemedies(): void {
  clearTimeout(trying);
  cures.stop();
}
