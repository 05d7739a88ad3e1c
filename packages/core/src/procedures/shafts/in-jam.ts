import { type Figure, fixed, highEnd } from '../../figure/figure.js';
import { defineProcedure, solve } from '../../figure/formula.js';
import type { Limit } from '../../kinds/outputs.js';
import type { Line, Shaft } from '../../machine/build.js';
import { faultsOf, lengthOf, placed } from '../../shafts/laid-shaft.js';
import { stiffnessOf } from '../../shafts/section-shape.js';
import type { ShaftInJam } from '../jammed.js';
import { type ShaftsAre, toldOf } from './as-before.js';
import { corners } from './corners.js';
import { type ActsOfLine, type AroundShaft, likely, placeOf, shaftsOf, type Template, templateOf } from './template.js';

export const bending = defineProcedure({
  id: 'shaft-stays-bent',
  oneByOne: true,
  says: 'Torque at which the shaft stays bent or twisted, at the place where that is least: what pulls on it grows with the torque, weights and slipping belts do not',
  source: 'Distortion energy (von Mises), as in Shigley’s Mechanical Engineering Design 10e, eq. 5-15 (from memory)',
});

export const twisting = defineProcedure({
  id: 'shaft-twists',
  oneByOne: true,
  says: 'How hard the shaft is to twist between where its torque comes in and where it goes out, section by section',
  source: 'Shigley’s Mechanical Engineering Design 10e, eq. 4-7 (from memory)',
});

/** The shafts of a line that are entered, as a jam has them; those that cannot lie so are left out. */
export function shaftsInJam(line: Line, build: AroundShaft, lines: readonly ActsOfLine[], are: ShaftsAre): ShaftInJam[] {
  return shaftsOf(build, line).flatMap(
    (shaft) =>
      toldOf(shaft, line, 'in a jam', are, () =>
        inJam(shaft, templateOf(shaft, build, lines, line), placeOf(shaft, line), `${line.id}/@shafts/${shaft.id}`),
      ) ?? [],
  );
}

/** @returns null where it cannot lie so, or nothing turns it */
function inJam(shaft: Shaft, template: Template, at: number, id: string): ShaftInJam | null {
  const { from, torque } = template;
  const numbers = likely(from);
  if (at < 0 || !torque.known || !(highEnd(torque) > 0)) return null;
  if (numbers && faultsOf(template.lay(numbers, 0, 1)).length > 0) return null;
  const { yieldsAt } = corners(template, shaft);
  const { Sut: _, ...others } = from;
  // What does not slip pulls so many newtons for each newton metre, however much that is: its range is that of the torque, and no range of what the shaft withstands.
  const byTorque = new Set([...template.follow, ...Object.keys(from).filter((name) => name.endsWith(' torque'))]);
  const bends = Object.fromEntries(Object.entries(others).map(([name, figure]) => [name, byTorque.has(name) ? asLikely(figure) : figure]));
  const lies = Object.fromEntries(Object.entries(from).filter(([name]) => / (length|size|bore|at)$/.test(name)));
  const limit: Limit = {
    id: `${id}/bends`,
    // Shown with the stage of its first wheel.
    at: shaft.seats[0] ? `${shaft.seats[0].of.line}/${shaft.seats[0].of.stage}` : `${id.split('/')[0]}/work`,
    name: 'bends',
    words: {
      short: `${shaft.name} bends`,
      what: `the ${shaft.name}`,
      fails: 'is bent or twisted for good',
      may: 'may be bent or twisted for good',
    },
    torque: solve('N·m', bending, { ...bends, torque: asLikely(torque) }, (n) => yieldsAt(n) * (n.torque ?? Number.NaN)),
    harm: 'breaking',
    source: bending.source,
  };
  const stiffness = solve('N·m/rad', twisting, lies, (n) => {
    const laid = template.lay(n, 0, 1);
    const [low, high] = template.twistsBetween(n);
    const [start, end] = [Math.max(0, low), Math.min(lengthOf(laid), Math.max(high, low + leastTwisted_mm))];
    const gives = placed(laid).reduce(
      (sum, { section, from_mm, to_mm }) => sum + Math.max(0, Math.min(to_mm, end) - Math.max(from_mm, start)) / stiffnessOf(section).J_mm4,
      0,
    );
    return laid.metal.G_MPa / gives / 1000;
  });
  return { at, limit, stiffness: stiffness.known ? stiffness : null };
}

/** A figure without its ends. */
const asLikely = (figure: Figure): Figure =>
  figure.known ? fixed(figure.unit, figure.value, 'As likely at work: it grows with the torque') : figure;

/** Nothing shorter twists than this, mm. */
const leastTwisted_mm = 5;
