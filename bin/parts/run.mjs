import { spawn } from 'node:child_process';
import { root } from './places.mjs';

const running = new Set();
let ending = false;

// A child in a group of its own outlives a Ctrl-C of ours unless it is passed on: npm that goes on by itself breaks the next install.
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
  process.on(signal, () => {
    for (const child of running) endGroup(child, 'SIGTERM');
    if (ending || running.size === 0) return;
    ending = true;
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
 * Runs a program to its end. `quiet` keeps its output back and puts it into the error if it fails.
 * @returns what it wrote to stdout when quiet, otherwise an empty text
 */
export async function run(command, args, { cwd = root, env = process.env, quiet = false, toStderr = false } = {}) {
  const stdio = quiet ? ['ignore', 'pipe', 'pipe'] : ['ignore', toStderr ? process.stderr : 'inherit', 'inherit'];
  const child = spawn(command, args, { cwd, env, stdio, detached: true });
  running.add(child);
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
  if (ending) process.exit(130);
  if (code !== 0) throw Object.assign(new Error(`${command} ${args.join(' ')} ended with ${code}\n${said.trim()}`), { exit: code, said });
  return out;
}
