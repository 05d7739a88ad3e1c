import type { FindRequest } from '../src/finder/request.js';
import { blankBuild } from '../src/machine/blank-build.js';
import type { Build } from '../src/machine/build.js';
import { withKind, withoutStage } from '../src/machine/reshape.js';
import { afterTyping } from './crusher.js';

/** A motor and a piece of work as a request for a drive has them, with nothing between them, and whatever else is typed. */
export function tried({ source, work }: Pick<FindRequest, 'source' | 'work'>, typed: Readonly<Record<string, string>> = {}): Build {
  const bare = withoutStage(withKind(blankBuild('Tried'), 'main/work', 'direct'), 'main/belt');
  return afterTyping(bare, {
    'main/source/power': `${source.power_W} W`,
    'main/source/powerIs': 'shaft',
    'main/source/speed': `${source.speed_rpm} rpm`,
    'main/source/start': source.starts < 1 ? 'capacitor-run' : 'capacitor-start',
    'main/work/torque': `${work.torque_Nm} N·m`,
    'main/work/breakaway': `${work.start_Nm} N·m`,
    'main/work/shock': work.shock,
    ...typed,
  });
}
