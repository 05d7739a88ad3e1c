// `npm run bench [-- evaluation|finder|shafts|reading|saves|keys|taps|wire|load|shed]`, or `-- --against <commit>` for what is here and what was by turns: measures, and prints what was measured beside what it should be. Ratios within one run; nothing here
// fails a test.
import { spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { Agent, request } from 'node:http';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { builtAt, evaluationAgainst, keysAgainst, savesAgainst } from './bench/against.mjs';
import { drivesCold } from './bench/drives.mjs';
import { finderRun } from './bench/finder.mjs';
import { keystrokes, withBrowser } from './bench/keystrokes.mjs';
import { writeReport } from './bench/report.mjs';
import { shaftsRun } from './bench/shafts.mjs';
import { largeShed } from './bench/shed.mjs';
import { demo, sixStages } from './bench/six-stages.mjs';
import { ms, share } from './bench/spread.mjs';
import { couldDrive, finderTasks, taps } from './bench/taps.mjs';
import { firstScreens, packing } from './bench/wire.mjs';
import { build } from './parts/build.mjs';
import { startCluster } from './parts/database.mjs';
import { checkNode, installPackages } from './parts/install.mjs';
import { root, tool } from './parts/places.mjs';
import { freePort } from './parts/ports.mjs';
import { run } from './parts/run.mjs';
import { serverFlags, serverMemory } from './parts/server-memory.mjs';
import { ensureChromium } from './parts/system.mjs';

const say = (line) => process.stdout.write(`${line}\n`);
const rows = [];
const row = (what, measured, wanted) => {
  rows.push([what, measured, wanted]);
  say(`${what.padEnd(58)} ${measured.padEnd(26)} ${wanted}`);
};

/** Always the same sums: how busy the machine is with other things, so that one run can be told from another. */
function spin() {
  const from = performance.now();
  let sum = 0;
  for (let k = 0; k < 100_000_000; k++) sum += k % 7;
  return sum > 0 ? performance.now() - from : 0;
}

async function evaluation() {
  const runs = [];
  for (let k = 0; k < 5; k++) runs.push(Number(await run(process.execPath, [join(root, 'bin/bench/six-stages.mjs'), 'run'], { quiet: true })));
  row('one evaluation of six stages, with trace, best of five', ms(Math.min(...runs)), 'wanted: 0.5 ms');
}

/** Every text of the table of entries, many times over. */
async function reading() {
  const { quantities, readQuantity } = await import('../packages/core/dist/index.js');
  const table = JSON.parse(readFileSync(join(root, 'packages/core/test/reading.json'), 'utf8'));
  const fields = Object.fromEntries(
    Object.entries(quantities).map(([quantity, { spellings }]) => [
      quantity,
      { label: 'Field', quantity, accepts: [0, 1e9], bare: spellings[0].symbol },
    ]),
  );
  const rounds = Array.from({ length: 20 }, () => {
    const from = performance.now();
    for (const [text, quantity] of table) readQuantity(text, fields[quantity]);
    return (performance.now() - from) / table.length;
  });
  row('one text of a field read, best of twenty rounds of the table', ms(Math.min(...rounds)), 'wanted: 0.1 ms');
}

/** A search over what shops have and a drawer of thirty parts: rows of stages that there are, and how long it takes to have the best of them. */
async function finder() {
  const [first, again, three] = JSON.parse(await run(process.execPath, [finderRun, 'run'], { quiet: true }));
  const rows = ({ rows: many }) => `${(many / 1e6).toFixed(0)} million rows`;
  row(`the best drives of two stages, of ${rows(first)}`, `${ms(again.searched)} (first ${ms(first.searched)})`, 'wanted: 10 million in 2 s');
  row(`of three stages, of ${rows(three)}`, ms(three.searched), '');
  row(`${again.looked} full evaluations of them`, ms(again.judged), 'wanted: 1,000 at most');
  row('memory of all that', `${three.heap_MB.toFixed(0)} MB`, 'wanted: 300 MB');
}

/** What shafts as they lie add: one by itself, and twelve of them at a key. */
async function shafts() {
  const { statics, whirl, quiet, loud } = JSON.parse(await run(process.execPath, [shaftsRun, 'shafts'], { quiet: true }));
  const over = ([without, with_, after]) => `${ms(with_)} / ${ms(without)} = ${(with_ / without).toFixed(2)}; the shafts ${ms(after)} later`;
  row('a shaft of 12 sections and 8 loads, where it is stressed', ms(statics), 'wanted: within a frame');
  row('the same, bent and three ways in which it whirls', ms(whirl), 'wanted: 5 ms');
  row('a key that moves nothing of twelve shafts, over without', over(quiet), 'wanted: 1.1');
  row('a key that changes what pulls on six of twelve, over without', over(loud), 'wanted: 1.1');
}

async function withServer(work, tree = root) {
  const folder = mkdtempSync(join(tmpdir(), 'hobrek-bench-'));
  chmodSync(folder, 0o755);
  const cluster = await startCluster({ folder });
  const port = await freePort();
  const env = { ...serverMemory, ...process.env, DATABASE_URL: cluster.url, HOBREK_PORT: String(port), HOBREK_DUMPS: join(folder, 'dumps') };
  const server = spawn(process.execPath, [...serverFlags, join(tree, 'apps/server/dist/main.js')], {
    env,
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
  });
  await new Promise((resolve) => server.once('message', resolve));
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: cluster.url });
  await client.connect();
  try {
    await work(`http://127.0.0.1:${port}`, client, server.pid);
  } finally {
    await client.end();
    server.kill('SIGTERM');
    await new Promise((resolve) => server.once('exit', resolve));
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

const post = (base, build) =>
  fetch(`${base}/api/builds`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(build) }).then((answer) =>
    answer.json(),
  );

