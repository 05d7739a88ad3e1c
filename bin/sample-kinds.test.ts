import { execFileSync } from 'node:child_process';
import { cpSync, mkdirSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { pathToFileURL } from 'node:url';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type * as Contracts from '../packages/contracts/src/index.js';
import type * as Core from '../packages/core/src/index.js';
import { beyond } from './kind-reach.mjs';
import { cache, root, tool } from './parts/places.mjs';

/** Four kinds, one of each role, by the recipe of CONTRIBUTING: each with its drawing and a tool. They are put into a copy of the house. */
const sample = join(root, 'samples/kinds');
const house = join(cache, 'house-with-sample-kinds');

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((each) => each.isFile())
    .map((each) => relative(folder, join(each.parentPath, each.name)));

interface Lines {
  readonly file: string;
  /** Lines of the registries, each behind the words that it goes behind. */
  readonly lines: Readonly<Record<string, readonly string[]>>;
}
const registered: readonly Lines[] = JSON.parse(readFileSync(join(sample, 'lines.json'), 'utf8'));
const own = filesIn(sample).filter((file) => file !== 'lines.json');

function register(leftOut = ''): void {
  for (const { file, lines } of registered) {
    const text = Object.entries(lines).reduce(
      (whole, [after, more]) => {
        expect(whole.split(after)).toHaveLength(2);
        return whole.replace(after, [after, ...more.filter((line) => line !== leftOut)].join('\n'));
      },
      readFileSync(join(root, file), 'utf8'),
    );
    writeFileSync(join(house, file), text);
  }
}

/** What the compiler says of a part of the house; nothing where all is well. */
function compiled(part: string): string {
  try {
    execFileSync(tool('tsc'), ['-b', join(house, part)], { encoding: 'utf8', stdio: 'pipe' });
    return '';
  } catch (error) {
    return (error as { stdout: string }).stdout;
  }
}

const parts = ['packages/core', 'packages/contracts', 'packages/papers', 'apps/web'];

beforeAll(() => {
  rmSync(house, { recursive: true, force: true });
  for (const part of parts) {
    for (const each of ['src', 'package.json', 'tsconfig.json']) cpSync(join(root, part, each), join(house, part, each), { recursive: true });
  }
  for (const each of ['tsconfig.base.json', 'demo']) cpSync(join(root, each), join(house, each), { recursive: true });
  // Its own packages are found here, all others above.
  mkdirSync(join(house, 'node_modules/@hobrek'), { recursive: true });
  for (const part of parts) symlinkSync(join(house, part), join(house, 'node_modules/@hobrek', part.split('/')[1] as string));
  for (const file of own) cpSync(join(sample, file), join(house, file));
  register();
}, 60_000);
afterAll(() => rmSync(house, { recursive: true, force: true }));

describe('a kind of any role that is added by the recipe', () => {
  it('touches nothing but what is its own and the lines of the registries', () => {
    expect(beyond([...own, ...registered.map(({ file }) => file)])).toEqual([]);
    const roles = new Set(own.flatMap((file) => /kinds\/(source|stage|work|feed)\//.exec(file)?.[1] ?? []));
    expect([...roles].sort()).toEqual(['feed', 'source', 'stage', 'work']);
  });

  it('compiles with its drawing and its tool', () => {
    expect(compiled('packages/core')).toBe('');
    expect(compiled('apps/web')).toBe('');
  }, 60_000);

  it.each([
    ["  'slip-clutch': drawsSlipClutch,", 'slip-clutch'],
    ['  treadle: drawsTreadle,', 'treadle'],
    ["  'paddle-mixer': drawsPaddleMixer,", 'paddle-mixer'],
  ])(
    'does not compile without its drawing: %s',
    (line, kind) => {
      register(line);
      const says = compiled('packages/core');
      register();
      expect(says).toContain(kind);
    },
    60_000,
  );

  it('is worked out, drawn, listed and read like any other', async () => {
    const core: typeof Core = await import(/* @vite-ignore */ pathToFileURL(join(house, 'packages/core/src/index.ts')).href);
    const kinds = await core.loadKinds();
    let build = core.withKind(core.blankBuild('Mixer'), 'main/source', 'treadle');
    build = core.withKind(core.withKind(build, 'main/belt', 'slip-clutch'), 'main/work', 'paddle-mixer');
    build = core.withKind(build, 'main/feed', 'generating-set');
    const typed = {
      'source/force': '150 N',
      'source/crank': '60 mm',
      'belt/springs': '200 N',
      'belt/mean': '40 mm',
    };
    for (const [path, text] of Object.entries(typed)) {
      const place = core.placesOf(build).find((each) => each.path === `main/${path}`);
      if (!place) throw new Error(`there is no field ${path}`);
      build = core.withInput(build, `main/${path}`, core.enter(place.field, text, undefined, { units: 'metric' } as never).input);
    }
    const place = (path: string) => core.placesOf(build).find((each) => each.path === path);
    const mixes = place('main/work/mixes');
    if (mixes?.field.is !== 'table') throw new Error('there is no table');
    let k = 0;
    const texts = [
      ['0.6 N·m', 'lime', 'no'],
      ['1 N·m', 'clay', 'y'],
    ];
    const put = core.withPasted(mixes.field, mixes.input, { texts, newId: () => `r${++k}` });
    expect(put.says).toEqual([]);
    build = core.withInput(build, 'main/work/mixes', put.input);
    const across = { text: '250 mm', value: 250, unit: 'mm', how: 'measured' } as const;
    build = core.withInput(build, 'main/work/bought', { text: 'big paddle', how: 'chosen', part: { id: 'big', inputs: { across } } });
    // What is kept of it is read again, and told.
    const { readBuild }: typeof Contracts = await import(/* @vite-ignore */ pathToFileURL(join(house, 'packages/contracts/src/index.ts')).href);
    expect(readBuild(JSON.parse(JSON.stringify(build)))).toMatchObject({ ok: true, build, notices: [] });
    const evaluation = core.evaluateBuild(build, kinds);
    expect(core.figureAt(evaluation, 'main/work/torque')).toMatchObject({ known: true, value: 1 });
    expect(core.asMarkdown(build, evaluation)).toContain('big paddle (250 mm)');
    // By hand: 150 N × 0.06 m / π = 2.86 N·m; 2 × 0.35 × 200 N × 0.04 m = 5.6 N·m.
    const figure = (path: string) => core.figureAt(evaluation, path);
    expect(figure('main/source/torque')).toMatchObject({ known: true, value: expect.closeTo(2.865, 3) });
    expect(figure('main/belt/slips-at')).toMatchObject({ known: true, value: expect.closeTo(5.6, 6) });
    expect(evaluation.checks.find(({ id }) => id === 'main/belt/check-holds')?.verdict).toBe('holds');
    const [line] = evaluation.lines;
    const drawn = core.drawMachine(line?.outlines ?? [], [], line?.ends);
    expect(new Set(drawn.strokes.map(({ layer }) => layer))).toEqual(
      new Set(['paddle-mixer', 'treadle', 'slip-clutch', 'centre-lines', 'shafts', 'words']),
    );
    expect(core.partsList(build).map(({ what }) => what)).toContain('slip clutch');
  }, 60_000);

  it('is, where it is simple, less than 250 lines by hand', () => {
    const ofClutch = own.filter((file) => file.includes('slip-clutch'));
    const lines = ofClutch.reduce((sum, file) => sum + readFileSync(join(sample, file), 'utf8').split('\n').length, 0);
    expect(ofClutch.length).toBeGreaterThan(4);
    expect(lines).toBeLessThan(250);
  });
});
