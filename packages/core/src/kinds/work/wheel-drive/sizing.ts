import { type At, centre, circle, letter, measure, path, type Sketch, shape } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The barrow on its slope. */
function drawn({ b: slope = 0.15, d: wheel = 400 }: Sized): Sketch {
  const R = wheel / 2;
  const tilt = Math.atan(Math.min(slope, 1));
  const on = (along: number, up: number): At => [along * Math.cos(tilt) - up * Math.sin(tilt), along * Math.sin(tilt) + up * Math.cos(tilt)];
  const reach = 1.1 * wheel + 500;
  const hub = on(0, R);
  const foot = on(-reach, 0);
  return {
    strokes: [
      shape([on(-520, R + 130), on(-620, R + 460), on(460, R + 460), on(300, R + 130)], 'stuff'),
      shape([on(-520, R + 130), on(-620, R + 460), on(460, R + 460), on(300, R + 130)]),
      circle(hub, R),
      circle(hub, 0.82 * R, 'thin'),
      ...centre(hub, 0.3 * R),
      path([on(-520, R + 130), on(-940, R + 330)]),
      path([on(-430, R + 130), on(-430, 20)]),
      path([foot, on(reach, 0)]),
      path([foot, [foot[0] + 2 * reach * Math.cos(tilt), foot[1]]], 'thin'),
      measure('d', on(R + 40, 0), on(R + 40, wheel), -0.22 * wheel),
      letter('a', on(-110, R + 300)),
      letter('b', [foot[0] + 1.75 * reach * Math.cos(tilt), foot[1] + Math.max(40, 0.85 * reach * Math.sin(tilt))]),
      letter('c', on(-reach * 0.72, 60)),
      path([on(520, R + 300), on(760, R + 300)], 'thin'),
      path([on(715, R + 322), on(760, R + 300), on(715, R + 278)], 'thin'),
      letter('e', on(640, R + 380)),
    ],
  };
}

export const wheelDriveSizing: Sizing = {
  name: 'Powered barrow',
  words: ['cart', 'kelp', 'wheels', 'tug', 'trolley', 'wagon', 'kart'],
  runs: 'walking pace',
  tool: 'axle',
  reverses: { why: 'a cart backs out of a corner', must: false },
  awayFromMains: true,
  fields: [
    { letter: 'a', at: 'work/mass', where: 'on scales', usual: '200 kg', from: '80 kg', to: '500 kg' },
    { letter: 'b', at: 'work/slope', where: 'rise over a metre', usual: '15 %', from: '2 %', to: '30 %' },
    { letter: 'c', at: 'work/ground', where: 'the worst of it', usual: 'gravel' },
    { letter: 'd', at: 'work/wheel', where: 'loaded, to the ground', usual: '400 mm', from: '200 mm', to: '650 mm' },
    { letter: 'e', at: 'work/pace', where: 'beside you', usual: '4 km/h', from: '2 km/h', to: '6 km/h' },
  ],
  try: 'Is the barrow made already? Draw it loaded up the worst of the way with a spring scale in the rope: the most it shows replaces slope and ground.',
  driven: 'a motor or an engine, a gearbox, and a chain to the axle',
  drawn,
};
