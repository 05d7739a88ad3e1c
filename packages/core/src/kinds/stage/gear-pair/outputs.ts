import { gearSource, lewisSource } from '../../../catalog/gears.js';
import { figure, type Outputs } from '../../outputs.js';
import { drivenShaft, ratioFigure } from '../../shared/driven-shaft.js';
import { hubLimits } from '../../shared/hub-fixing.js';
import { serviceFigure, withFactor } from '../../shared/service-factor.js';
import { wheelFigures } from '../../shared/wheels.js';

export const teethSource = 'Textbooks: full-depth teeth of 20° are undercut below 17, in practice below 14';
export const faceSource = 'Common practice, no source: a face of 6 to 15 modules; a wider one is loaded on one edge';
export const meshSource = 'Common practice, no source: up to a tenth of a module more than the teeth need; closer they bind';

/** What a pair of gears puts out. */
export const gearPairOutputs = {
  figures: {
    ...ratioFigure,
    ...drivenShaft,
    module: figure('Module', 'length', 'Size'),
    centres: figure('Centre distance of the teeth', 'length', 'Size', { key: true }),
    'tooth-speed': figure('Pitch line speed', 'rim-speed', 'Teeth', { key: true }),
    'form-factor': figure('Form factor', 'count', 'Teeth'),
    'velocity-factor': figure('Velocity factor', 'count', 'Teeth'),
    'tooth-force': figure('Force on the teeth', 'force', 'Teeth'),
    'tooth-stress': figure('Bending stress of the teeth', 'stress', 'Teeth', { key: true }),
    pull: figure('Push on each shaft', 'force', 'Teeth'),
    ...serviceFigure('Teeth'),
    'lasts-up-to': figure('Torque within the rating', 'torque', 'Teeth', { key: true }),
    'breaks-at': figure('Breaks at, driving gear', 'torque', 'Teeth'),
    ...wheelFigures('gear'),
  },
  checks: {
    'teeth-bend': {
      name: 'the strength of the teeth',
      subject: 'strength of the teeth',
      source: `Lewis; ${lewisSource}; ${gearSource}`,
      says: `the teeth withstand {has} at the driving gear for years ${withFactor}; the work needs {needs}{stress}`,
    },
    'tooth-count': {
      name: 'the teeth of the smaller gear',
      subject: 'teeth of the smaller gear',
      source: teethSource,
      says: {
        holds: 'the smaller gear has {has} teeth',
        fails: 'the smaller gear has {has} teeth; below 14 they are cut away at the root',
      },
    },
    face: {
      name: 'the face width of the gears',
      subject: 'face width of the gears',
      source: faceSource,
      closeBelow: 0,
      says: {
        holds: 'the face is {needs} wide; up to {has} it is loaded evenly',
        fails: 'the face is {needs} wide; up to {has} it is loaded evenly, wider it runs on one edge',
      },
    },
    'mesh-close': {
      name: 'the room for the teeth',
      subject: 'whether the teeth have room',
      source: meshSource,
      closeBelow: 0,
      says: {
        holds: 'the shafts are {has} apart; the teeth need {needs}',
        fails: 'the shafts are {has} apart, and the teeth need {needs}: they bind',
      },
    },
    'mesh-far': {
      name: 'the reach of the teeth',
      subject: 'whether the teeth reach each other',
      source: meshSource,
      closeBelow: 0,
      says: {
        holds: 'the mesh has {needs} of room; up to {has} is allowed',
        fails: 'the mesh has {needs} of room; up to {has} is allowed, more slaps and breaks teeth',
      },
    },
  },
  limits: {
    lasts: { short: 'tooth rating', what: 'the teeth', fails: 'wear out early', may: 'may wear out early', harm: 'wearing' },
    teeth: { short: 'tooth', what: 'a tooth', fails: 'breaks', may: 'may break', harm: 'breaking' },
    ...hubLimits('driving gear', 'driven gear'),
  },
} as const satisfies Outputs;

export type GearPairOutputs = typeof gearPairOutputs;