/** One request over a line that stays open, as a browser’s does, with little work of its own on this side. */
const line = new Agent({ keepAlive: true });
const put = (url, headers, text) =>
  new Promise((resolve, reject) => {
    const sent = request(url, { method: 'PUT', agent: line, headers: { ...headers, 'content-length': Buffer.byteLength(text) } }, (answer) => {
      const pieces = [];
      answer.on('data', (piece) => pieces.push(piece));
      answer.on('end', () =>
        answer.statusCode === 200 ? resolve(Buffer.concat(pieces)) : reject(new Error(`${answer.statusCode} ${Buffer.concat(pieces)}`)),
      );
    });
    sent.on('error', reject);
    sent.end(text);
  });

/** The document with another motor, so that every save has something to say and to work out. */
function withPower(document, watts) {
  const lines = structuredClone(document.lines);
  Object.assign(lines[0].source.inputs.power, { text: `${watts} W`, value: watts });
  return JSON.stringify({ ...document, lines });
}

/** Saves at a steady rate, each beside a bare insert of the same document, so that both meet the same disk. */
async function saves(base, client, count) {
  const { id, build: document } = await post(base, demo());
  const [took, bare] = [[], []];
  for (let version = 1; version <= count; version++) {
    const due = performance.now() + 10;
    const text = withPower(document, 500 + (version % 100));
    let from = performance.now();
    await put(`${base}/api/builds/${id}`, { 'content-type': 'application/json', 'if-match': `"${version}"` }, text);
    took.push(performance.now() - from);
    from = performance.now();
    await client.query('insert into bench_bare (document) values ($1)', [text]);
    bare.push(performance.now() - from);
    await new Promise((resolve) => setTimeout(resolve, Math.max(0, due - performance.now())));
  }
  return { p50: share(took, 0.5), p99: share(took, 0.99), bare50: share(bare, 0.5), bare99: share(bare, 0.99) };
}

/** Saves one build again and again. @returns does it once, and tells how long it took, ms */
function saver(base, { id, build: document, version }) {
  let at = version;
  return async () => {
    const text = withPower(document, 500 + (at % 100));
    const from = performance.now();
    await put(`${base}/api/builds/${id}`, { 'content-type': 'application/json', 'if-match': `"${at++}"` }, text);
    return performance.now() - from;
  };
}

async function saving(base, client) {
  await client.query('create table bench_bare (id bigserial primary key, document jsonb)');
  const fill = (many) =>
    client.query(
      `insert into builds (name, document, summary, engine) select 'b' || n, b.document, b.summary, b.engine from generate_series(1, $1) n, (select * from builds limit 1) b`,
      [many],
    );
  await saves(base, client, 100);
  await fill(100);
  const few = await saves(base, client, 600);
  await fill(9_900);
  await client.query('analyze');
  const many = await saves(base, client, 600);
  row('a save, half of them within', ms(few.p50), 'wanted: 10 ms');
  row('a save, 99 of 100 within, over a bare insert’s', `${ms(few.p99)} / ${ms(few.bare99)} = ${(few.p99 / few.bare99).toFixed(2)}`, 'wanted: 1.5');
  row('a save with 10,000 builds over one with 100', `${ms(many.p50)} / ${ms(few.p50)} = ${(many.p50 / few.p50).toFixed(2)}`, 'wanted: 1.3');
}

