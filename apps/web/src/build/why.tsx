import { type Figure, flag, formulas, type Known, listed, placesOf, show, showRange } from '@hobrek/core';
import { Popover } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { useOpenBuild } from './open-build.js';

/** Any figure, pressed, answers where it comes from: the formula, the numbers put in, the source, and behind each number the same again. */
export function Why({ figure, name, children }: { figure: Figure; name: string; children: ReactNode }) {
  return (
    <Popover.Root>
      <Popover.Trigger
        className="cursor-help text-left decoration-hair decoration-dotted underline-offset-4 hover:underline"
        aria-label={`${name}: ${spoken(figure)}. Why?`}
      >
        {children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content sideOffset={6} collisionPadding={12} className="z-10 w-96 max-w-[calc(100vw-24px)] border border-ink bg-sheet p-4 text-ink">
          <WhyTrail figure={figure} name={name} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
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

function Reason({ figure, down }: Step & { down: (step: Step) => void }) {
  const build = useOpenBuild(({ open }) => open?.build);
  const places = build ? placesOf(build) : [];
  const labelOf = (path: string) => places.find((place) => place.path === path)?.field.label ?? path;
  if (!figure.known) {
    const missing = listed(figure.missing.map(labelOf));
    return <p className="mt-2">{missing ? `Enter ${missing} and it can be worked out.` : `${figure.because ?? 'It has no value here'}.`}</p>;
  }
  const { origin } = figure;
  if (origin.by === 'given') {
    return (
      <p className="mt-2">
        {labelOf(origin.field)}: typed “{origin.text}”, that is {spoken(figure)}.
      </p>
    );
  }
  if (origin.by === 'usual') {
    return (
      <p className="mt-2">
        {labelOf(origin.field)} is not entered; usual is {spoken(figure)}. {origin.source}.
      </p>
    );
  }
  if (origin.by === 'limit') return <p className="mt-2">{origin.source}.</p>;
  const formula = formulas.get(origin.id);
  if (!formula) return null;
  return (
    <>
      <p className="mt-2 text-xl font-semibold text-blue">
        {readable(formula.symbol)} = {readable(formula.expr)}
      </p>
      <p className="mt-1">
        = <b>{spoken(figure)}</b>
      </p>
      <ul className="mt-3 border-l-2 border-brass pl-3">
        {Object.entries(origin.from).map(([symbol, part]) => (
          <li key={symbol}>
            <button
              type="button"
              className="cursor-pointer text-left hover:underline"
              onClick={() => down({ figure: part, name: formula.inputs[symbol]?.means ?? symbol })}
            >
              <b>{readable(symbol)}</b> {spoken(part)} <span className="text-sm text-soft">{formula.inputs[symbol]?.means}</span>
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-3 text-sm text-soft">{formula.source}.</p>
      {(figure.flags & flag.outsideValid) !== 0 && (
        <p className="mt-1 text-sm text-close-word">Outside the range in which this formula is good: take it as a hint.</p>
      )}
    </>
  );
}

/** A formula with the signs of print in place of those of a keyboard. */
const readable = (expr: string) =>
  expr
    .replaceAll('*', '×')
    .replaceAll('pi', 'π')
    .replaceAll(' - ', ' − ')
    .replaceAll('sqrt', '√')
    .replaceAll('^2', '²')
    .replace(/(?<=[A-Za-z])\d/g, (digit) => String.fromCodePoint(0x2080 + Number(digit)));

function spoken(figure: Figure): string {
  if (!figure.known) return 'not known';
  const { value, low, high, unit }: Known = figure;
  return low === undefined || high === undefined ? show(value, unit) : `${show(value, unit)} (${showRange(low, high, unit)})`;
}
