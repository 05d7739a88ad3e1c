import { useEffect } from 'react';
import { useUnits } from '../shared/preferences.js';
import { whileIdle } from '../shared/while-idle.js';
import { useMotorInHand } from './use-motor-in-hand.js';

/** A motor that nobody has changed for so long may be asked about next. */
const quiet_ms = 1_000;

/** Tries every kind of work with the motor of a line, beside the page and while nobody presses: what it could drive is there when it is pressed. Shows nothing, so that the page about it is not drawn anew. */
export function WorksAhead({ line }: { line: string }) {
  const motor = useMotorInHand(line);
  const units = useUnits();
  useEffect(() => {
    if (!motor) return undefined;
    // The page does not wait for its code, either.
    const begin = () => void import('./works-tried.js').then(({ worksTried }) => worksTried(motor, units));
    let giveUp = () => {};
    const timer = setTimeout(() => {
      giveUp = whileIdle([begin]);
    }, quiet_ms);
    return () => {
      clearTimeout(timer);
      giveUp();
    };
  }, [motor, units]);
  return null;
}
