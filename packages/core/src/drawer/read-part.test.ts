import { describe, expect, it } from 'vitest';
import { knownDrives } from '../../test/known-drives.js';
import { numbers } from '../../test/random-lines.js';
import { partWords } from './part-words.js';
import { readDrawer, readPart } from './read-part.js';

const read = (text: string) => {
  const part = readPart(text, 3);
  if (!part.ok) throw new Error(part.says);
  return part;
};
const refused = (text: string): string => {
  const part = readPart(text, 3);
  return part.ok ? `taken as ${partWords(part.own)}` : part.says;
};

describe('a line of the drawer', () => {
  it('is read in every form of the reference’s requests, with nothing left over', () => {
    const lines = new Set(knownDrives.flatMap(({ drawer }) => drawer));
    expect(lines.size).toBeGreaterThan(90);
    for (const line of lines) expect([line, read(line).rest]).toEqual([line, '']);
  });

  it.each([
    ['pulley A 80 bore 19 key x2', '2 × pulley A, 80 mm pitch, bore 19 mm, keyed'],
    ['P2 pulley A 95 mm, 2 grooves, bore 24 mm', 'pulley A, 95 mm pitch, 2 grooves, bore 24 mm'],
    // 3.25 in over the rim is 82.55 mm, an A belt runs 5.5 mm below it (ISO 4183, from memory); 5/8 in is 15.875 mm.
    ['P1 pulley A 3.25 in outside, bore 5/8 in', 'pulley A, 77.05 mm pitch, bore 15.88 mm'],
    ['sprocket 40 18T', 'sprocket 40, 18 teeth, bore not measured'],
    ['F1 freewheel 081 16 teeth, bore 20 mm', 'freewheel 081, 16 teeth, bore 20 mm'],
    ['H1 chain 10B, 130 links ×2', '2 × chain 10B, 130 links'],
    ['chain 40', 'chain 40, length not counted'],
    // Inside length in inches and 33 mm to the pitch line (DIN 2215, from memory): 53 in are 1346 mm.
    ['belt A53', 'belt A53, 1379 mm at the pitch line'],
    ['SPZ belt? no', ''],
    ['belt spz1250', 'belt SPZ 1250, 1250 mm at the pitch line'],
    ['T3 belt 450-5M-15', 'timing belt 5M, 90 teeth, 15 mm wide'],
    ['belt 84XL037', 'timing belt XL, 42 teeth, 9.4 mm wide'],
    ['timing pulley XL 11 teeth, 9.5 mm wide, bore 8 mm', 'timing pulley XL, 11 teeth, 9.5 mm wide, bore 8 mm'],
    ['cone pulley A 75/112/150 mm, bore 14 mm', 'stepped pulley A, 75/112/150 mm pitch, bore 14 mm'],
    ['worm box 10:1 60 N·m', 'worm gearbox 10:1, 60 N·m'],
    [
      'W1 worm box 60:1, 90 N·m, 46 %, shaft 14 mm in, hollow 25 mm out, 170 × 190 mm, holds',
      'worm gearbox 60:1, 90 N·m, 46 %, input shaft 14 mm, output hollow 25 mm, 170 × 190 mm, holds its load',
    ],
    ['gearbox i=7.5', 'gearbox 7.5:1'],
    ['K1 coupling 25 N·m, bores 24 and 25 mm', 'coupling, 25 N·m, bores 24 mm and 25 mm'],
    ['gear m1.5 127 teeth, bore 16 mm', 'gear, module 1.5, 127 teeth, bore 16 mm'],
    ['M1 motor 0.55 kW 1425 rpm 230 V, start capacitor, shaft 19 mm', 'motor 550 W, 1425 rpm, 230 V, single phase, start capacitor, shaft 19 mm'],
    ['motor 1/2 hp 1725 rpm 115V 60 Hz 1 PH', 'motor 373 W, 1725 rpm, 115 V, single phase, shaft not measured'],
    ['motor 1.1 kW 1400/min 230/400 V', 'motor 1.1 kW, 1400 rpm, 230 V, three phases, shaft not measured'],
    ['motor 1.1kW 1400/min 400 V 3~, shaft 24 mm', 'motor 1.1 kW, 1400 rpm, 400 V, three phases, shaft 24 mm'],
  ])('%s', (line, words) => {
    if (words === '') expect(refused(line)).toContain('is no mark of a belt');
    else expect(partWords(read(line).own)).toBe(words);
  });

  it('has a label in front, else the number of its line', () => {
    expect(read('S-17 sprocket 10B 13 teeth').own.label).toBe('S-17');
    expect(read('W1 worm box 10:1').own.label).toBe('W1');
    expect(read('belt A53').own.label).toBe('line 3');
    expect([read('P1 pulley A 80 bore 19 key x2').own.bare, read('W1 worm box 10:1').own.bare]).toEqual(['pulley A 80 bore 19 key', 'worm box 10:1']);
  });

  it('that is not understood says why and what is taken; a word that is left over is told', () => {
    expect(refused('hat')).toMatch(/^“hat” is no part that is known: pulley A 80 mm/);
    expect(refused('pulley Q 80')).toMatch(/^the section is missing or not known: .*SPZ.*as in “pulley A 80 mm, bore 19 mm”$/);
    expect(refused('motor 0.55 kW')).toMatch(/^power and speed of the motor are missing, as in “motor 0.55 kW 1425 rpm/);
    expect(refused('pulley A')).toMatch(/diameter of the pulley is missing/);
    expect(refused('pulley A 80 mm, bore 900 mm')).toMatch(/^Bore/);
    expect(refused('sprocket 40')).toBe('how many teeth the sprocket has is missing');
    expect(refused('sprocket 40 3 teeth')).toBe('a sprocket of 3 teeth is none');
    expect(refused('worm box 60 N·m')).toMatch(/ratio of the box is missing/);
    expect(refused('gear 40 teeth')).toMatch(/module of the gear is missing/);
    expect(refused(`pulley A 80 mm ${'x'.repeat(300)}`)).toBe('a line has at most 200 characters');
    expect(read('pulley A 80 mm bore 19 rusty').rest).toBe('rusty');
  });

  it('never throws, whatever is typed', () => {
    const random = numbers(33);
    const words = [
      'pulley',
      'belt',
      'A',
      'A53',
      '80',
      '5/8',
      'in',
      'bore',
      '19',
      'mm',
      'x2',
      ',',
      'teeth',
      '×',
      '10:1',
      'worm',
      'box',
      '°',
      '—',
      '1/0',
      '9e99',
      'key',
      'ü',
      '\u0007',
    ];
    for (let k = 0; k < 10_000; k++) {
      const text = Array.from({ length: Math.floor(random() * 8) }, () => words[Math.floor(random() * words.length)]).join(random() < 0.8 ? ' ' : '');
      const part = readPart(text, 1);
      if (part.ok) expect(partWords(part.own)).not.toMatch(/NaN|undefined|Infinity/);
      else expect(part.says.length).toBeGreaterThan(5);
    }
  });
});

it('a drawer passes over empty lines and remarks, and keeps the numbers of its lines', () => {
  const { own, lines } = readDrawer('# left shelf\n\nP1 pulley A 80 mm\r\nhat\nbelt A53');
  expect(own.map(({ label }) => label)).toEqual(['P1', 'line 5']);
  expect(lines.map(({ at, read: { ok } }) => [at, ok])).toEqual([
    [3, true],
    [4, false],
    [5, true],
  ]);
});
