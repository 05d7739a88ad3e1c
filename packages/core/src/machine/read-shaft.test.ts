import { describe, expect, it } from 'vitest';
import { crusher } from '../../test/crusher.js';
import { withShaftBegun } from './begin-shaft.js';
import { readShaft } from './read-shaft.js';

describe('what is said of a shaft', () => {
  it.each([
    ['17 mm, about 300 long, two bearings', { kind: 'round', size: '17 mm', long: 'about 300', bearings: 2 }],
    ['300 x', { notRead: ['300 x'] }],
    ['tube 40x3, 600 long', { kind: 'tube', size: '40', bore: '34 mm', long: '600' }],
    ['tube 10x6', { notRead: ['tube 10x6'] }],
    ['hexagon 32, C45, 500 mm long, 3 bearings', { kind: 'hexagon', size: '32', long: '500 mm', bearings: 3, metal: 'c45' }],
    ['1 in bar, 2 ft', { size: '1 in', long: '2 ft' }],
    ['400, 25', { size: '25', long: '400' }],
    ['⌀20 bright steel', { size: '20', metal: 'bright' }],
    ['20 mm axle', { size: '20 mm', metal: 'axle' }],
    ['purple, 20 mm', { size: '20 mm', notRead: ['purple'] }],
    ['99 bearings', { notRead: ['99 bearings'] }],
  ])('%s', (text, expected) => {
    expect(readShaft(text)).toMatchObject(expected);
  });

  it('is told back, and nothing of nothing', () => {
    expect(readShaft('17 mm, about 300 long, two bearings, axle').understood).toBe('17 mm thick, 270 to 330 mm long, 2 bearings, an axle');
    expect(readShaft('')).toMatchObject({ understood: '', notRead: [] });
  });

  it('begins a shaft: its size, its length with its range, its bearings spread over it, its wheels in proportion', () => {
    const build = withShaftBegun(crusher(), 'main', 'roll', readShaft('17 mm, about 500 long, three bearings, C45'));
    const [shaft] = build.shafts;
    expect(shaft?.sections[0]?.inputs).toMatchObject({
      diameter: { value: 17 },
      length: { value: 500, low: 450, high: 550 },
      metal: { text: 'c45' },
    });
    expect(shaft?.bearings.map(({ inputs }) => inputs.at?.value)).toEqual([100, 250, 400]);
    expect(shaft?.seats[0]?.inputs.at?.value).toBe(50);
    expect(build.forces?.[0]?.inputs.at?.value).toBe(450);
    const tube = withShaftBegun(crusher(), 'main', 'roll', readShaft('tube 40x3')).shafts[0]?.sections[0];
    expect(tube).toMatchObject({ kind: 'tube', inputs: { diameter: { value: 40 }, bore: { value: 34 } } });
  });
});
