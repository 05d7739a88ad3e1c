import type { ToolShown } from '../tool.js';

/** The power that it puts out for good. */
export function SetPower({ element: { inputs } }: ToolShown) {
  const [volts, amps] = [inputs.voltage?.value, inputs.amps?.value];
  return volts === undefined || amps === undefined ? null : <p>{Math.round(volts * amps)} VA for good</p>;
}
