import { execFile } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { answer } from './command-line.js';

const root = resolve(import.meta.dirname, '../../..');
const demo = join(root, 'demo/apple-crusher.json');
const folder = mkdtempSync(join(tmpdir(), 'hobrek-cli-'));
afterAll(() => rmSync(folder, { recursive: true }));

interface Said {
  readonly exit: number;
  readonly out: string;
  readonly err: string;
}

/** What the command line does with its words, in this process: one of its own takes a second or two to start. */
async function hobrek(...args: string[]): Promise<Said> {
  const said = { out: '', err: '' };
  const exit = await answer(args, { out: (text) => (said.out += text), err: (text) => (said.err += text) });
  return { exit, ...said };
}

/** Runs the command line as a person does: the bundled file, in a process of its own. */
function started(...args: string[]): Promise<Said> {
  return new Promise((done) => {
    execFile(process.execPath, [join(root, 'bin/hobrek.mjs'), ...args], { cwd: root }, (error, out, err) =>
      done({ exit: error ? Number(error.code) : 0, out, err }),
    );
  });
}

function file(name: string, contents: string): string {
  writeFileSync(join(folder, name), contents);
  return join(folder, name);
}

const changed = (change: (build: { lines: Record<'source' | 'work', { inputs: Record<string, unknown> }>[] }) => void) => {
  const build = JSON.parse(readFileSync(demo, 'utf8'));
  change(build);
  return JSON.stringify(build);
};

describe('as a person runs it', () => {
  it.each([
    'check demo/apple-crusher.json',
    'check demo/kindling-splitter.json --json',
    'check demo/none.json',
    'sum rim-speed d=75mm n=2900rpm',
    '--help',
    'saw',
  ])('hobrek %s is answered as it is here, with the same exit code', async (line) => {
    expect(await started(...line.split(' '))).toEqual(await hobrek(...line.split(' ')));
  });
});

describe('check', () => {
  it('says of the demo what the screen says, and ends with 0', async () => {
    const { exit, out } = await hobrek('check', 'demo/apple-crusher.json');
    expect(exit).toBe(0);
    expect(out).toContain(
      'Apple crusher: The motor is strong enough: 10.9 to 12.0 N·m reaches the roll, the work needs 8 N·m; at worst reserve 26 %.',
    );
    expect(out).toContain(
      'roll: 430 rpm (424 to 433 rpm), 8 N·m, 360 W (355 to 362 W); at full load 423 rpm (419 to 425 rpm), 11.8 N·m (10.9 to 12.0 N·m)',
    );
    expect(out).toContain('V-belt, belt speed: 5.60 m/s');
    expect(out).toContain('Not worked out: shaft strength');
  });

  it('ends with 1 when something fails, and reads a value that a file leaves out', async () => {
    const weak = file(
      'weak.json',
      changed((b) => Object.assign(b.lines[0]?.source.inputs ?? {}, { power: { text: '1/2 hp', how: 'plate' } })),
    );
    const { exit, out } = await hobrek('check', weak, '--json');
    expect(exit).toBe(1);
    const json = JSON.parse(out);
    expect(json).toMatchObject({ verdict: 'fails', name: 'Apple crusher' });
    // By hand: 60 × 372.85 W / (2π × 1425) × 250/75 × 0.96
    expect(json.figures['main/belt/torque'].value).toBeCloseTo(7.9954, 4);
    expect(json.remedy).toContain('0.55 kW');
    expect(json.guesses).toBeNull();
  });

  // By hand: 60 · 550 / (2π · 1425) · 250/75 · 0.89 = 10.93 N·m at the worst usual loss.
  it('tries what is guessed together, and says what to measure first', async () => {
    const guessed = file(
      'guessed.json',
      changed((b) => Object.assign(b.lines[0]?.work.inputs ?? {}, { torque: { text: '9 to 13 N·m', how: 'guessed' } })),
    );
    const { out } = await hobrek('check', guessed, '--json');
    expect(JSON.parse(out).guesses).toMatchObject({ tried: 35, fails: 18, order: ['main/work/torque'] });
  });

  it.each([
    ['a file cut in half', () => file('half.json', readFileSync(demo, 'utf8').slice(0, 700)), /half\.json: is not whole JSON/],
    ['a file that is not there', () => join(folder, 'none.json'), /there is no such file/],
    ['a folder', () => folder, /is a folder/],
    [
      'a word for a power',
      () =>
        file(
          'abc.json',
          changed((b) => Object.assign(b.lines[0]?.source.inputs ?? {}, { power: { text: 'abc', how: 'plate' } })),
        ),
      /main\/source\/power: Plate power .*“abc”/,
    ],
    [
      'a negative power',
      () =>
        file(
          'minus.json',
          changed((b) => Object.assign(b.lines[0]?.source.inputs ?? {}, { power: { text: '-5 kW', how: 'plate' } })),
        ),
      /read as −5 kW; it takes 1 W to 1000 kW/,
    ],
    [
      'a unit from the stars',
      () =>
        file(
          'far.json',
          changed((b) => Object.assign(b.lines[0]?.source.inputs ?? {}, { power: { text: '5 parsecs', how: 'plate' } })),
        ),
      /“parsecs” is not a unit of power/,
    ],
    [
      'a newer file',
      () =>
        file(
          'new.json',
          changed((b) => Object.assign(b, { version: 9 })),
        ),
      /newer Hobrek/,
    ],
  ])('refuses %s with 2 and one line, no stack trace', async (_, path, words) => {
    const { exit, out, err } = await hobrek('check', path());
    expect(exit).toBe(2);
    expect(out).toBe('');
    expect(err.trim().split('\n')).toHaveLength(1);
    expect(err).toMatch(words);
  });
});

