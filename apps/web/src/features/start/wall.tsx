import { findSized, type SizedKind } from '@hobrek/core';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { SketchDrawing } from '../../kinds/sketch-drawing.js';

interface WallShown {
  /** Kind of work that is picked. */
  readonly picked: string | null;
  readonly pick: (kind: string) => void;
  /** Other beginnings, found by their words where no machine is. */
  readonly others: readonly Beginning[];
}

export interface Beginning {
  readonly says: string;
  readonly words: string;
  readonly act: () => void;
}

/** The machines there are, each drawn at its usual size: found by words, picked by a press or by Enter. */
export function Wall({ picked, pick, others }: WallShown) {
  const [find, setFind] = useState('');
  const found = findSized(find);
  const beginnings = found.length > 0 ? [] : others.filter(({ words }) => words.includes(find.trim().toLowerCase()));
  const box = useRef<HTMLInputElement>(null);
  // Who comes by keys begins to type what it is to be.
  useEffect(() => {
    if (picked === null) box.current?.focus();
  }, [picked]);
  // Who changes their mind sees all of them again.
  const take = (kind: string) => {
    setFind('');
    pick(kind);
  };
  const pressed = (event: KeyboardEvent) => {
    if (event.key !== 'Enter') return;
    event.preventDefault();
    const [machine, other] = [found[0], beginnings[0]];
    if (machine) take(machine.kind);
    else other?.act();
  };
  return (
    <section aria-label="machines" className="min-w-0">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="font-head text-2xl tracking-wide uppercase">What is it to be?</h2>
        <input
          ref={box}
          type="search"
          aria-label="find a machine"
          placeholder="apple, stones, barrow …"
          value={find}
          onChange={(event) => setFind(event.target.value)}
          onKeyDown={pressed}
          className="w-48 border-b border-ink bg-transparent py-0.5 text-base outline-none placeholder:text-soft focus:bg-wash"
        />
      </div>
      <ul className="mt-3 grid grid-cols-3 gap-x-3 gap-y-4 max-sm:grid-cols-2">
        {found.map((each) => (
          <Machine key={each.kind} {...each} isPicked={each.kind === picked} pick={take} />
        ))}
      </ul>
      {beginnings.map(({ says, act }) => (
        <button key={says} type="button" className="mt-3 block cursor-pointer font-semibold text-blue hover:underline" onClick={act}>
          {says}
        </button>
      ))}
      {found.length === 0 && beginnings.length === 0 && (
        <p className="mt-3">Nothing here is called so. “Something else” takes any work of which torque and speed are known.</p>
      )}
    </section>
  );
}

function Machine({ kind, sizing, isPicked, pick }: SizedKind & { isPicked: boolean; pick: (kind: string) => void }) {
  return (
    <li>
      <button
        type="button"
        aria-pressed={isPicked}
        onClick={() => pick(kind)}
        className={`block w-full cursor-pointer border-b-4 pt-2 pb-1 text-center hover:bg-wash ${isPicked ? 'border-brass bg-wash' : 'border-transparent'}`}
      >
        <span className="flex justify-center border-b border-hair pb-1">
          <SketchDrawing sketch={sizing.drawn({})} width={140} height={90} plain />
        </span>
        <span className="mt-1 block font-head text-lg leading-tight">{sizing.name}</span>
        <span className="block text-sm text-soft">{sizing.runs}</span>
      </button>
    </li>
  );
}
