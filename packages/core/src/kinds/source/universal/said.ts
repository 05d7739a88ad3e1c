import type { Fed, Said } from '../../kind.js';
import type { Inputs } from './fields.js';

/** What to beware of with a universal motor, and what is not entered of it although it matters. */
export function said({ protector, fan, powerIs, power, held }: Inputs, fed: Fed): Required<Pick<Said, 'cautions' | 'notEntered' | 'notWorkedOut'>> {
  const cautions = [
    'Never on full voltage without its load: it runs away. The first run is at 12 to 24 V, with a speed at which to stop.',
    'Isolate the motor and wait before reaching in: never clear a jam with the power on.',
    'Its speed board is not isolated from the mains: every part of it and of the motor is live. No computer and no probe on it.',
    ...(fan.is === 'none'
      ? ['Bare, it overheats within minutes: forced air from the first run on. Blocking the inlet of a cleaner’s motor speeds it up.']
      : ['Slow and loaded it overheats: its fan is on its shaft.']),
    ...(held.known ? ['A board that loses its tachometer runs the motor away: fix its wires well, and never power the tachometer’s coil.'] : []),
    ...(protector.is === 'self-resetting'
      ? ['This thermal cut-out resets by itself: the machine starts again while a jam is being cleared. Pull the plug first.']
      : []),
    'It is reversed by its field changed over against its armature, at standstill; brushes may be set for one direction.',
    'With the power off it only coasts: without current it has no field, makes next to no voltage and brakes nothing.',
    'Strap it down, guard it, eyes and ears protected: it is loud and its chips fly.',
    'Motors of kitchen and hand tools are made for minutes: let them cool between runs.',
    'Earth to the frame before any power; mains wiring follows your local code and belongs to a licensed electrician.',
  ];
  const notEntered = [
    ...(powerIs.is || !power.known ? [] : ['whether the plate states what it draws or shaft power']),
    ...(fed.current.is === undefined ? ['what kind of current supplies it'] : []),
    ...(protector.is ? [] : ['thermal cut-out of the motor']),
  ];
  return { cautions, notEntered, notWorkedOut: ['wear of the brushes'] };
}
