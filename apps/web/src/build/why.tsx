import { explain, explainAsText, type Figure, figuresByPath, usedBy } from '@hobrek/core';
import { Popover } from 'radix-ui';
import { type ComponentProps, type ReactNode, useEffect, useRef, useState } from 'react';
import { create } from 'zustand';
import { copyText } from '../shared/copy-text.js';
import { useOpenBuild } from './store.js';

/** What was pressed to ask why, and the answer. */
interface Question {
  readonly nth: number;
  readonly pressed: HTMLElement;
  readonly answer: ReactNode;
}

let asked = 0;

const useQuestion = create<{ readonly asked: Question | null }>(() => ({ asked: null }));

const ask = (question: Question | null) => useQuestion.setState({ asked: question });

/** Pressed it asks; pressed again, it has been answered. */
function press(pressed: HTMLElement, answer: ReactNode): void {
  ask(useQuestion.getState().asked?.pressed === pressed ? null : { nth: ++asked, pressed, answer });
}

interface Asking extends Omit<ComponentProps<'button'>, 'onClick'> {
  readonly answer: ReactNode;
}

/** What can be pressed for an answer. A plain button: a page has hundreds, and one sheet answers for all of them. What is in it follows by itself. */
export function AskWhy({ answer, className, ...button }: Asking) {
  return (
    <button
      type="button"
      aria-haspopup="dialog"
      {...button}
      className={`cursor-help decoration-hair decoration-dotted underline-offset-4 hover:underline ${className}`}
      onClick={(event) => press(event.currentTarget, answer)}
    />
  );
}

/** Stands once on a page that has figures, and answers beside the one that was pressed. */
export function WhySheet() {
  const question = useQuestion((store) => store.asked);
  // Who goes on elsewhere is not called back to the figure.
  const leftFor = useRef<EventTarget | null>(null);
  useEffect(() => () => ask(null), []);
  if (!question) return null;
  const { nth, pressed, answer } = question;
  return (
    <Popover.Root key={nth} open onOpenChange={() => ask(null)}>
      <Popover.Anchor virtualRef={{ current: pressed }} />
      <Popover.Portal>
        <Popover.Content
          aria-label="why"
          sideOffset={6}
          collisionPadding={12}
          onOpenAutoFocus={() => {
            leftFor.current = null;
          }}
          onInteractOutside={(event) => {
            // What a press on the figure itself does is told by the figure.
            if (pressed.contains(event.target as Node)) event.preventDefault();
            else leftFor.current = event.target;
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            if (!leftFor.current) pressed.focus();
          }}
          className="z-10 max-h-[80vh] w-100 max-w-[calc(100vw-24px)] overflow-y-auto border border-ink bg-sheet p-4 text-ink"
        >
          {answer}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** Where a figure comes from: the relation, the numbers put in, the source, and behind each number the same again. */
export function WhyOf({ path, name }: { path: string; name: string }) {
  const figure = useOpenBuild(({ open }) => open && figuresByPath(open.evaluation).get(path));
  return figure ? <WhyTrail figure={figure} name={name} /> : null;
}

interface Step {
  readonly figure: Figure;
  readonly name: string;
}

/** Walks down from a figure to what it is made of, and back. */
export function WhyTrail({ figure, name }: Step) {
  const [trail, setTrail] = useState<readonly Step[]>([{ figure, name }]);
  const here = trail.at(-1) as Step;
  return (
    <>
      <div className="flex items-baseline gap-2">
        <h2 className="font-head text-lg tracking-wide text-blue uppercase">Why</h2>
        <span className="text-sm text-soft">{here.name}</span>
        {trail.length > 1 && (
          <button type="button" className="ml-auto cursor-pointer text-sm text-blue underline" onClick={() => setTrail(trail.slice(0, -1))}>
            back to {trail.at(-2)?.name}
          </button>
        )}
      </div>
      <Reason {...here} down={(step) => setTrail([...trail, step])} />
    </>
  );
}

function Reason({ figure, name, down }: Step & { down: (step: Step) => void }) {
  const open = useOpenBuild((store) => store.open);
  if (!open) return null;
  const { shows, relation, parts, says, caution } = explain(open.build, figure);
  const uses = usedBy(open.evaluation, figure);
  return (
    <>
      {relation && (
        <>
          <p className="mt-2 text-xl font-semibold text-blue">{relation.symbols}</p>
          <p className="mt-1">
            = {relation.numbers} = <b>{shows}</b>
          </p>
        </>
      )}
      {parts.length > 0 && (
        <ul className="mt-3 border-l-2 border-brass pl-3">
          {parts.map((part) => (
            <li key={part.symbol}>
              <button
                type="button"
                className="cursor-pointer text-left hover:underline"
                onClick={() => down({ figure: part.figure, name: part.means || part.symbol })}
              >
                <b>{part.symbol}</b> {part.shows} <span className="text-sm text-soft">{part.means}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
      {says.map((sentence) => (
        <p key={sentence} className={relation ? 'mt-3 text-sm text-soft' : 'mt-2'}>
          {sentence}
        </p>
      ))}
      {caution && <p className="mt-1 text-sm text-close-word">{caution}</p>}
      {uses.length > 0 && <p className="mt-1 text-sm text-soft">Used by: {uses.join(' · ')}</p>}
      <CopyText text={() => explainAsText(open.build, figure, name)} />
    </>
  );
}

function CopyText({ text }: { text: () => string }) {
  const [said, setSaid] = useState('copy as text');
  const copy = () => {
    void copyText(text()).then((done) => setSaid(done ? 'copied' : 'the browser does not allow it'));
  };
  return (
    <button type="button" className="mt-2 cursor-pointer text-sm text-blue underline" onClick={copy}>
      {said}
    </button>
  );
}