/** So many people at once, each on a build of their own, reading and saving without pause. Only when asked for: it takes a minute. */
async function load(base, client, people = 200, seconds = Number(process.env.HOBREK_LOAD ?? 60)) {
  await client.query('create table if not exists bench_bare (id bigserial primary key, document jsonb)');
  const [saved, read, bare, failed] = [[], [], [], []];
  const until = performance.now() + 1000 * seconds;
  const timed = async (into, work) => {
    const from = performance.now();
    try {
      const answer = await work();
      if (answer && !answer.ok) failed.push(answer.status);
    } catch (error) {
      failed.push(error.message);
    }
    into.push(performance.now() - from);
  };
  const person = async () => {
    const { id, build: document } = await post(base, demo());
    for (let version = 1; performance.now() < until; version++) {
      await timed(saved, () =>
        fetch(`${base}/api/builds/${id}`, {
          method: 'PUT',
          headers: { 'content-type': 'application/json', 'if-match': `"${version}"` },
          body: JSON.stringify({ ...document, brief: `version ${version}` }),
        }),
      );
      await timed(read, () => fetch(`${base}/api/builds/${id}`));
    }
  };
  const inserter = async () => {
    const text = JSON.stringify(demo());
    while (performance.now() < until) {
      await timed(bare, () => client.query('insert into bench_bare (document) values ($1)', [text]).then(() => null));
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
  };
  await Promise.all([inserter(), ...Array.from({ length: people }, person)]);
  const spread = (values) => `${ms(share(values, 0.5))} / ${ms(share(values, 0.99))}`;
  row(
    `${people} people at once: errors`,
    `${failed.length} in ${saved.length + read.length} requests${failed.length > 0 ? ` (${failed[0]})` : ''}`,
    'wanted: 0',
  );
  row(`${people} people at once: a save, half / 99 of 100`, spread(saved), '');
  row(`${people} people at once: a read, half / 99 of 100`, spread(read), '');
  row(`${people} people at once: a bare insert beside them, half / 99 of 100`, spread(bare), '');
}

/** What is here and what was at a commit, by turns. */
async function against(commit) {
  const then = await builtAt(commit, say);
  await evaluationAgainst(then, row);
  await withServer(
    async (thenBase) =>
      withServer(async (nowBase) => {
        // Each its own demo: what is here may be written in words that the other does not know yet.
        const [old, current] = [await post(thenBase, sixStages(demo(then))), await post(nowBase, sixStages(demo()))];
        await savesAgainst({ before: saver(thenBase, old), now: saver(nowBase, current) }, row);
        const pages = { before: `${thenBase}/builds/${old.id}`, now: `${nowBase}/builds/${current.id}` };
        await withBrowser((browser) => keysAgainst(pages, browser, row));
      }),
    then,
  );
}

const parts = new Set(process.argv.slice(2));
const commit = parts.has('--against') ? process.argv.at(-1) : null;
const wanted = (part) => commit === null && (parts.size === 0 || parts.has(part));

checkNode();
await installPackages(say);
if (wanted('keys') || wanted('taps') || wanted('wire') || parts.has('shed') || commit !== null) await ensureChromium(say);
await build(say);
say(`\n${cpus()[0]?.model ?? 'unknown processor'}, ${cpus().length} cores, Node.js ${process.versions.node}\n`);
const before = Math.min(spin(), spin());
if (commit !== null) await against(commit);
if (wanted('evaluation')) await evaluation();
if (wanted('finder')) await finder();
if (wanted('shafts')) await shafts();
if (wanted('reading')) await reading();
if (wanted('saves') || wanted('keys') || parts.has('load')) {
  await withServer(async (base, client) => {
    if (wanted('saves')) await saving(base, client);
    if (wanted('keys')) await keystrokes(base, (sent) => post(base, sent), row);
    if (parts.has('load')) await load(base, client);
  });
}
if (wanted('taps')) {
  await withServer((base) =>
    withBrowser(async (browser) => {
      await taps(base, browser, post, demo, row);
      await finderTasks(base, browser, post, demo, row);
      await drivesCold(base, browser, demo, row);
      await couldDrive(base, browser, post, demo, row);
    }),
  );
}
if (wanted('wire')) {
  await withServer(async (base) => {
    await packing(base, post, row);
    const { id } = await post(base, demo());
    await withBrowser((browser) => firstScreens(base, browser, id, row));
  });
}
if (parts.has('shed')) await largeShed(withServer, post, demo, row, say);
if (rows.length > 0) row('a hundred million additions, before and after', `${ms(before)} / ${ms(Math.min(spin(), spin()))}`, '');
if (rows.length > 0) {
  const report = writeReport(rows, `${cpus()[0]?.model ?? 'unknown processor'}, ${cpus().length} cores, Node.js ${process.versions.node}`);
  await run(tool('biome'), ['format', '--write', report], { quiet: true });
}
