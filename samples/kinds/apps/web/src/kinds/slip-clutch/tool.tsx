import { elementsOf, figureAt } from '@hobrek/core';
import type { ToolShown } from '../tool.js';

/** A turn more or less on the springs, and what it slips at then. */
export function SpringTurns({ path, build, evaluation, change }: ToolShown) {
  const force = build.lines.flatMap(elementsOf).find((each) => each.path === path)?.element.inputs.springs?.value;
  const slips = figureAt(evaluation, `${path}/slips-at`);
  if (force === undefined || !slips?.known) return null;
  const turned = (by: number) => {
    change.typed(`${path}/springs`, `${Math.round(force * by)} N`);
    change.fieldLeft();
  };
  return (
    <p>
      <button type="button" onClick={() => turned(0.9)}>
        looser
      </button>{' '}
      slips at {slips.value.toFixed(1)} N·m{' '}
      <button type="button" onClick={() => turned(1.1)}>
        tighter
      </button>
    </p>
  );
}
