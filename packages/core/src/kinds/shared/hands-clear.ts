import { yesNo } from '../fields.js';

/** Whether somebody reaches in when it jams: then it must not start again by itself. */
export const handsClearField = (usual: 'yes' | 'no') =>
  yesNo('Hands clear it', {
    options: { yes: 'yes, when it jams', no: 'no: closed, or nothing to reach into' },
    usual,
    help: 'Where hands reach in to clear a jam, a motor that starts again by itself hurts them.',
    measure: 'Think of the last time it was stuck.',
  });
