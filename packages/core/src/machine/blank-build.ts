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
        source: { kind: 'plate-motor', v: 2, inputs: {}, settings: [] },
        stages: [{ id: 'belt', kind: 'v-belt', v: 2, inputs: {} }],
        work: { kind: 'direct', v: 2, inputs: {} },
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