describe('a build of several lines', () => {
  const two = () =>
    file(
      'two.json',
      changed((build) => {
        const { lines } = build;
        Object.assign(build, { lines: [...lines, ...lines.map((line) => ({ ...line, id: 'fan', name: 'fan' }))] });
      }),
    );

  it('is told line by line, each shaft and check by the name of its own', async () => {
    const { exit, out } = await hobrek('check', two());
    expect(exit).toBe(0);
    expect(out).toContain('fan: roll: 430 rpm');
    expect(out).toContain('motor to roll: roll: 430 rpm');
    expect(out).toMatch(/holds .* Fan: the motor is strong enough/);
  });

  it('is drawn a line at a time, by name or id; which there are is said', async () => {
    expect((await hobrek('draw', two(), '--line', 'fan')).out).toContain('<svg');
    const none = await hobrek('draw', two());
    expect([none.exit, none.err.trim()]).toEqual([2, expect.stringContaining('The build has 2 lines: --line takes “motor to roll” or “fan”')]);
    expect((await hobrek('draw', two(), '--line', 'pump')).err).toContain('--line takes “motor to roll” or “fan”, not “pump”');
  });

  it('has its shafts drawn for whoever makes them; where none is entered it says what would be needed', async () => {
    const axle = await hobrek('draw', 'demo/kelp-cart.json', '--shafts', '--as', 'dxf');
    expect([axle.exit, axle.out.includes('Keyway from 100 mm to 130 mm')]).toEqual([0, true]);
    const none = await hobrek('draw', 'demo/apple-crusher.json', '--shafts');
    expect([none.exit, none.err.trim()]).toEqual([
      2,
      expect.stringContaining('No shaft of the build is entered whole: its sections and two bearings'),
    ]);
  });
});

