import { around, box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The rosette with its rubber from its end, and the headstock that rocks on its axis below. */
function drawn({ a: rosette = 140, b: lobes = 12, c: deep = 2, e: rocks = 8, f: work = 80 }: Sized): Sketch {
  const R = rosette / 2;
  const many = Math.min(Math.max(1, Math.round(lobes)), 144);
  const shown = Math.min(Math.max(deep, 0.012 * rosette), 0.3 * R);
  const points = Math.min(720, Math.max(120, 16 * many));
  const low = -1.5 * rosette;
  const head = 0.32 * rosette * Math.min(1.5, Math.max(0.6, Math.cbrt(rocks / 8)));
  return {
    strokes: [
      shape(
        Array.from({ length: points }, (_, k) => around([0, 0], R + shown * Math.cos((2 * Math.PI * many * k) / points), (2 * Math.PI * k) / points)),
      ),
      circle([0, 0], Math.min(work / 2, 0.85 * R), 'stuff'),
      ...centre([0, 0], 1.15 * R),
      ...turning([0, 0], 0.72 * R, 2.5, 1.2),
      shape([
        [R + shown, 0],
        [R + shown + 0.12 * rosette, 0.07 * rosette],
        [R + shown + 0.55 * rosette, 0.07 * rosette],
        [R + shown + 0.55 * rosette, -0.07 * rosette],
        [R + shown + 0.12 * rosette, -0.07 * rosette],
      ]),
      path(
        [
          [-head, -0.2 * R],
          [-head, low],
          [head, low],
          [head, -0.2 * R],
        ],
        'line',
      ),
      circle([0, low], 0.09 * rosette),
      ...centre([0, low], 0.2 * rosette),
      path(
        Array.from({ length: 9 }, (_, k): readonly [number, number] => [
          -head - 0.05 * rosette - 0.06 * rosette * k,
          (k % 2 ? 1 : -1) * 0.06 * rosette + low / 2,
        ]),
        'thin',
      ),
      shape(box(-head - 0.66 * rosette, low / 2 - 0.3 * rosette, -head - 0.53 * rosette, low / 2 + 0.3 * rosette)),
      measure('a', [-R, 0], [R, 0], R + 0.25 * rosette),
      letter('b', around([0, 0], R + 0.16 * rosette, 0.7)),
      letter('c', around([0, 0], R + 0.16 * rosette, -0.5)),
      letter('d', [-head - 0.3 * rosette, low / 2 + 0.22 * rosette]),
      letter('e', [0, low + 0.3 * rosette]),
      letter('f', [0.3 * Math.min(work / 2, 0.85 * R), -0.42 * Math.min(work / 2, 0.85 * R)]),
    ],
  };
}

export const rockingLatheSizing: Sizing = {
  name: 'Ornamental lathe, rocking headstock',
  words: ['rose engine', 'rosette', 'guilloche', 'ornamental turning', 'indexing', 'patterns'],
  runs: '3 to 11 rpm',
  tool: 'work spindle',
  fields: [
    { letter: 'a', at: 'work/rosette', where: 'middle of its lobes', usual: '140 mm', from: '80 mm', to: '200 mm' },
    { letter: 'b', at: 'work/lobes', where: 'counted', usual: '12', from: '6', to: '48' },
    { letter: 'c', at: 'work/deep', where: 'middle to hilltop', usual: '2 mm', from: '0.5 mm', to: '4 mm' },
    { letter: 'd', at: 'work/spring', where: 'until it lifts', usual: '60 N', from: '20 N', to: '150 N' },
    { letter: 'e', at: 'work/rocks', where: 'at the rosette', usual: '8 kg', from: '3 kg', to: '20 kg' },
    { letter: 'f', at: 'work/work', where: 'what is cut', usual: '80 mm', from: '20 mm', to: '150 mm' },
  ],
  try: 'A string round the rosette’s disc and a spring scale, pulled slowly over a lobe: most and mean, by half the diameter, are the torques.',
  driven: 'a stepper and a toothed belt ten to one, or a geared motor with a worm',
  drawn,
};
