// `npm run bench -- --against <commit>`: the same two things of the commit and of what is here, by turns in one run, so that both meet the same machine.
import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { root } from '../parts/places.mjs';
import { run } from '../parts/run.mjs';
import { typedBy } from './keystrokes.mjs';
import { median } from './six-stages.mjs';
import { ms } from './spread.mjs';

const turns = 10;

/** The commit as it was, installed and built, beside this one; kept for the next run. @returns its folder */
export async function builtAt(commit, say) {
  const hash = execFileSync('git', ['rev-parse', '--verify', `${commit}^{commit}`], { cwd: root, encoding: 'utf8' }).trim();
  // Not in a folder whose name begins with a point: a server gives nothing out of those.
  const folder = join(tmpdir(), 'hobrek-against', hash);
  if (existsSync(folder)) return folder;
  say(`Building ${commit} beside this one (a minute or two, once) …`);
  const half = `${folder}.half`;
  rmSync(half, { recursive: true, force: true });
  mkdirSync(half, { recursive: true });
  execFileSync('tar', ['-x', '-C', half], { input: execFileSync('git', ['archive', hash], { cwd: root, maxBuffer: 1 << 30 }) });
  await run('npm', ['ci'], { cwd: half, quiet: true });
  const { build } = await import(pathToFileURL(join(half, 'bin/parts/build.mjs')).href);
  await build(() => {});
  renameSync(half, folder);
  return folder;
}

/** One evaluation of six stages: half of each turn's within, half of the turns within. */
export async function evaluationAgainst(then, row) {
  const [before, now] = [[], []];
  const once = async (tree) => Number(await run(process.execPath, [join(tree, 'bin/bench/six-stages.mjs'), 'run'], { quiet: true }));
  for (let turn = 0; turn < turns; turn++) {
    before.push(await once(then));
    now.push(await once(root));
  }
  told('an evaluation of six stages', before, now, row);
}

/** A key that changes figures, typed into the page of each. */
export async function keysAgainst(pages, browser, row) {
  const [before, now] = [[], []];
  for (let turn = 0; turn < turns; turn++) {
    for (const [page, into] of [
      [pages.before, before],
      [pages.now, now],
    ]) {
      into.push(median((await typedBy(browser, page)).filter(({ changes }) => changes).map(({ span }) => span)));
    }
  }
  told('a key that changes figures, on six stages', before, now, row);
}

/** So many saves of each, of one build with another motor each time. @param save saves once, and tells how long it took, ms */
export async function savesAgainst(saves, row, each = 60) {
  const [before, now] = [[], []];
  for (let turn = 0; turn < turns; turn++) {
    for (const [save, into] of [
      [saves.before, before],
      [saves.now, now],
    ]) {
      const took = [];
      for (let k = 0; k < each; k++) took.push(await save());
      // What a first turn warms up is no part of it.
      if (turn > 0) into.push(median(took));
    }
  }
  told('a save', before, now, row);
}

function told(what, before, now, row) {
  const [then, here] = [median(before), median(now)];
  row(`${what}, over before (${turns} turns)`, `${ms(here)} / ${ms(then)} = ${(here / then).toFixed(2)}`, 'wanted: 1.1');
}