describe('need', () => {
  it('names a class from the work alone, and ends with 0; what is missing ends with 1, what is no build with 2', async () => {
    const emptied = file(
      'emptied.json',
      changed((build) => {
        for (const line of build.lines) line.source.inputs = {};
        Object.assign(build, { wishes: { leastSpeed: { text: '423', value: 423, unit: 'rpm', how: 'chosen' } } });
        Object.assign(build.lines[0] as object, { stages: [], stations: [{ id: 'motor', name: 'motor shaft' }] });
      }),
    );
    const named = await hobrek('need', emptied, '--json');
    expect(named.exit).toBe(0);
    expect(JSON.parse(named.out).motor).toMatchObject({ output_W: 550, poles: 4 });
    expect(JSON.parse(named.out).says).toContain('The motor shaft needs 8 N·m at 423 rpm');
    const missing = file(
      'missing.json',
      changed((build) => {
        for (const line of build.lines) line.work.inputs = {};
      }),
    );
    expect(await hobrek('need', missing)).toMatchObject({ exit: 1, out: expect.stringContaining('enter torque needed') });
    expect((await hobrek('need', file('none.json', '{}'))).exit).toBe(2);
  });

  // At the speed that its tool turns at: the motor that each demo has, or one size beside it; the cart has an engine, the tumbler a larger one that was at hand.
  it.each([
    ['apple-crusher', '423', [550]],
    ['bowl-lathe', '990', [550, 750]],
    ['clock-plate-mill', '1370', [120, 180, 250]],
    ['kelp-cart', '70', [750, 1_100]],
    ['kindling-splitter', '400', [1_100, 1_500]],
    ['sea-glass-tumbler', '23', [60, 90, 180]],
  ])('of the demo %s with its source emptied, at %s rpm, names a class', async (name, speed, outputs) => {
    const build = JSON.parse(readFileSync(join(root, `demo/${name}.json`), 'utf8'));
    const wishes = { leastSpeed: { text: speed, value: Number(speed), unit: 'rpm', how: 'chosen' } };
    const lines = build.lines.map((line: object) => ({ ...line, source: { kind: 'open', v: 1, inputs: {} } }));
    const opened = { ...build, wishes, lines };
    const named = await hobrek('need', file(`${name}.json`, JSON.stringify(opened)), '--json');
    expect(named.err).toBe('');
    expect(named.exit).toBe(0);
    expect(outputs).toContain(JSON.parse(named.out).motor.output_W);
  });
});

describe('why', () => {
  it('explains a figure down to what was typed, and a check', async () => {
    const { exit, out } = await hobrek('why', 'demo/apple-crusher.json', 'main/belt/torque');
    expect(exit).toBe(0);
    expect(out).toContain('= 60 × 550 / (2 × π × 1425) = 3.69 N·m');
    expect(out).toContain('typed “0.55 kW”');
    expect((await hobrek('why', 'demo/apple-crusher.json', 'main/belt/check-wrap')).out).toContain('below 120° the belt slips early');
  });

  it('refuses a path that is not there, listing those that are', async () => {
    const { exit, err } = await hobrek('why', 'demo/apple-crusher.json', 'main/x');
    expect(exit).toBe(2);
    expect(err).toMatch(/no figure or check “main\/x”.*main\/belt\/torque/);
  });

  it('names the new name of what was renamed, of a figure as of a formula', async () => {
    const { exit, err } = await hobrek('why', 'demo/apple-crusher.json', 'main/jam/jam-brings');
    expect([exit, err]).toEqual([2, expect.stringContaining('“main/jam/jam-brings” is called “main/jam/jam-torque” now')]);
    expect((await hobrek('formulas', 'wanted-tension')).err).toContain('is called “needed-tension” now');
  });
});

