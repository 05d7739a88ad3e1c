import { spawn } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { onEnding, unlessEnding } from './run.mjs';

/**
 * Takes a lock that the kernel gives up by itself when this process ends, however it ends: `flock` holds it for as long as our pipe is open.
 * @param wait seconds to wait for it
 * @param patient waits even while this is ending: for what is taken back
 * @returns what lets go of it, and tells when it is free; or null when someone else kept it all that time
 */
export async function takeLock(file, wait, patient = false) {
  if (!patient) unlessEnding();
  mkdirSync(dirname(file), { recursive: true });
  const held = spawn(
    'flock',
    ['--exclusive', '--wait', String(wait), '--conflict-exit-code', '75', file, 'sh', '-c', 'echo held; exec cat > /dev/null'],
    {
      stdio: ['pipe', 'pipe', 'inherit'],
      detached: true,
    },
  );
  const calledOff = patient ? () => {} : onEnding(() => held.kill('SIGTERM'));
  const got = await new Promise((resolve, reject) => {
    held.on('error', reject);
    held.stdout.once('data', () => resolve(true));
    held.once('exit', () => resolve(false));
  }).finally(calledOff);
  if (!got && !patient) unlessEnding();
  if (!got) return null;
  held.unref();
  held.stdin.unref?.();
  held.stdout.unref?.();
  return () => {
    const free = new Promise((resolve) => held.once('exit', () => resolve()));
    held.ref();
    held.stdin.end();
    return free;
  };
}

/** Runs `work` alone among all who use the same lock file. */
export async function alone(file, wait, work, patient = false) {
  const release = await takeLock(file, wait, patient);
  if (!release) throw new Error(`Waited ${wait} s for another Hobrek that holds ${file}; is one stuck?`);
  try {
    return await work();
  } finally {
    await release();
  }
}
