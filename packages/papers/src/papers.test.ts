import { readFileSync } from 'node:fs';
import {
  type Build,
  type DrawnStage,
  drawMachine,
  drawShafts,
  evaluateBuild,
  figuresByPath,
  loadKinds,
  placesOf,
  say,
  sayAll,
  type TakenPart,
  textsOf,
  withDriveParts,
  withKind,
  withPasted,
  wordingFor,
} from '@hobrek/core';
import DxfParser from 'dxf-parser';
import fc from 'fast-check';
import papaparse from 'papaparse';
import { describe, expect, it } from 'vitest';
import { drawingDxf } from './drawing-dxf.js';
import { drawingSvg, paperSize } from './drawing-svg.js';
import { pageOf } from './page.js';
import { checksCsv, entriesCsv, entriesToPaste, figuresCsv, partsCsv, textsIn } from './tables.js';

const demo = (name: string) => JSON.parse(readFileSync(new URL(`../../../demo/${name}.json`, import.meta.url), 'utf8')) as Build;
const kinds = await loadKinds();
const crusher = demo('apple-crusher');
const evaluation = evaluateBuild(crusher, kinds);
const belt: DrawnStage = { kind: 'v-belt', driver: 75, driven: 250, centres: 420 };

describe('a DXF, read again by another program', () => {
  const parse = (stages: readonly DrawnStage[], names: readonly string[] = []) => {
    const read = new DxfParser().parseSync(drawingDxf(drawMachine(stages, names)));
    if (!read) throw new Error('not read');
    return read as unknown as {
      header: Record<string, unknown>;
      tables: { layer: { layers: Record<string, unknown> } };
      entities: {
        type: string;
        layer: string;
        radius?: number;
        center?: { x: number; y: number };
        vertices?: { x: number; y: number }[];
        text?: string;
      }[];
    };
  };

  it('has the wheels in true millimetres at their places, on the layer of their kind', () => {
    const { header, entities, tables } = parse([belt]);
    expect(header.$INSUNITS).toBe(4);
    const circles = entities.filter(({ type }) => type === 'CIRCLE');
    expect(circles.map(({ radius, layer }) => [radius, layer])).toEqual([
      [37.5, 'v-belt'],
      [125, 'v-belt'],
    ]);
    expect(circles[1]?.center).toMatchObject({ x: 420, y: 0 });
    expect(Object.keys(tables.layer.layers)).toEqual(expect.arrayContaining(['v-belt', 'shafts', 'centre-lines', 'words']));
  });

  it('has spans that touch both wheels and are square to their radii', () => {
    const { entities } = parse([{ ...belt, angle: 0.7 }]);
    const spans = entities.filter(({ type, layer }) => type === 'LINE' && layer === 'v-belt');
    expect(spans).toHaveLength(2);
    for (const { vertices } of spans) {
      const [a, b] = vertices as [{ x: number; y: number }, { x: number; y: number }];
      expect(Math.hypot(a.x, a.y)).toBeCloseTo(37.5, 6);
      expect(Math.hypot(b.x - 420 * Math.cos(0.7), b.y - 420 * Math.sin(0.7))).toBeCloseTo(125, 6);
      expect((b.x - a.x) * a.x + (b.y - a.y) * a.y).toBeCloseTo(0, 4);
    }
  });

  it('keeps names that are no plain letters, as the format writes them', () => {
    const { entities } = parse([belt], ['Wellé\n1', 'Ø trommel']);
    expect(entities.filter(({ type }) => type === 'TEXT').map(({ text }) => text)).toEqual(['Wellé 1', 'Ø trommel']);
  });
});

describe('an SVG', () => {
  it('is as large on paper as its scale says', () => {
    const drawing = drawMachine([belt], []);
    const { width, height } = paperSize(drawing, 5);
    // 420 + 37.5 + 125 by 250, to a fifth, and 4 mm round it.
    expect([width, height]).toEqual([124.5, 58]);
    const svg = drawingSvg(drawing, { scale: 5 });
    expect(svg).toContain('width="124.5mm" height="58mm"');
    expect(svg).toContain('r="7.5"');
  });

  it('takes no name for markup', () => {
    expect(drawingSvg(drawMachine([belt], ['<script>"&']), { scale: 1 })).not.toContain('<script>');
  });

  it('says when it is not to scale', () => {
    expect(drawMachine([belt], []).trueScale).toBe(true);
    expect(drawMachine([{ ...belt, centres: null }], []).trueScale).toBe(false);
    const places = drawMachine([], []).strokes.flatMap(({ stroke }) => (stroke.is === 'path' ? stroke.through : 'at' in stroke ? [stroke.at] : []));
    expect(places.length).toBeGreaterThan(0);
    expect(places.flat().every(Number.isFinite)).toBe(true);
  });
});

