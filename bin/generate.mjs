// What core gathers about itself: the list of formulas, their relations as parsed, and what the procedures say. `--write` makes the files anew.
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { basename, dirname, join, relative } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import { parse } from 'mathjs';
import { cache, root } from './parts/places.mjs';

const source = join(root, 'packages/core/src');
const head = '// Made by `npm run generate` from the code; not to be edited.\n';

/** Files of core that define something by this function, in the order of their paths. */
function filesThat(define) {
  const files = readdirSync(source, { recursive: true }).filter(
    (file) => file.endsWith('.ts') && !file.endsWith('.test.ts') && file !== join('figure', 'formula.ts'),
  );
  return files.filter((file) => readFileSync(join(source, file), 'utf8').includes(`${define}(`)).sort();
}

/** What these files export, as the code is now: bundled from the sources, since what is compiled may be older. */
async function exportsOf(files) {
  const outfile = join(cache, 'gathered.mjs');
  mkdirSync(dirname(outfile), { recursive: true });
  const contents = files.map((file, k) => `export * as m${k} from ${JSON.stringify(`./${file}`)};`).join('\n');
  await build({
    stdin: { contents, resolveDir: source, loader: 'ts' },
    bundle: true,
    format: 'esm',
    platform: 'node',
    conditions: ['source'],
    outfile,
    logLevel: 'error',
  });
  const modules = await import(`${pathToFileURL(outfile).href}?${Date.now()}`);
  return files.flatMap((file, k) => Object.entries(modules[`m${k}`]).map(([name, value]) => ({ file, name, value })));
}

/** A relation as a tree: numbers as they are written, names as text, and what is done with them as a list that begins with its sign. */
function treeOf(node) {
  if (node.type === 'ParenthesisNode') return treeOf(node.content);
  if (node.type === 'ConstantNode') return node.value;
  if (node.type === 'SymbolNode') return node.name;
  if (node.type === 'FunctionNode') return [node.fn.name, ...node.args.map(treeOf)];
  if (node.type === 'OperatorNode' && node.args.length === 1 && node.op === '-') {
    const [of] = node.args.map(treeOf);
    return typeof of === 'number' ? -of : ['-', of];
  }
  if (node.type === 'OperatorNode' && node.args.length === 2) return [node.op, ...node.args.map(treeOf)];
  throw new Error(`a relation has ${node.type} ${node.op ?? ''}, which is not set in print yet`);
}

/** @throws Error where something is defined and not exported: it would be missing from the list without a word */
function allOf(define, files, found) {
  const defined = files.reduce((sum, file) => sum + readFileSync(join(source, file), 'utf8').split(`${define}(`).length - 1, 0);
  if (defined !== found.length)
    throw new Error(`${define} is called ${defined} times, ${found.length} of what it made are exported: export every one`);
  return found;
}

/** Letters' own order: the same on every machine. */
const byText = (a, b) => (a < b ? -1 : a > b ? 1 : 0);

async function files() {
  const [formulaFiles, procedureFiles] = [filesThat('defineFormula'), filesThat('defineProcedure')];
  const isFormula = ({ value }) => typeof value === 'function' && typeof value.expr === 'string';
  const isProcedure = ({ value }) => typeof value?.says === 'string' && typeof value.source === 'string' && 'ready' in value;
  const formulas = allOf('defineFormula', formulaFiles, (await exportsOf(formulaFiles)).filter(isFormula));
  const procedures = allOf('defineProcedure', procedureFiles, (await exportsOf(procedureFiles)).filter(isProcedure));
  const ids = [...formulas, ...procedures].map(({ value }) => value.id);
  const twice = ids.find((id, k) => ids.indexOf(id) !== k);
  if (twice) throw new Error(`The id ${twice} is used twice among formulas and procedures`);
  const imported = ({ file, name }) => `import { ${name} } from './${relative('formulas', file).replaceAll('\\', '/').replace(/\.ts$/, '.js')}';`;
  const registry = [
    "import type { Formula } from '../figure/formula.js';",
    ...formulas.map(imported),
    '',
    'const all = [',
    ...formulas.map(({ name }) => `  ${name},`),
    '];',
    '',
    '/** Every formula by its id. */',
    'export const formulas: ReadonlyMap<string, Formula> = new Map(all.map((formula) => [formula.id, formula as unknown as Formula]));',
    '',
  ].join('\n');
  const byId = (list) => [...list].sort((a, b) => byText(a.value.id, b.value.id));
  const relations = [
    "import type { Relation } from '../procedures/set-relation.js';",
    '',
    '/** Every relation, parsed, by the id of its formula. */',
    'export const relations: Readonly<Record<string, Relation>> = {',
    ...byId(formulas).map(({ value: { id, expr } }) => `  '${id}': ${JSON.stringify(treeOf(parse(expr)))},`),
    '};',
    '',
  ].join('\n');
  const words = [
    '/** How a figure is found where no single formula does it: shown where a formula would be. */',
    'export const procedureWords: Readonly<Record<string, { readonly says: string; readonly source: string }>> = {',
    ...byId(procedures).map(({ value: { id, says, source: by } }) => `  '${id}': { says: ${JSON.stringify(says)}, source: ${JSON.stringify(by)} },`),
    '};',
    '',
  ].join('\n');
  return { 'formulas/registry.ts': registry, 'formulas/relations.ts': relations, 'procedures/procedure-words.ts': words };
}

/** @returns the files that are not what the code says */
export async function staleLists({ write = false } = {}) {
  const made = await files();
  return Object.entries(made).flatMap(([path, text]) => {
    const file = join(source, path);
    const whole = head + text;
    if (existsSync(file) && readFileSync(file, 'utf8') === whole) return [];
    if (!write) return [`packages/core/src/${path} is not what the code says: run npm run generate`];
    writeFileSync(file, whole);
    return [];
  });
}

if (basename(process.argv[1] ?? '') === 'generate.mjs') {
  const stale = await staleLists({ write: process.argv.includes('--write') });
  process.stdout.write(stale.length === 0 ? 'The generated lists are current\n' : `${stale.join('\n')}\n`);
  process.exitCode = stale.length === 0 ? 0 : 1;
}
