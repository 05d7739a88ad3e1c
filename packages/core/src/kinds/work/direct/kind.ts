import type { WorkKind } from '../../kind.js';
import { directWorkHead } from './fields.js';

/** Work whose torque is measured or known: the same at every speed. */
export const directWork: WorkKind<typeof directWorkHead.fields> = {
  ...directWorkHead,
  asks: ({ torque }, _speed, { note }) => note('torque', torque),
};
