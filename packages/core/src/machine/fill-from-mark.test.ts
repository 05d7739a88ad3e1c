import { describe, expect, it } from 'vitest';
import { afterTyping, crusher, inputAt } from '../../test/crusher.js';
import { plateLine } from '../kinds/shared/plate-line.js';
import { filledFromMark, fromMark } from './fill-from-mark.js';
import { withStageAdded } from './reshape.js';

const withStages = withStageAdded(withStageAdded(crusher(), 'main', 1, 'timing-belt'), 'main', 2, 'roller-chain');
const fills = (path: string, text: string) =>
  Object.fromEntries(Object.entries(fromMark(withStages, path, text)?.fills ?? {}).map(([at, entry]) => [at.split('/').at(-1), entry]));

describe('marks on the thing itself', () => {
  // RMA IP-20 and IP-23, DIN 7753, DIN 7867, ISO 5296, ISO 13050, DIN 7721, ISO 606, IEC 60898-1, HD 361 (designations, from memory).
  it.each([
    ['main/belt/belt', 'A53', { section: 'A', belt: '53 in', lengthIs: 'inside' }],
    ['main/belt/belt', 'bx42', { section: 'BX', belt: '42 in', lengthIs: 'inside' }],
    ['main/belt/belt', '4L550', { section: '4L', belt: '55 in', lengthIs: 'outside' }],
    ['main/belt/belt', 'SPZ 1250', { section: 'SPZ', belt: '1250 mm', lengthIs: 'pitch' }],
    ['main/belt/belt', '6PK1195', { section: 'PK', belts: '6', belt: '1195 mm', lengthIs: 'pitch' }],
    ['main/timing-belt/belt', '84XL037', { profile: 'XL', belt: '8.4 in', width: '0.37 in' }],
    ['main/timing-belt/belt', '450-5M-15', { profile: '5M', belt: '450 mm', width: '15 mm' }],
    ['main/timing-belt/belt', '16 T5/500', { profile: 'T5', belt: '500 mm', width: '16 mm' }],
    ['main/roller-chain/links', '40-1 × 88', { chain: '40', strands: '1', links: '88' }],
    ['main/roller-chain/links', '06B-1', { chain: '06B', strands: '1' }],
    ['main/belt/drivenBore', 'M8x25', { drivenScrew: 'M8' }],
    ['main/belt/driverBore', '#10-32', { driverScrew: '#10' }],
    ['main/belt/drivenBore', '1/2-13', { drivenScrew: '1/2' }],
    ['main/belt/drivenBore', '6204-2RS', { drivenBore: '20 mm' }],
    ['main/feed/breaker', 'B16', { curve: 'B', breaker: '16 A' }],
    ['main/feed/section', '3G1.5', { section: '1.5 mm²' }],
    ['main/feed/section', '3 x 2.5 mm²', { section: '2.5 mm²' }],
  ])('%s takes %s', (path, text, expected) => {
    expect(fills(path, text)).toEqual(expected);
  });

  it.each([
    ['main/belt/belt', 'F53'],
    ['main/belt/belt', 'A5,3'],
    ['main/roller-chain/links', '43-1'],
    ['main/timing-belt/belt', '84QL037'],
    ['main/feed/breaker', 'E16'],
    ['main/work/torque', 'A53'],
  ])('%s knows nothing of %s', (path, text) => {
    expect(fromMark(withStages, path, text)).toBeNull();
  });

  it('one that contradicts what is there names both', () => {
    const narrow = afterTyping(crusher(), { 'main/belt/section': 'B' });
    expect(fromMark(narrow, 'main/belt/belt', 'A60')?.says).toContain('section A, 13 × 8 mm instead of B, 17 × 11 mm');
  });

  it('fills all of it, and the field that it was typed in has what stood there before', () => {
    const mark = fromMark(crusher(), 'main/belt/tension', 'SPZ 1250');
    if (!mark) throw new Error('no mark');
    const before = inputAt(crusher(), 'main/belt/tension');
    const build = filledFromMark(crusher(), 'main/belt/tension', before, mark);
    expect([inputAt(build, 'main/belt/section')?.text, inputAt(build, 'main/belt/belt')?.value]).toEqual(['SPZ', 1250]);
    expect(inputAt(build, 'main/belt/tension')).toEqual(before);
  });
});

describe('a plate in one line', () => {
  it.each([
    [
      '0.55kW 1425/min 230V 4.1A cosφ0.75 50Hz S1',
      { power: '0.55 kW', speed: '1425 rpm', voltage: '230 V', current: '4.1 A', powerFactor: '0.75', frequency: '50 Hz', duty: 'S1' },
      '',
    ],
    [
      '1/2 HP 1725 RPM 115V 8.2A 60HZ 1PH',
      { power: '1/2 hp', speed: '1725 rpm', voltage: '115 V', current: '8.2 A', frequency: '60 Hz', phases: '1' },
      '',
    ],
    [
      'HP 3/4 RPM 1,725 V 115 A 10.4 HZ 60 PH 1',
      { power: '3/4 hp', speed: '1725 rpm', voltage: '115 V', current: '10.4 A', frequency: '60 Hz', phases: '1' },
      '',
    ],
    ['1-1/2 HP 3,450 RPM 230 V 9.2 A FR 56', { power: '1-1/2 hp', speed: '3450 rpm', voltage: '230 V', current: '9.2 A' }, 'FR 56'],
    [
      '3~ 230/400V 3.4/2.0 A 0,75 kW cos phi 0,78 2840 U/min IP54',
      { power: '0,75 kW', speed: '2840 rpm', voltage: '230 V', starVoltage: '400 V', current: '3.4 A', powerFactor: '0,78', phases: '3' },
      'IP54',
    ],
    ['1,1 kW; 1420 min-1; 400 V; 2,6 A; η 80 %', { power: '1,1 kW', speed: '1420 rpm', voltage: '400 V', current: '2,6 A', efficiency: '80 %' }, ''],
  ])('%s', (line, expected, rest) => {
    expect(plateLine(line)).toEqual({ fills: expected, rest });
  });

  it('is no plate with one thing in it, nor with none', () => {
    for (const text of ['0.55 kW', '1425', 'abc', '', '🍎 kW']) expect(plateLine(text)).toBeNull();
  });

  it('pasted into any field of the motor fills those that it means, and says what it did not understand', () => {
    const mark = fromMark(crusher(), 'main/source/power', '1.1 kW 2840 rpm 230 V 7 A IP44');
    expect(mark?.fills).toMatchObject({ 'main/source/power': '1.1 kW', 'main/source/speed': '2840 rpm', 'main/source/current': '7 A' });
    expect(mark?.says).toContain('plate power 1.1 kW instead of 0.55 kW');
    expect(mark?.says).toContain('not understood: IP44');
  });
});
