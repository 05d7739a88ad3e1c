import {
  cannot,
  type Element,
  evidenceWords,
  familyFed,
  familyLabel,
  type LookName,
  looks,
  type Ranked,
  settlesWords,
  toldChance,
  type WhatIsIt,
} from '@hobrek/core';
import { scaleLog } from 'd3-scale';
import { memo, startTransition, useCallback, useDeferredValue, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { afterFrame } from '../../shared/after-frame.js';
import { show } from '../../shared/in-my-units.js';
import { useUnits } from '../../shared/preferences.js';
import { useWidth } from '../../shared/use-width.js';
import type { ToolShown } from '../tool.js';
import { aheadOf, answered, laterOf, type Seen, seenOf, whileIdle, wouldBe } from './ahead.js';
import { LookDrawing } from './look-drawing.js';
import { noPlateField } from './no-plate-field.js';
import { TerminalsDrawing } from './terminals-drawing.js';

/** What the motor in hand is: one look after the other, each with what it would settle; what is still possible, and what that is worth. */
export function Identify({ path, element: kept, build, change, Entry }: ToolShown) {
  const [element, give] = useAnswers(path, kept, change);
  const [picked, pick] = useState<string | null>(null);
  const now = seenOf(path, element, build.supply.voltage?.value, picked);
  const screens = useScreens(now);
  const answer = useCallback(
    (name: string, text: string) => {
      give(name, text);
      pick(null);
    },
    [give],
  );
  const take = useCallback((family: Ranked['family']) => change.familyTaken(path, family), [change, path]);
  return (
    <div className="mb-3">
      {screens.map((seen) => (
        <Screen
          key={seen.key}
          seen={seen}
          isShown={seen.key === now.key}
          {...(seen.key === now.key && isTyped(seen.look) ? { entered: kept, Entry } : {})}
          answer={answer}
          pick={pick}
          take={take}
        />
      ))}
    </div>
  );
}

/** Whether a look is answered in a field. */
const isTyped = (look: string | null): boolean => look === 'readings' || look === 'donor';

/**
 * The screen that is seen, and behind it those that a press on it leads to, made and laid out while nobody presses anything: such a press shows what is there.
 * A screen that nothing was made of ahead is made when it is seen.
 */
function useScreens(now: Seen): readonly Seen[] {
  const [made, setMade] = useState<readonly Seen[]>([now]);
  useEffect(
    () =>
      whileIdle([
        // What was left behind goes first, so that the screen that is seen is first for the keys too.
        () => startTransition(() => setMade([now])),
        ...aheadOf(now).flatMap((next) => [
          () => void next(),
          () => startTransition(() => setMade((all) => (all.some(({ key }) => key === next().key) ? all : [...all, next()]))),
        ]),
      ]),
    [now],
  );
  return made.some(({ key }) => key === now.key) ? made : [...made, now];
}

interface ScreenShown {
  readonly seen: Seen;
  readonly isShown: boolean;
  /** The motor as its fields are typed in, where the look is answered in one. */
  readonly entered?: Element;
  readonly Entry?: ToolShown['Entry'] | undefined;
  readonly answer: (name: string, text: string) => void;
  readonly pick: (look: string | null) => void;
  readonly take: (family: Ranked['family']) => void;
}

/**
 * A screen in the one place that all of them share. Those behind the one that is seen are laid out once, and then neither drawn, pressed, found nor read out:
 * of what is in them nothing has to be styled or laid out anew when one of them is seen.
 */
const Screen = memo(function Screen({ isShown, Entry, ...shown }: ScreenShown) {
  // Made at the press, it has first what is still possible; what that is worth, and how it is gone on with, in the next frame.
  const isWhole = useDeferredValue(true, !isShown);
  // A field is of the screen that is seen alone, from the frame after the press.
  const Typed = useDeferredValue(Entry, undefined);
  const [isLaidOut, setLaidOut] = useState(false);
  useEffect(() => afterFrame(() => setLaidOut(true)), []);
  const isBehind = isLaidOut ? '[content-visibility:hidden]' : 'max-h-0 overflow-hidden';
  return (
    <section aria-label="what is this motor" aria-hidden={!isShown} className={isShown ? undefined : isBehind}>
      <OnScreen {...shown} Entry={Typed} isWhole={isWhole} />
    </section>
  );
});

/** A look, what was answered, and what is possible by it. */
const OnScreen = memo(function OnScreen({ seen, entered, Entry, isWhole, answer, pick, take }: Omit<ScreenShown, 'isShown'> & { isWhole: boolean }) {
  const { look, is, element } = seen;
  return (
    <div className="gap-x-8 border border-ink bg-sheet 2xl:grid 2xl:grid-cols-[minmax(0,6fr)_minmax(0,5fr)]">
      <div className="min-w-0 p-4">
        {look ? (
          <Look seen={seen} look={look} entered={entered ?? element} Entry={Entry} answer={answer} later={() => pick(laterOf(seen))} />
        ) : (
          <p className="text-soft">Nothing that is left to look at would tell more.</p>
        )}
        {isWhole && <Answered element={element} pick={pick} />}
        {isWhole && <Take is={is} take={take} />}
      </div>
      <div className="min-w-0 border-hair p-4 max-2xl:border-t 2xl:border-l">
        <StillPossible is={is} />
        {isWhole && <Power is={is} />}
        {isWhole && <Wires is={is} />}
      </div>
    </div>
  );
});

/**
 * The motor with an answer in it from the moment of the press: the panel tells what it makes of it before the build that the motor is in is worked out again.
 * @returns the motor as it is shown, and how it is answered
 */
function useAnswers(path: string, kept: Element, change: ToolShown['change']): readonly [Element, (name: string, text: string) => void] {
  const [given, setGiven] = useState<{ readonly of: Element; readonly name: string; readonly text: string } | null>(null);
  const waiting = useRef<(() => void) | null>(null);
  const now = useCallback(() => {
    const enter = waiting.current;
    waiting.current = null;
    enter?.();
  }, []);
  // Left before that, it is entered all the same.
  useEffect(() => now, [now]);
  // The screens behind the one that is seen are not made again for each version of the motor.
  const latest = useRef(kept);
  useLayoutEffect(() => {
    latest.current = kept;
  });
  const answer = useCallback(
    (name: string, text: string) => {
      now();
      setGiven({ of: latest.current, name, text });
      waiting.current = () => {
        change.typed(`${path}/${name}`, text);
        change.fieldLeft();
      };
      afterFrame(now);
    },
    [now, change, path],
  );
  const shown = useMemo(() => (given?.of === kept ? answered(kept, given.name, given.text) : kept), [kept, given]);
  return [shown, answer];
}

/** A press takes no focus to what is gone a moment later: a browser lays the whole page out once more to take it away again. A field that was typed in is left by it all the same. */
const unfocused = (event: React.MouseEvent): void => {
  if (!(document.activeElement instanceof HTMLInputElement)) event.preventDefault();
};

interface LookShown extends Pick<ScreenShown, 'seen' | 'Entry' | 'answer'> {
  readonly look: string;
  readonly entered: Element;
  readonly later: () => void;
}

/** One look: where, how, with what care, and what each answer would make of it. */
function Look({ seen, look, entered, Entry, answer, later }: LookShown) {
  const { path, element, is } = seen;
  const next = is.next.find((each) => each.look === look);
  const told = next && `${settlesWords(next)} · ${minutesWords(next.minutes)}`;
  if (look === 'readings')
    return (
      <>
        <Question
          says="Ohms between each two wires?"
          caution="Unplugged, capacitor discharged. Bare ends, nothing else touching. Number the wires with tape."
          told={told}
        />
        <LookDrawing look={look} />
        {Entry && <Entry path={`${path}/readings`} field={noPlateField('readings')} input={entered.inputs.readings} />}
        <Besides later={later} />
      </>
    );
  if (look === 'donor')
    return (
      <>
        <Question says="What did it come out of?" caution="Remembered, or read on the machine. It says more than anything else." told={told} />
        {Entry && <Entry path={`${path}/donor`} field={noPlateField('donor')} input={entered.inputs.donor} />}
        <Besides later={later} out={() => answer('donor', cannot)} />
      </>
    );
  const name = look as LookName;
  const { question, caution, answers } = looks[name];
  const now = element.inputs[name]?.text;
  return (
    <>
      <Question says={question} caution={caution} told={told} />
      <LookDrawing look={look} />
      <ul className="mt-2 grid gap-2 sm:grid-cols-2">
        {Object.entries(answers).map(([is_, says]) => (
          <li key={is_}>
            <button
              type="button"
              aria-pressed={now === is_}
              className="grid min-h-[60px] w-full cursor-pointer content-center border border-hair bg-plate px-4 text-left hover:border-ink aria-pressed:border-brass"
              onMouseDown={unfocused}
              onClick={() => answer(name, is_)}
            >
              <span>{says}</span>
              <span className="text-sm text-soft">{wouldBeSays(path, element, name, is_)}</span>
            </button>
          </li>
        ))}
      </ul>
      <Besides later={later} out={() => answer(name, cannot)} />
    </>
  );
}

function Question({ says, caution, told }: { says: string; caution: string; told: string | undefined }) {
  return (
    <div className="border-l-4 border-brass pl-3">
      <h2 className="text-xl font-semibold">{says}</h2>
      <p className="text-soft">{caution}</p>
      {told && <p className="text-sm text-blue">{told}</p>}
    </div>
  );
}

const beside = 'min-h-[60px] cursor-pointer border border-hair px-3 font-head text-lg hover:border-ink';

function Besides({ later, out }: { later: () => void; out?: () => void }) {
  return (
    <div className="mt-2 grid grid-cols-2 gap-2">
      {out && (
        <button type="button" className={beside} onMouseDown={unfocused} onClick={out}>
          Cannot reach
        </button>
      )}
      <button type="button" className={beside} onMouseDown={unfocused} onClick={later}>
        Another look first
      </button>
    </div>
  );
}

const minutesWords = (minutes: number): string => (minutes < 1 ? 'half a minute' : minutes === 1 ? 'a minute' : `${minutes} minutes`);

/** What an answer would make likeliest, in words. */
function wouldBeSays(path: string, element: Element, name: LookName, text: string): string {
  const first = wouldBe(path, element, name, text);
  return `${familyLabel(first.family)}, ${percent(first.chance)} then`;
}
const percent = (chance: number): string => `${Math.round(100 * toldChance(chance))}\u00a0%`;

/** What was answered; each can be gone back to. */
const Answered = memo(function Answered({ element, pick }: { element: Element; pick: (name: string) => void }) {
  const names = (Object.keys(looks) as LookName[]).filter((name) => element.inputs[name]);
  if (names.length === 0) return null;
  return (
    <p className="mt-3 flex flex-wrap gap-2 text-sm">
      <span className="py-2 text-soft">so far</span>
      {names.map((name) => {
        const text = element.inputs[name]?.text ?? '';
        const says = (looks[name].answers as Readonly<Record<string, string>>)[text] ?? 'cannot be reached';
        return (
          <button
            key={name}
            type="button"
            className="min-h-11 cursor-pointer border border-hair px-2 text-left hover:border-ink"
            onClick={() => pick(name)}
          >
            {says}
          </button>
        );
      })}
    </p>
  );
});

/** So many are listed; the rest is out, or nearly. */
const mostListed = 5;
const leastListed = 0.005;

function StillPossible({ is: { ranking, doubtful, impossible } }: { is: WhatIsIt }) {
  const listed = ranking.filter(({ chance }, k) => k < mostListed && chance >= leastListed);
  return (
    <>
      <Head says="Still possible" beside="how likely" />
      <ol className="grid gap-1">
        {listed.map((each, k) => (
          <Possible key={each.family} ranked={each} isFirst={k === 0} />
        ))}
      </ol>
      {doubtful.length > 0 && (
        <p role="status" className="mt-1 text-close-word">
          Look again: {doubtful.map(({ says }) => `“${says}”`).join(', ')} {doubtful.length > 1 ? 'speak' : 'speaks'} against it.
        </p>
      )}
      {impossible.map(({ says }) => (
        <p key={says} role="alert" className="mt-1 text-fails-word">
          These readings cannot be true: {says}. Measure them again; the others are kept.
        </p>
      ))}
      <p className="mt-1 text-sm text-soft">The colours of the wires are no evidence: makers differ, and green has been a winding.</p>
    </>
  );
}

const Head = ({ says, beside: also }: { says: string; beside?: string }) => (
  <h3 className="mt-3 flex items-baseline justify-between font-head text-lg tracking-wide text-blue uppercase first:mt-0">
    {says} {also && <span className="font-text text-sm tracking-normal text-soft normal-case">{also}</span>}
  </h3>
);

/** A kind of motor, how likely it is, and what speaks for it and against it. */
function Possible({ ranked, isFirst }: { ranked: Ranked; isFirst: boolean }) {
  const { family, chance } = ranked;
  const evidence = evidenceWords(ranked);
  const row = (
    <span className="grid w-full grid-cols-[minmax(0,1fr)_6rem_3rem] items-baseline gap-x-3">
      <span>{familyLabel(family)}</span>
      <span aria-hidden="true" className="relative h-2.5 self-center border-b border-hair">
        <span className="absolute inset-y-0 left-0 bg-brass" style={{ width: `${100 * chance}%` }} />
      </span>
      <b className="text-right font-semibold">{percent(chance)}</b>
    </span>
  );
  if (!evidence || isFirst)
    return (
      <li>
        {row}
        {evidence && <p className="text-sm text-soft">{evidence}</p>}
      </li>
    );
  return (
    <li>
      <details>
        <summary className="flex cursor-pointer pointer-coarse:min-h-11 pointer-coarse:py-2">{row}</summary>
        <p className="text-sm text-soft">{evidence}</p>
      </details>
    </li>
  );
}

const ends_W = [2, 10_000] as const;
/** So wide a range is no answer. */
const tooWide = 40;
const ticks_W = [5, 20, 100, 500, 2000];

const Power = memo(function Power({ is: { likely, drawn } }: { is: WhatIsIt }) {
  useUnits();
  const [frame, width] = useWidth<HTMLDivElement>();
  const [low, at, high] = likely.power_W;
  const x = scaleLog(ends_W, [4, Math.max(5, width - 4)]).clamp(true);
  const says = high / low > tooWide ? 'not known yet' : `${show(low, 'W')} to ${show(high, 'W')} at the shaft`;
  return (
    <>
      <Head says="Power so far" beside={says} />
      <div ref={frame} className="min-w-0 overflow-hidden">
        <svg width={width} height={44} role="img" aria-label={`power: ${says}`}>
          <path d={`M${x(low)} 6H${x(high)}v12H${x(low)}z`} fill="var(--brass)" opacity="0.45" />
          <path d={`M4 18H${width - 4}${ticks_W.map((tick) => `M${x(tick)} 18v-6`).join('')}`} stroke="var(--ink)" fill="none" />
          <path d={`M${x(at) - 5} 0h10l-5 9z`} fill="var(--brass)" />
          {ticks_W.map((tick) => (
            <text key={tick} x={x(tick)} y={36} fontSize="13" textAnchor="middle" fill="var(--soft)">
              {show(tick, 'W')}
            </text>
          ))}
        </svg>
      </div>
      {drawn && high / low <= tooWide && (
        <p>
          {show(likely.torque_Nm[0], 'N·m')} to {show(likely.torque_Nm[2], 'N·m')} for good; {show(drawn.draws_A[0], 'A')}
          {drawn.draws_A[1] > drawn.draws_A[0] && ` to ${show(drawn.draws_A[1], 'A')}`} at {show(drawn.at_V, 'V')}.
        </p>
      )}
      <p className="text-sm text-soft">
        {show(likely.speed_rpm[0], 'rpm')} to {show(likely.speed_rpm[2], 'rpm')} under load. From {likely.rests.join(', ')}.
      </p>
    </>
  );
});

/** Which wire is which, as far as readings tell. */
const Wires = memo(function Wires({ is: { terminals, strips } }: { is: WhatIsIt }) {
  if (strips.length === 0) return null;
  return (
    <>
      <Head says="Its wires" beside="if it is the likeliest" />
      <TerminalsDrawing strips={strips} />
      <ul className="grid gap-1">
        {terminals.map(({ wires, says }) => (
          <li key={`${wires.join()} ${says}`} className="grid grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-3">
            <span className="flex gap-1">
              {wires.map((wire) => (
                <b key={wire} className="grid min-w-7 place-items-center rounded-full border border-brass px-1.5 font-semibold">
                  {wire}
                </b>
              ))}
            </span>
            <span>{says}</span>
          </li>
        ))}
      </ul>
    </>
  );
});

/** From here on a kind can be taken as what it is. */
const leastTaken = 0.05;
/** Before that it is looked on. */
const leastFirst = 0.4;

const Take = memo(function Take({ is: { ranking, next }, take }: { is: WhatIsIt; take: (family: Ranked['family']) => void }) {
  const [first] = ranking;
  if (!first || (first.chance < leastFirst && next.length > 0)) return null;
  const likely = ranking.slice(0, 3).filter(({ chance }) => chance >= leastTaken);
  return (
    <>
      <Head says="Go on as" />
      <ul className="grid gap-2">
        {likely.map(({ family }, k) => (
          <li key={family}>
            <button
              type="button"
              className={`min-h-11 w-full cursor-pointer border px-3 text-left ${k === 0 ? 'border-blue font-semibold text-blue' : 'border-hair'}`}
              onClick={() => take(family)}
            >
              {familyLabel(family)}
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-1">{familyFed(first.family)}.</p>
      <p className="mt-1 text-sm text-soft">What was estimated is entered as a guess, each to be measured later. Undo takes it back.</p>
    </>
  );
});
