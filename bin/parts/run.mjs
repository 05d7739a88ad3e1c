import { spawn } from 'node:child_process';
import { root } from './places.mjs';

const running = new Set();
const whenEnding = new Set();
let ending = false;

/** Somebody ended this: what is under way is broken off, and what was started is taken back on the way out. */
export class Ended extends Error {
  constructor() {
    super('Broken off.');
    this.exit = 130;
  }
}

export const isEnding = () => ending;

/** @throws Ended once somebody has ended this */
export function unlessEnding() {
  if (ending) throw new Ended();
}

/** Does something when this is ended, and leaves it to the caller to come to an end. @returns what calls it off */
export function onEnding(act) {
  whenEnding.add(act);
  return () => whenEnding.delete(act);
}

// A child in a group of its own outlives a Ctrl-C of ours unless it is passed on: npm that goes on by itself breaks the next install.
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
  process.on(signal, () => {
    // Nobody else is there who would come to an end.
    if (running.size === 0 && whenEnding.size === 0 && process.listenerCount(signal) === 1) process.exit(130);
    ending = true;
    for (const child of running) endGroup(child, 'SIGTERM');
    for (const act of whenEnding) act();
  });
}

/** Ends a child and all it started. */
export function endGroup(child, signal) {
  try {
    process.kill(-child.pid, signal);
  } catch {
    // It has ended already.
  }
}

/**
 * Runs a program to its end. `quiet` keeps its output back and puts it into the error if it fails; a `patient` one is not broken off: it starts or stops
 * what must not be left half done.
 * @returns what it wrote to stdout when quiet, otherwise an empty text
 * @throws Ended when somebody ended this meanwhile
 */
export async function run(command, args, { cwd = root, env = process.env, quiet = false, toStderr = false, patient = false } = {}) {
  if (!patient) unlessEnding();
  const stdio = quiet ? ['ignore', 'pipe', 'pipe'] : ['ignore', toStderr ? process.stderr : 'inherit', 'inherit'];
  const child = spawn(command, args, { cwd, env, stdio, detached: true });
  if (!patient) running.add(child);
  let out = '';
  let said = '';
  child.stdout?.on('data', (piece) => {
    out += piece;
    said += piece;
  });
  child.stderr?.on('data', (piece) => {
    said += piece;
  });
  const code = await new Promise((resolve, reject) => {
    child.on('error', reject);
    child.on('close', (exit, signal) => resolve(exit ?? signal));
  }).finally(() => running.delete(child));
  if (!patient) unlessEnding();
  if (code !== 0) throw Object.assign(new Error(`${command} ${args.join(' ')} ended with ${code}\n${said.trim()}`), { exit: code, said });
  return out;
}
