import type { Element, Ranked } from '@hobrek/core';
import { memo, startTransition, useCallback, useDeferredValue, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { afterFrame } from '../../shared/after-frame.js';
import { whileIdle } from '../../shared/while-idle.js';
import type { ToolShown } from '../tool.js';
import { aheadOf, answered, laterOf, type Seen, seenOf } from './ahead.js';
import { Answered, Look } from './look.js';
import { type Turn, useTurn } from './turn.js';
import { Power, StillPossible, Take, Wires } from './what-it-is.js';

/** What the motor in hand is: one look after the other, each with what it would settle; what is still possible, and what that is worth. */
export function Identify({ path, element: kept, build, change, Entry }: ToolShown) {
  const [picked, setPicked] = useState<string | null>(null);
  const [element, press] = usePresses(path, kept, change);
  const now = seenOf(path, element, build.supply.voltage?.value, picked);
  const screens = useScreens(now);
  const turn = useTurn(now.key);
  const answer = useCallback(
    (seen: Seen, name: string, text: string) => {
      const then = seenOf(path, answered(seen.element, name, text), seen.wall_V, null);
      press(turn.to(then.key), () => setPicked(null), { name, text });
    },
    [turn, press, path],
  );
  const pick = useCallback(
    (seen: Seen, look: string | null) => press(turn.to(seenOf(path, seen.element, seen.wall_V, look).key), () => setPicked(look)),
    [turn, press, path],
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
          place={turn.place}
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
  readonly place: Turn['place'];
  readonly answer: (seen: Seen, name: string, text: string) => void;
  readonly pick: (seen: Seen, look: string | null) => void;
  readonly take: (family: Ranked['family']) => void;
}

/**
 * A screen in the one place that all of them share. Those behind the one that is seen are laid out once, and then neither drawn, pressed, found nor read out:
 * of what is in them nothing has to be styled or laid out anew when one of them is seen. Contained as they are behind, the page around them is laid out in a
 * quarter of the time when they change places.
 */
const Screen = memo(function Screen({ isShown, Entry, place, ...shown }: ScreenShown) {
  // Made at the press, it has first what is still possible; what that is worth, and how it is gone on with, in the next frame.
  const isWhole = useDeferredValue(true, !isShown);
  // A field is of the screen that is seen alone, from the frame after the press.
  const Typed = useDeferredValue(Entry, undefined);
  const [isLaidOut, setLaidOut] = useState(false);
  useEffect(() => afterFrame(() => setLaidOut(true)), []);
  const screen = useRef<HTMLElement>(null);
  const { key } = shown.seen;
  useLayoutEffect(() => (screen.current ? place(key, screen.current) : undefined), [place, key]);
  const contentVisibility = isShown ? 'visible' : isLaidOut ? 'hidden' : undefined;
  return (
    <section
      ref={screen}
      aria-label="what is this motor"
      aria-hidden={!isShown}
      className={`contain-content ${contentVisibility ? '' : 'max-h-0 overflow-hidden'}`}
      style={{ contentVisibility }}
    >
      <OnScreen {...shown} Entry={Typed} isWhole={isWhole} />
    </section>
  );
});

/** A look, what was answered, and what is possible by it. */
const OnScreen = memo(function OnScreen({
  seen,
  entered,
  Entry,
  isWhole,
  answer,
  pick,
  take,
}: Omit<ScreenShown, 'isShown' | 'place'> & { isWhole: boolean }) {
  const { look, is, element } = seen;
  const say = useCallback((name: string, text: string) => answer(seen, name, text), [answer, seen]);
  const go = useCallback((to: string | null) => pick(seen, to), [pick, seen]);
  return (
    <div className="gap-x-8 border border-ink bg-sheet 2xl:grid 2xl:grid-cols-[minmax(0,6fr)_minmax(0,5fr)]">
      <div className="min-w-0 p-4">
        {look ? (
          <Look seen={seen} look={look} entered={entered ?? element} Entry={Entry} answer={say} later={() => go(laterOf(seen))} />
        ) : (
          <p className="text-soft">Nothing that is left to look at would tell more.</p>
        )}
        {isWhole && <Answered element={element} pick={go} />}
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

/** What a press says of the motor. */
interface Given {
  readonly name: string;
  readonly text: string;
}

/**
 * The motor with an answer in it from the moment of the press: the panel tells what it makes of it before the build that the motor is in is worked out again.
 * @returns the motor as it is shown, and how a press is followed: at once, or where its screen is seen already, once that is drawn
 */
function usePresses(
  path: string,
  kept: Element,
  change: ToolShown['change'],
): readonly [Element, (isSeen: boolean, follow: () => void, says?: Given) => void] {
  const [given, setGiven] = useState<(Given & { readonly of: Element }) | null>(null);
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
  const press = useCallback(
    (isSeen: boolean, follow: () => void, says?: Given) => {
      now();
      const shown = () => {
        if (says) setGiven({ of: latest.current, ...says });
        follow();
      };
      if (!isSeen) shown();
      waiting.current = () => {
        if (isSeen) shown();
        if (!says) return;
        change.typed(`${path}/${says.name}`, says.text);
        change.fieldLeft();
      };
      afterFrame(now);
    },
    [now, change, path],
  );
  const shown = useMemo(() => (given?.of === kept ? answered(kept, given.name, given.text) : kept), [kept, given]);
  return [shown, press];
}
