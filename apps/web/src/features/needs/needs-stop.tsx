import { Needs } from '../../motor-in-hand/needs.js';
import { MotorViews } from '../../motor-in-hand/views.js';
import { useLine } from '../../open-build/in-sight.js';

/** What the motor needs, on a page that is printed as it is. */
export function NeedsStop() {
  const line = useLine(({ id }) => id);
  return (
    <div className="grow border-t border-ink px-6 pt-1 pb-6 max-sm:px-4">
      <MotorViews>
        <button type="button" className="min-h-11 cursor-pointer text-blue hover:underline sm:min-h-7 print:hidden" onClick={() => print()}>
          Print this page
        </button>
      </MotorViews>
      <Needs line={line} />
    </div>
  );
}
