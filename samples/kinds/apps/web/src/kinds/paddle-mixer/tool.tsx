import type { ToolShown } from '../tool.js';

/** Tries a mix that is stiffer by half. */
export function StifferMix({ path, element, change }: ToolShown) {
  const torque = element.inputs.torque?.value;
  if (torque === undefined) return null;
  return (
    <button type="button" onClick={() => change.typed(`${path}/torque`, `${(1.5 * torque).toFixed(1)} N·m`)}>
      try a mix that is stiffer by half
    </button>
  );
}
