import { showShare } from '../../../quantity/show.js';
import type { Inputs } from './fields.js';
import type { OnWall } from './on-wall.js';

const connectionSays = {
  neutral: 'On this wall it is connected between one phase and neutral, never between two phases.',
  star: 'On this wall it is connected in star; in delta it burns.',
  delta: 'On this wall it is connected in delta; in star it has a third of its torque.',
} as const;

/** What to beware of with this motor, and what is not entered of it although it matters. */
export function said({ protector, duty, onShare, powerIs, start, phases }: Inputs, { connection }: OnWall, isAssumed: boolean) {
  const startsBy = phases.is === '3' ? undefined : (start.is ?? 'unknown');
  const cautions = [
    'Isolate the motor and wait before reaching in: never clear a jam with the power on.',
    ...(protector.is === 'self-resetting' || !protector.is
      ? [
          `${protector.is ? 'This thermal cut-out resets' : 'A thermal cut-out that is not known may reset'} by itself: the machine starts again while a jam is being cleared. Pull the plug first.`,
        ]
      : []),
    'A residual-current device and an earthed frame before anything else; a no-volt release, so that it stays off when the power comes back; an emergency stop within reach of whoever feeds it.',
    ...(startsBy ? ['A single-phase motor is reversed at standstill only: running, it goes on the way it turns.'] : []),
    ...(startsBy === 'unknown' || startsBy?.includes('capacitor')
      ? ['A capacitor stays charged with the plug out: leave its terminals to someone licensed to open the motor.']
      : []),
    ...(duty.is && duty.is !== 'S1'
      ? [
          `The plate’s power is for ${duty.is}${onShare.known ? ` ${showShare(onShare.value)}` : ''} only: what it runs for longer is an estimate by how it warms up.`,
        ]
      : []),
    ...(connection ? [connectionSays[connection]] : []),
    'Mains wiring follows your local code and belongs to a licensed electrician.',
  ];
  const notEntered = [
    ...(powerIs.is ? [] : [`whether the plate states shaft or input power${isAssumed ? ', taken as shaft power since its amps agree' : ''}`]),
    ...(phases.is !== '3' && !start.is ? ['how the motor starts'] : []),
    ...(protector.is ? [] : ['thermal cut-out of the motor']),
  ];
  return { cautions, notEntered };
}
