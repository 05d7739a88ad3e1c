import { cannot, type Element, familyLabel, type LookName, looks, settlesWords } from '@hobrek/core';
import { memo } from 'react';
import type { ToolShown } from '../tool.js';
import { type Seen, wouldBe } from './ahead.js';
import { LookDrawing } from './look-drawing.js';
import { noPlateField } from './no-plate-field.js';
import { percent } from './percent.js';

/** A press takes no focus to what is gone a moment later: a browser lays the whole page out once more to take it away again. A field that was typed in is left by it all the same. */
const unfocused = (event: React.MouseEvent): void => {
  if (!(document.activeElement instanceof HTMLInputElement)) event.preventDefault();
};

export interface Looked {
  readonly seen: Seen;
  readonly look: string;
  /** How its field is entered, where it is answered in one. */
  readonly Entry: ToolShown['Entry'] | undefined;
  readonly answer: (name: string, text: string) => void;
  readonly entered: Element;
  readonly later: () => void;
}

/** One look: where, how, with what care, and what each answer would make of it. */
export function Look({ seen, look, entered, Entry, answer, later }: Looked) {
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

/** What was answered; each can be gone back to. */
export const Answered = memo(function Answered({ element, pick }: { element: Element; pick: (name: string) => void }) {
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
