import { figureAt } from '@hobrek/core';
import type { ToolShown } from '../tool.js';

/** What the foot puts into the wheel at each stroke. */
export function Stroke({ path, evaluation }: ToolShown) {
  const torque = figureAt(evaluation, `${path}/torque`);
  return torque?.known ? <p>{(2 * Math.PI * torque.value).toFixed(0)} J a stroke</p> : null;
}
