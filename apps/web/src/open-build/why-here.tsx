import * as Popover from '@radix-ui/react-popover';
import { type ComponentProps, createContext, type ReactNode, use, useMemo, useRef, useState } from 'react';

/** What was pressed to ask why, and the answer. */
interface Question {
  readonly nth: number;
  readonly called: string;
  readonly pressed: HTMLElement;
  /** Where the focus was then: of a press by F1 the field. */
  readonly from: Element | null;
  readonly answer: ReactNode;
}

type Press = (pressed: HTMLElement, answer: ReactNode, called: string) => void;

const Pressed = createContext<Press>(() => {});

interface Asking extends Omit<ComponentProps<'button'>, 'onClick'> {
  readonly answer: ReactNode;
  /** What the answer is, for who cannot see it. */
  readonly called?: string;
}

/** What can be pressed for an answer. A plain button: a page has hundreds, and one sheet answers for all of them. What is in it follows by itself. */
export function AskWhy({ answer, called = 'why', className, ...button }: Asking) {
  const press = use(Pressed);
  return (
    <button
      type="button"
      aria-haspopup="dialog"
      {...button}
      className={`cursor-help decoration-hair decoration-dotted underline-offset-4 hover:underline ${className}`}
      onClick={(event) => press(event.currentTarget, answer, called)}
    />
  );
}

/** Answers for all that is pressed in it, beside what was pressed. Pressed it asks; pressed again, it has been answered. */
export function WhyHere({ children }: { children: ReactNode }) {
  const [question, setQuestion] = useState<Question | null>(null);
  const press = useMemo<Press>(() => {
    let nth = 0;
    return (pressed, answer, called) =>
      setQuestion((now) => (now?.pressed === pressed ? null : { nth: ++nth, pressed, from: document.activeElement, answer, called }));
  }, []);
  return (
    <Pressed value={press}>
      {children}
      {question && <Sheet key={question.nth} question={question} close={() => setQuestion(null)} />}
    </Pressed>
  );
}

function Sheet({ question: { pressed, from, answer, called }, close }: { question: Question; close: () => void }) {
  // Who goes on elsewhere is not called back to the figure.
  const leftFor = useRef<EventTarget | null>(null);
  return (
    <Popover.Root open onOpenChange={close}>
      <Popover.Anchor virtualRef={{ current: pressed }} />
      <Popover.Portal>
        <Popover.Content
          aria-label={called}
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
            if (!leftFor.current) (from instanceof HTMLElement && from !== document.body ? from : pressed).focus();
          }}
          className="z-10 max-h-[min(80vh,var(--radix-popover-content-available-height))] w-100 max-w-[calc(100vw-24px)] overflow-y-auto border border-ink bg-sheet p-4 text-ink"
        >
          {answer}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