it('writes a build as a page to print', async () => {
  const { exit, out } = await hobrek('markdown', 'demo/bowl-lathe.json');
  expect(exit).toBe(0);
  expect(out).toMatch(/^# Bowl lathe\n/);
  expect(out).toContain('## Checks, worst first');
  expect((await hobrek('markdown', 'demo/none.json')).exit).toBe(2);
});

describe('sum and formulas', () => {
  it('works one formula in the units it is given', async () => {
    const { exit, out } = await hobrek('sum', 'rim-speed', 'd=3 in', 'n=2.9k rpm', '--json');
    expect(exit).toBe(0);
    expect(JSON.parse(out)).toMatchObject({ unit: 'm/s', outsideValid: false });
    expect(JSON.parse(out).value).toBeCloseTo((Math.PI * 0.0762 * 2900) / 60, 9);
  });

  it('carries a range, and warns outside the range where the formula is good', async () => {
    expect((await hobrek('sum', 'driven-speed', 'n1=1425', 'i=3', 's=1 to 2 %')).out).toContain('(466 to 470 rpm)');
    expect((await hobrek('sum', 'driven-speed', 'n1=1425', 'i=3', 's=20 %')).out).toContain('Outside the range');
  });

  it.each([
    [['sum', 'rim-sped'], /no formula “rim-sped”.*rim-speed/],
    [['sum', 'rim-speed', 'd=75'], /n \(speed\) missing; write n=…/],
    [['sum', 'rim-speed', 'd=75', 'n=5', 'q=1'], /has no input “q”; it takes d, n/],
    [['sum', 'rim-speed', '75', 'n=5'], /“75” is not name=value/],
    [['sum', 'rim-speed', 'd=75 kg', 'n=5'], /75 kg, which is a mass, not a length/],
    [['sum', 'shaft-torque', 'P=1 kW', 'n=0'], /has no value at P = 1000, n = 0/],
    [['formulas', 'nothing'], /no formula “nothing”/],
    [['chek'], /unknown command/],
  ])('refuses %j with 2', async (args, words) => {
    const { exit, err } = await hobrek(...args);
    expect(exit).toBe(2);
    expect(err).toMatch(words);
  });

  // By the relation, at its peak: a slip of 0.24 makes all of the 25 N·m.
  it('searches a range in which the relation turns, and says so', async () => {
    const { out } = await hobrek('sum', 'kloss-torque', 'T_b=25', 's_b=0.24', 's=0.08 to 0.9');
    expect(out).toContain('(12.4 to 25 N·m)');
    expect(out).toContain('its least and most were searched for');
    const { value, ...json } = JSON.parse((await hobrek('sum', 'kloss-torque', 'T_b=25', 's_b=0.24', 's=0.08 to 0.9', '--json')).out);
    expect(json).toMatchObject({ high: expect.closeTo(25, 9), searched: true, outsideValid: false });
  });

  it('tells of every formula where it runs one way', async () => {
    const all = JSON.parse((await hobrek('formulas', '--json')).out) as { id: string; where?: object }[];
    expect(all.find(({ id }) => id === 'kloss-torque')?.where).toEqual({ says: 'the slip is at most that of the most torque', turns: ['s', 's_b'] });
    expect((await hobrek('formulas', 'kloss-torque')).out).toContain('the slip is at most that of the most torque');
  });

  it('reads ohms and amperes a square millimetre', async () => {
    expect((await hobrek('sum', 'voltage-drop', 'w=2', 'I=10 A', 'R=0.2917 Ω', 'pf=1')).out).toContain('= 2 × 10 × 0.2917 × 1 = 5.83 V');
    expect((await hobrek('sum', 'locked-seconds', 'theta_1=40 °C', 'theta_2=155 °C', 'k=5', 'J=6 A/mm²')).exit).toBe(0);
  });

  it('says where a belt is good for nothing any more', async () => {
    const { out } = await hobrek('sum', 'belt-slip-torque', 'z=1', 'F_i=180', 'F_c=200', 'e=11.2', 'd=80');
    expect(out).toContain('= 0 N·m');
    expect(out).toContain('nothing presses any more');
  });

  it('lists every formula, and one with where it is good and its source', async () => {
    expect((await hobrek('formulas')).out.trim().split('\n').length).toBeGreaterThanOrEqual(9);
    const { out } = await hobrek('formulas', 'arc-of-contact');
    expect(out).toContain('θ = π − 2 × arcsin((D − d) / (2 × C))');
    expect(out).toContain("Machinery's Handbook");
  });

  it('lists the kinds, and the fields of one with what each takes', async () => {
    expect((await hobrek('fields')).out).toContain('v-belt');
    expect((await hobrek('fields', 'v-belt')).out).toMatch(/driver: Driving pulley, 10 to 2000 mm \(mm, in, .*usually 0\.5 % to 2 %/s);
    expect((await hobrek('fields', 'warp')).err).toMatch(/no kind “warp”.*plate-motor/);
  });

  it('helps without complaint', async () => {
    expect(await hobrek('--help')).toMatchObject({ exit: 0, err: '' });
  });
});

describe.each(['build-2', 'build-3'])('a build of two lines, sample %s', (sample) => {
  const path = `packages/contracts/test/samples/${sample}.json`;

  it('is checked, told, drawn and tabled line by line', async () => {
    const { out } = await hobrek('check', path);
    for (const line of ['motor to roll', 'fruit']) {
      expect(out).toMatch(new RegExp(`^${line}: (?:motor shaft|[^:\\n]+): [\\d.,]+ .*rpm`, 'm'));
      expect(out).toMatch(new RegExp(`^(?:holds|close|fails|not known).* ${line}: `, 'im'));
    }
    const json = JSON.parse((await hobrek('check', path, '--json')).out);
    expect(new Set(json.stations.map(({ name }: { name: string }) => name.split(':')[0]))).toEqual(new Set(['motor to roll', 'fruit']));
    const { out: words } = await hobrek('markdown', path);
    expect(words).toContain('| fruit: ');
    const { out: figures } = await hobrek('table', path, 'figures');
    expect(figures).toMatch(/, fruit/);
    const { out: parts } = await hobrek('table', path, 'parts');
    expect(parts).toContain(',"V-belt, fruit",second/belt');
    const [one, other] = await Promise.all(['main', 'second'].map((line) => hobrek('draw', path, '--line', line)));
    expect([one?.exit, other?.exit]).toEqual([0, 0]);
    expect([one?.out, other?.out].every((drawn) => drawn?.includes('<svg'))).toBe(true);
  });
});

describe('find', () => {
  const drawer = join(root, 'samples/drawer.txt');

  it('names the best drives of a build with what is own and what is bought, and ends with 0', async () => {
    const { exit, out } = await hobrek('find', 'demo/bowl-lathe.json', '--drawer', drawer);
    expect(exit).toBe(0);
    expect(out).toMatch(/^Bowl lathe: (?:Over )?\d+ drives meet the wishes\. Best: V-belt at \d+.rpm/);
    expect(out).toMatch(/^1\. V-belt \(holds\): V-belt A, \d+ to \d+ mm, belt A\d+$/m);
    expect(out).toMatch(/own [PB]\d (?:pulley|belt) A/);
    const { out: json } = await hobrek('find', 'demo/bowl-lathe.json', '--drawer', drawer, '--json');
    const [best] = JSON.parse(json).proposals;
    expect(best.stages[0]).toMatchObject({ kind: 'v-belt', entries: { section: 'A' } });
  });

  it('ends with 1 where nothing fits, and names the wish that rules it out', async () => {
    const build = JSON.parse(readFileSync(join(root, 'demo/bowl-lathe.json'), 'utf8'));
    const no = (name: string) => [name, { text: 'no', how: 'chosen' }];
    const finder = Object.fromEntries([
      ...['timingBelts', 'chains', 'gears', 'couplings', 'gearboxes'].map(no),
      ['holds', { text: 'yes', how: 'chosen' }],
    ]);
    const { exit, out } = await hobrek('find', file('holds.json', JSON.stringify({ ...build, finder })));
    expect(exit).toBe(1);
    expect(out).toContain('Nothing that is allowed holds a load');
    expect(out).toMatch(/^- that it must hold the load: with a brake/m);
  });

  it('ends with 2 for a drawer that is not understood, by its line, and for a line that is not there', async () => {
    const bad = await hobrek('find', 'demo/bowl-lathe.json', '--drawer', file('bad.txt', '# shelf\npulley A 80 mm\nhat\n'));
    expect([bad.exit, bad.err]).toEqual([2, expect.stringContaining('bad.txt: line 3: “hat” is no part that is known')]);
    const gone = await hobrek('find', 'demo/bowl-lathe.json', '--drawer', join(folder, 'none.txt'));
    expect([gone.exit, gone.err]).toEqual([2, expect.stringContaining('there is no such file')]);
    const line = await hobrek('find', 'demo/bowl-lathe.json', '--line', 'second');
    expect([line.exit, line.err]).toEqual([2, expect.stringContaining('there is no line “second”')]);
  });
});

describe('a file that means harm', () => {
  const controls = /[^\P{Cc}\n\r\t]|\u202e/u;

  it('puts nothing on the terminal that is a command to it, in words, in JSON and in what it refuses', async () => {
    const build = JSON.parse(readFileSync(demo, 'utf8'));
    const named = { ...build, lines: build.lines.map((line: object) => ({ ...line, name: 'roll \u001b[2J\u0007 \u009b31m \u202etxt' })) };
    for (const args of [['check'], ['check', '--json'], ['markdown'], ['draw'], ['table']]) {
      const [command = '', ...more] = args;
      const said = await hobrek(command, file('harm.json', JSON.stringify(named)), ...(command === 'table' ? ['figures'] : more));
      expect(`${said.out}${said.err}`, args.join(' ')).not.toMatch(controls);
      expect(`${said.out}${said.err}`.length).toBeGreaterThan(20);
    }
    const refused = await hobrek('check', file('broken.json', JSON.stringify({ ...build, 'x\u001b]0;owned\u0007': 1 })));
    expect(refused.exit).toBe(2);
    expect(refused.err).not.toMatch(controls);
  });
});
