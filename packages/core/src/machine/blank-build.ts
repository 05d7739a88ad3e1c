import type { Role } from '../kinds/kind.js';
import { kindHead } from '../kinds/registry.js';
import { type Build, buildFormat, buildVersion } from './build.js';

/** A build with nothing entered yet: a motor, a V-belt and some work, for the person to fill in. */
export function blankBuild(name: string): Build {
  return {
    format: buildFormat,
    version: buildVersion,
    name,
    brief: '',
    supply: {},
    lines: [
      {
        id: 'main',
        name: 'motor to tool',
        source: empty('source', 'plate-motor'),
        stages: [{ id: 'belt', ...empty('stage', 'v-belt') }],
        work: empty('work', 'direct'),
        stations: [
          { id: 'motor', name: 'motor shaft' },
          { id: 'tool', name: 'tool shaft' },
        ],
      },
    ],
    shafts: [],
    notes: '',
  };
}

/** An element of a kind, of today's version, with nothing entered. */
const empty = (role: Role, kind: string) => ({ kind, v: kindHead(role, kind)?.v ?? 1, inputs: {} });
