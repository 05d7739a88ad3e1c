import { useEffect } from 'react';
import { useOpen } from '../open-build/here.js';
import { useUnits } from '../shared/preferences.js';
import { whileIdle } from '../shared/while-idle.js';
import { useMotorInHand } from './use-motor-in-hand.js';

/** Who stays with a motor for so long without changing it may ask about it next. */
const quiet_ms = 2_500;

/** Tries ahead what the motor of a line could drive, beside the page and while nobody presses. Shows nothing, so that the page about the motor is not drawn anew. */
export function DrivesAhead({ line }: { line: string }) {
  const { id } = useOpen();
  const motor = useMotorInHand(line);
  const units = useUnits();
  useEffect(() => {
    if (!motor) return undefined;
    const ending = new AbortController();
    const begin = async () => {
      // The page does not wait for its code, either.
      const { tryAhead } = await import('./try-ahead.js');
      ending.signal.throwIfAborted();
      await tryAhead(motor, units, id, ending.signal);
    };
    let giveUp = () => {};
    const timer = setTimeout(() => {
      // Nobody waits for it: what fails is tried again, and told, when somebody asks.
      giveUp = whileIdle([() => void begin().catch(() => {})]);
    }, quiet_ms);
    return () => {
      clearTimeout(timer);
      giveUp();
      ending.abort(new DOMException('It is not looked at any more', 'AbortError'));
    };
  }, [motor, units, id]);
  return null;
}
