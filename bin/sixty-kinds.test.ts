import { fileURLToPath } from 'node:url';
import { brotliCompressSync, constants } from 'node:zlib';
import { build, type Plugin, type Rolldown } from 'vite';
import { afterAll, beforeAll, expect, it } from 'vitest';

const web = fileURLToPath(new URL('../apps/web', import.meta.url));

/** Forty kinds of stage beside those that there are, each as empty as one can be and in a folder of its own. */
const more = 40;
const emptyKinds = (): Plugin => ({
  name: 'test:empty-kinds',
  enforce: 'pre',
  resolveId: (id) => (id.startsWith('virtual:') ? `\0${id}` : undefined),
  load: (id) => {
    const [, k] = /^\0virtual:kinds\/stage\/empty-(\d+)\/kind\.ts$/.exec(id) ?? [];
    return k === undefined ? undefined : `export const empty = { role: 'stage', kind: 'empty-${k}' };`;
  },
  transform(code, id) {
    if (!/kinds\/registry\.ts$/.test(id)) return undefined;
    const lines = Array.from(
      { length: more },
      (_, k) =>
        `{ head: { ...openStageHead, kind: 'empty-${k}', label: 'Empty stage ${k}' }, load: async () => erased((await import('virtual:kinds/stage/empty-${k}/kind.ts')).empty) },`,
    );
    const at = code.indexOf('{ head: vBeltHead');
    expect(at).toBeGreaterThan(0);
    return `${code.slice(0, at)}${lines.join('\n')}${code.slice(at)}`;
  },
});

// Vite takes a bundle for one to develop with as long as this says that tests are running.
const kept = process.env.NODE_ENV;
beforeAll(() => {
  process.env.NODE_ENV = 'production';
});
afterAll(() => {
  process.env.NODE_ENV = kept;
});

async function chunksWith(plugins: readonly Plugin[]): Promise<readonly Rolldown.OutputChunk[]> {
  const built = (await build({
    root: web,
    configFile: `${web}/vite.config.ts`,
    logLevel: 'error',
    plugins: [...plugins],
    build: { write: false },
  })) as Rolldown.RolldownOutput;
  return built.output.filter((each): each is Rolldown.OutputChunk => each.type === 'chunk');
}

/** A chunk and all that it needs before it runs. */
function needed(chunks: readonly Rolldown.OutputChunk[], first: readonly Rolldown.OutputChunk[]): ReadonlySet<Rolldown.OutputChunk> {
  const all = new Set<Rolldown.OutputChunk>();
  const todo = [...first];
  for (let chunk = todo.pop(); chunk; chunk = todo.pop()) {
    if (all.has(chunk)) continue;
    all.add(chunk);
    todo.push(...chunks.filter(({ fileName }) => chunk?.imports.includes(fileName)));
  }
  return all;
}

const kB = (chunks: Iterable<Rolldown.OutputChunk>): number =>
  [...chunks].reduce((sum, { code }) => sum + brotliCompressSync(code, { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }).length, 0) / 1000;

const codeOf = (chunks: Iterable<Rolldown.OutputChunk>): string => [...chunks].map(({ code }) => code).join('\n');

/** What a page of a fresh visitor needs. */
const firstOf = (chunks: readonly Rolldown.OutputChunk[], ...modules: readonly RegExp[]) =>
  needed(
    chunks,
    chunks.filter((chunk) => chunk.isEntry || modules.some((module) => Object.keys(chunk.modules).some((id) => module.test(id)))),
  );
const list = /features\/builds\/builds-page\.tsx$/;
const page = [/app\/build-page\.tsx$/, /features\/overview\/overview-stop\.tsx$/, /kinds\/stage\/(?:v-belt|empty-\d+)\/kind\.ts$/];

// Once, on a busy machine, the bundler broke off.
it('forty kinds more are no file more on the first screens, next to nothing on the wire, and nothing of the list; pages without a build have no computation', {
  timeout: 120_000,
  retry: 1,
}, async () => {
  const [now, then] = [await chunksWith([]), await chunksWith([emptyKinds()])];
  const [buildNow, buildThen] = [firstOf(now, ...page), firstOf(then, ...page)];
  expect(codeOf(buildThen).includes(`empty-${more - 1}`)).toBe(true);
  expect(buildThen.size).toBe(buildNow.size);
  expect(buildThen.size).toBeLessThan(12);
  expect(kB(buildThen) - kB(buildNow)).toBeLessThan(4);
  const listThen = firstOf(then, list);
  expect(codeOf(listThen).includes('empty-')).toBe(false);
  expect(kB(listThen)).toBeLessThan(140);
  // Pages without a build do without what works one out.
  for (const other of [/features\/phone\/phone-page/, /features\/backups\/backups-page/, /features\/deleted\/deleted-page/]) {
    const modules = [...firstOf(now, other)].flatMap((chunk) => Object.keys(chunk.modules));
    expect([modules.some((id) => other.test(id)), modules.some((id) => /procedures\/evaluate-build\.ts$/.test(id))]).toEqual([true, false]);
  }
  // What is fetched when it is needed is not fetched before: charts, papers, what a file is read with.
  for (const never of [/node_modules\/recharts\//, /node_modules\/papaparse\//, /node_modules\/@streamparser\//, /node_modules\/@dnd-kit\//])
    expect([...buildThen, ...listThen].flatMap(({ modules }) => Object.keys(modules)).filter((id) => never.test(id))).toEqual([]);
});