describe('a table, read again', () => {
  const rows = (csv: string) => papaparse.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: true });

  it('has every figure, its ends in order', () => {
    const { data, errors } = rows(figuresCsv(crusher, evaluation));
    expect(errors).toEqual([]);
    expect(data.map(({ path }) => path).sort()).toEqual([...figuresByPath(evaluation)].map(([path]) => path).sort());
    for (const { of, figure } of data) expect(`${of}, ${figure}`).not.toMatch(/[a-z]+-[a-z]+-|\//);
    for (const { path, likely, least, most } of data) {
      if (likely === '') continue;
      expect(Number(least), path).toBeLessThanOrEqual(Number(likely));
      expect(Number(most), path).toBeGreaterThanOrEqual(Number(likely));
    }
  });

  it('has every check', () => {
    expect(rows(checksCsv(crusher, evaluation)).data.map(({ id }) => id)).toEqual(evaluation.checks.map(({ id }) => id));
  });

  it('lists what the crusher needs, a guard for its belt among it', () => {
    const { data } = rows(partsCsv(crusher));
    expect(data.map(({ what, many }) => `${many} ${what}`)).toEqual([
      '1 induction motor',
      '1 V-belt pulley, driving',
      '1 V-belt pulley, driven',
      '1 V-belt',
      '1 guard over the belt and both pulleys',
    ]);
    expect(data[1]?.size).toBe('section A, 75 mm pitch, bore 19 mm, with a key');
  });

  it('keeps a cell from being a formula', () => {
    const [line] = crusher.lines;
    const source = { ...line?.source, inputs: { ...line?.source.inputs, power: { text: '=HYPERLINK("x")', how: 'plate' } } };
    const csv = partsCsv({ ...crusher, lines: [{ ...line, source }] } as Build);
    expect(csv).not.toMatch(/(^|,|")=HYPERLINK/m);
  });
});

describe('the page', () => {
  it.each(['apple-crusher', 'bowl-lathe', 'kindling-splitter', 'sea-glass-tumbler'])(
    'of the %s says what the sheet says, with a source for each check',
    (name) => {
      const build = demo(name);
      const worked = evaluateBuild(build, kinds);
      const text = JSON.stringify(pageOf(build, worked, 'a4', '2026-11-25'));
      const wording = wordingFor(build);
      expect(text).toContain(JSON.stringify(sayAll(worked.says, wording)).slice(1, -1));
      // So many fit the page; those that are told have their source.
      for (const { says, source } of worked.checks.slice(0, 20)) {
        expect(text).toContain(JSON.stringify(say(says, wording)).slice(1, -1));
        expect(text).toContain(JSON.stringify(source).slice(1, -1));
      }
      for (const caution of worked.cautions) expect(text).toContain(JSON.stringify(say(caution, wording)).slice(1, -1));
      expect(text).not.toMatch(/NaN|undefined|null/);
    },
  );

  it('has its list of parts where one is kept, by what is done about each; of a long one what there is room for, and how many more', () => {
    expect(JSON.stringify(pageOf(crusher, evaluation, 'a4', '2026-11-25'))).not.toContain('list of parts');
    const part = (what: string, many: number): TakenPart => ({ what, many, from: 'buy', label: null, written: null });
    const own: TakenPart = { ...part('pulley A 80 mm', 1), from: 'own', written: 'P7 pulley A 80 bore 19' };
    const page = (parts: readonly TakenPart[]) => JSON.stringify(pageOf(withDriveParts(crusher, 'main', parts), evaluation, 'a4', '2026-11-25'));
    const few = page([own, part('belt A53', 2)]);
    expect(few).toContain('1 × pulley A 80 mm (P7 pulley A 80 bore 19)');
    expect(few).toContain('"to buy: ","bold":true},"2 × belt A53",""]');
    expect(page([own, ...Array.from({ length: 20 }, (_, k) => part(`bolt ${k}`, 1))])).toContain('bolt 12","; 7 more, in the build’s file"');
  });

  it('of several lines has each, by its name, with a drawing and its shafts', () => {
    const { lines } = crusher;
    const two = { ...crusher, lines: [...lines, ...lines.map((line) => ({ ...line, id: 'fan', name: 'fan' }))] };
    const text = JSON.stringify(pageOf(two, evaluateBuild(two, kinds), 'a4', '2026-11-25'));
    expect(text.match(/<svg/g)).toHaveLength(2);
    expect(text).toContain('motor to roll, at each shaft, running');
    expect(text).toContain('fan, at each shaft, running');
    expect(text).toContain('Fan: the motor is strong enough');
  });
});

describe('a table that is entered', () => {
  const build = withKind(crusher, 'main/work', 'measured');
  const field = placesOf(build).find(({ path }) => path === 'main/work/readings')?.field;
  if (field?.is !== 'table') throw new Error('no table');
  const cells = fc.tuple(fc.constantFrom('850 W', '1 hp', '~900', '-3', '=1+1', 'wet'), fc.stringMatching(/^[a-z][a-z ,;"'|\t=+@-]{0,20}[a-z]$/));

  it('is the same after CSV, and after a spreadsheet’s clipboard, whatever is in its cells', () => {
    fc.assert(
      fc.property(fc.array(cells, { minLength: 1, maxLength: 8 }), (rows) => {
        let k = 0;
        const newId = () => `r${++k}`;
        const { input } = withPasted(field, undefined, { texts: rows, newId });
        for (const text of [entriesCsv(field, input), entriesToPaste(field, input), `\uFEFF${entriesCsv(field, input)}`]) {
          k = 0;
          expect(withPasted(field, undefined, { texts: textsIn(text), newId })).toEqual({ input, says: [] });
        }
      }),
      { seed: 3, numRuns: 300 },
    );
  });

  // RFC 4180, and what spreadsheets of other countries write.
  it.each([
    'Drawn from the wall,At what\r\n"1,2 kW","oak, wet"\r\n',
    'Drawn from the wall;At what\n1,2 kW;oak, wet\n',
    'Drawn from the wall\tAt what\n1,2 kW\toak, wet',
  ])('is read whatever stands between its cells: %j', (text) => {
    const { input } = withPasted(field, undefined, { texts: textsIn(text), newId: () => 'r1' });
    expect(textsOf(field, input).at(-1)).toEqual(['1,2 kW', 'oak, wet']);
  });
});

describe('shafts for whoever makes them', () => {
  const cart = demo('kelp-cart');
  const [axle] = cart.shafts;
  const drawn = (build: Build, units: 'metric' | 'inch' = 'metric') => drawShafts(build, evaluateBuild(build, kinds).lines, units);
  const words = (build: Build, units?: 'metric' | 'inch') =>
    drawn(build, units)?.strokes.flatMap(({ stroke }) => (stroke.is === 'note' || stroke.is === 'name' ? [stroke.says] : [])) ?? [];
  const withoutKey = (build: Build): Build => ({
    ...build,
    lines: build.lines.map((line) => ({
      ...line,
      stages: line.stages.map((stage) => ({
        ...stage,
        inputs: Object.fromEntries(Object.entries(stage.inputs).filter(([name]) => !/Fixing$/.test(name))),
      })),
    })),
    shafts: build.shafts.map((shaft) => ({
      ...shaft,
      seats: shaft.seats.map((seat) => ({ ...seat, inputs: Object.fromEntries(Object.entries(seat.inputs).filter(([name]) => name !== 'cut')) })),
    })),
  });

  it('are as long and as thick as they are entered, in true millimetres, when another program reads them', () => {
    const drawing = drawn(cart);
    if (!drawing) throw new Error('nothing is drawn');
    const read = new DxfParser().parseSync(drawingDxf(drawing)) as unknown as {
      entities: { type: string; layer: string; vertices?: { x: number; y: number }[] }[];
    };
    const bar = read.entities.filter(({ type, layer }) => type === 'LINE' && layer === 'shaft').flatMap(({ vertices }) => vertices ?? []);
    const [xs, ys] = [bar.map(({ x }) => x), bar.map(({ y }) => y)];
    // As it is entered in demo/kelp-cart.json: 760 mm of 25 mm.
    expect([axle?.sections.map(({ inputs }) => [inputs.length?.text, inputs.diameter?.text])]).toEqual([[['760 mm', '25 mm']]]);
    expect([Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]).toEqual([0, 760, -12.5, 12.5]);
  });

  it('say what is to be cut, and from where, in the units of whoever reads it', () => {
    expect(words(cart)).toEqual(
      expect.arrayContaining(['1: Ø25 mm, 760 mm long, from 0 mm to 760 mm', 'Keyway from 100 mm to 130 mm', 'B2: bearing B at 680 mm']),
    );
    expect(words(cart, 'inch').some((says) => says.startsWith('1: Ø0.98') && says.includes(' in long'))).toBe(true);
  });

  it('show no keyway that nobody entered, though the worst is taken where it is worked out', () => {
    const open = withoutKey(cart);
    expect(evaluateBuild(open, kinds).lines[0]?.shafts?.[0]?.laid?.notches.some(({ isKeyway }) => isKeyway)).toBe(true);
    expect(words(open).filter((says) => says.startsWith('Keyway'))).toEqual([]);
  });

  it('say what is only a guess', () => {
    const guessed = {
      ...cart,
      shafts: cart.shafts.map((shaft) => ({
        ...shaft,
        sections: shaft.sections.map((piece) => ({
          ...piece,
          inputs: { ...piece.inputs, ...(piece.inputs.diameter ? { diameter: { ...piece.inputs.diameter, how: 'guessed' as const } } : {}) },
        })),
      })),
    };
    expect(words(guessed).some((says) => says.startsWith('1: Ø25 mm') && says.endsWith(', a guess: to be measured first'))).toBe(true);
  });

  it('are none where no shaft is entered whole', () => {
    expect(drawn(crusher)).toBeNull();
    expect(drawn({ ...cart, shafts: cart.shafts.map((shaft) => ({ ...shaft, sections: [] })) })).toBeNull();
  });
});
