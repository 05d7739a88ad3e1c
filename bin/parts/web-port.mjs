import { existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs';

/** A port as it is written: a whole number from 1 to 65535, and nothing beside it. Null for anything else. */
export function portFrom(text) {
  return /^[1-9]\d{0,4}$/.test(text) && Number(text) <= 65_535 ? Number(text) : null;
}

/** The port of last time; null where the file is not there, or has been damaged: it is written anew at the next start. */
export function keptPort(file) {
  try {
    return existsSync(file) ? portFrom(readFileSync(file, 'utf8').trim()) : null;
  } catch {
    return null;
  }
}

/** Keeps a port, written beside and renamed: a start that is broken off leaves the old one whole. */
export function keepPort(file, port) {
  writeFileSync(`${file}.new`, String(port));
  renameSync(`${file}.new`, file);
}
