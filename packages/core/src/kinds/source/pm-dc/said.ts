import type { Fed, Said } from '../../kind.js';
import type { Inputs } from './fields.js';

/** Below it a motor is fed by a battery, or as from one. */
const ofBattery_V = 60;

/** What to beware of with a motor with magnets, and what is not entered of it although it matters. */
export function said(
  { protector, fan, powerIs, power, current, flywheel, voltage }: Inputs,
  fed: Fed,
): Required<Pick<Said, 'cautions' | 'notEntered' | 'notWorkedOut'>> {
  const cautions = [
    'Isolate the motor and wait before reaching in: never clear a jam with the power on.',
    voltage.known && voltage.value < ofBattery_V
      ? 'A battery puts out hundreds of amps into a short: a fuse at the battery, sized for the wire.'
      : 'A treadmill’s board is not isolated from the mains: every part of it and of the motor’s circuit is live. No computer and no probe on it.',
    'Turned by its load it is a generator: its terminals are live while it turns.',
    'Strap it down before the first run; the first run is at a few volts, unloaded.',
    ...(fan.is === 'none' ? ['Without its fan it heats up within minutes under load: feel it, or measure, from the first run on.'] : []),
    ...(flywheel.known ? ['A treadmill’s flywheel may be screwed on: braked hard, or turned the other way, it unscrews.'] : []),
    ...(protector.is === 'self-resetting'
      ? ['This thermal cut-out resets by itself: the machine starts again while a jam is being cleared. Pull the plug first.']
      : []),
    'It is reversed by its two leads changed over, at standstill; brushes may be set for one direction.',
    'Earth to the frame before any power; mains wiring follows your local code and belongs to a licensed electrician.',
  ];
  const notEntered = [
    ...(fed.current.is === undefined ? ['what kind of current supplies it'] : []),
    ...(current.known || !power.known || powerIs.is ? [] : ['whether the plate states shaft power or a peak']),
    ...(protector.is ? [] : ['thermal cut-out of the motor']),
  ];
  return { cautions, notEntered, notWorkedOut: ['wear of the brushes'] };
}
