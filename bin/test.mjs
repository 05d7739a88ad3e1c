// `npm test`: installs what is missing and runs everything. Closes with `N passed, N failed` alone on the last line.
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './parts/build.mjs';
import { checkNode, installPackages } from './parts/install.mjs';
import { cache, root, tool } from './parts/places.mjs';
import { run } from './parts/run.mjs';
import { ensureChromium, ensurePostgres } from './parts/system.mjs';

const say = (line) => process.stdout.write(`${line}\n`);
const reports = join(cache, 'test');
let [passed, failed] = [0, 0];
/** Every test with how long it took. */
const slow = [];
/** More tests than this that pass only at their second try are no accident of a busy machine: they fail the run. */
const mostSecondTries = 3;

function count(name, ok, fail, words = '') {
  passed += ok;
  failed += fail;
  say(`${fail === 0 ? 'ok  ' : 'FAIL'} ${name}${ok + fail > 1 ? `: ${ok} passed, ${fail} failed` : ''}${words && fail > 0 ? `\n${words}` : ''}`);
}

/** A check that holds or does not. */
async function step(name, work) {
  try {
    await work();
    count(name, 1, 0);
  } catch (error) {
    count(name, 0, 1, error.said || error.message);
  }
}

/** A test runner that writes a report: its own counts, or one failure when it wrote none. */
async function runner(name, command, args, report, countsIn, env = process.env) {
  rmSync(report, { force: true });
  let crashed = '';
  await run(tool(command), args, { env }).catch((error) => {
    crashed = error.message;
  });
  try {
    const { ok, fail } = countsIn(JSON.parse(readFileSync(report, 'utf8')));
    // A runner that ends badly with every test fine has failed all the same, and so has one that found no test.
    const hidden = (crashed && fail === 0) || ok + fail === 0 ? 1 : 0;
    count(name, ok, fail + hidden, crashed);
  } catch {
    count(name, 0, 1, crashed || 'it wrote no report');
  }
}

const quietly = (command, args) => run(tool(command), args, { quiet: true });
const must = (complaints) => {
  if (complaints.length > 0) throw new Error(complaints.join('\n'));
};

async function main() {
  checkNode();
  await installPackages(say);
  await ensurePostgres(say);
  await ensureChromium(say);
  mkdirSync(reports, { recursive: true });

  await step('build', () => build(say));
  await step('types of the tests', () => quietly('tsc', ['-p', 'tsconfig.tests.json']));
  await step('format and lint', () => quietly('biome', ['ci', '.']));
  await step('import boundaries', () =>
    quietly('depcruise', [
      'packages/core/src',
      'packages/contracts/src',
      'packages/papers/src',
      'apps/cli/src',
      'apps/server/src',
      'apps/web/src',
      '--config',
      '.dependency-cruiser.cjs',
    ]),
  );
  await step('unused code', () => quietly('knip', []));
  await step('licences of what is shipped', async () => must((await import('./licences.mjs')).licenceComplaints()));
  await step('packages as locked', async () => must((await import('./lock-audit.mjs')).lockComplaints()));
  await step('generated lists', async () => must(await (await import('./generate.mjs')).staleLists()));
  await step('generated pages', async () => must(await (await import('./docs.mjs')).staleDocs()));
  const { tests, all, share } = (await import('./test-share.mjs')).testShare();
  say(`     tests are ${tests} of ${all} lines of TypeScript: ${(100 * share).toFixed(1)} %`);

  const vitest = join(reports, 'vitest.json');
  await runner(
    'unit and server tests',
    'vitest',
    ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${vitest}`],
    vitest,
    (report) => {
      slow.push(
        ...report.testResults.flatMap((file) => file.assertionResults.map(({ fullName, duration }) => ({ name: fullName, ms: duration ?? 0 }))),
      );
      return {
        ok: report.numPassedTests,
        fail: report.numFailedTests + report.testResults.filter((file) => file.status === 'failed' && file.assertionResults.length === 0).length,
      };
    },
    // The packages were built above (vitest.config.ts).
    { ...process.env, HOBREK_BUILT: '1' },
  );
  const playwright = join(reports, 'playwright.json');
  await runner(
    'end to end',
    'playwright',
    ['test', '--config', 'e2e/playwright.config.ts'],
    playwright,
    ({ stats, suites }) => {
      const tests = suites.flatMap(testsOf);
      slow.push(...tests);
      for (const { name, why } of tests.filter((each) => each.second)) say(`     only at its second try: ${name}\n       the first: ${why}`);
      const excused = stats.flaky <= mostSecondTries ? stats.flaky : 0;
      return { ok: stats.expected + excused, fail: stats.unexpected + stats.flaky - excused };
    },
    {
      ...process.env,
      PLAYWRIGHT_JSON_OUTPUT_NAME: playwright,
    },
  );
  say('\nThe slowest ten:');
  for (const { name, ms } of slow.sort((a, b) => b.ms - a.ms).slice(0, 10)) say(`  ${(ms / 1000).toFixed(1).padStart(5)} s  ${name}`);
}

/** Every test of a suite of the browser's, and of those within it. */
const testsOf = ({ title, suites = [], specs = [] }) => [
  ...suites.flatMap(testsOf),
  ...specs.map((spec) => {
    const results = spec.tests.flatMap((each) => each.results);
    return {
      name: `${title}: ${spec.title}`,
      ms: Math.max(...results.map(({ duration }) => duration)),
      second: spec.tests.some(({ status }) => status === 'flaky'),
      why: (results[0]?.error?.message ?? '').split('\n')[0],
    };
  }),
];

process.chdir(root);
try {
  await main();
} catch (error) {
  count('the run', 0, 1, error.message);
}
say(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 0 ? 0 : 1);
