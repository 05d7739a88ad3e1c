import { Drives } from '../../motor-in-hand/drives.js';
import { MotorViews } from '../../motor-in-hand/views.js';
import { useLine } from '../../open-build/in-sight.js';

/** What else the motor of this build could drive. */
export function DrivesStop() {
  const line = useLine(({ id }) => id);
  return (
    <div className="grow border-t border-ink px-6 pt-1 pb-6 max-sm:px-4">
      <MotorViews />
      <Drives line={line} />
    </div>
  );
}
