import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import type { Candidate, SourceKind } from '../../kind.js';
import { plateMotorHead } from './fields.js';

/** Rated outputs of motors in kW (IEC 60072-1, from memory). The salvage heap holds others; these can be bought. */
const ratings_kW = [0.06, 0.09, 0.12, 0.18, 0.25, 0.37, 0.55, 0.75, 1.1, 1.5, 2.2, 3, 4, 5.5, 7.5, 11, 15, 18.5, 22] as const;

/** A motor taken at its word: the power and speed stamped on it, given steadily. */
export const plateMotor: SourceKind<typeof plateMotorHead.fields> = {
  ...plateMotorHead,
  gives: ({ power, speed }, { note }) => {
    note('power', power);
    return { speed: note('speed', speed), torque: note('torque', shaftTorque({ P: power, n: speed })) };
  },
  candidates: ({ power }): Candidate[] => {
    if (!power.known) return [];
    return ratings_kW
      .filter((rating) => rating * 1000 > power.value * 1.001)
      .slice(0, 3)
      .map((rating) => ({ field: 'power', text: `${rating} kW`, says: `a ${rating} kW motor` }));
  },
};
