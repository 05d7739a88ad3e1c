import { statfsSync } from 'node:fs';
import { shapeLimits } from '@hobrek/contracts';
import { type ArgumentsHost, Catch, type ExceptionFilter, HttpException, Logger } from '@nestjs/common';
import type { Response } from 'express';
import { ProblemError } from './problem-error.js';

/** Turns whatever was thrown into one problem answer. What is not foreseen is logged whole and told as a fault, without its inside. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly log = new Logger('problem');

  catch(thrown: unknown, host: ArgumentsHost): void {
    const problem = problemFrom(thrown);
    if (problem.code === 'fault') this.log.error(thrown instanceof Error ? thrown.stack : thrown);
    const response = host.switchToHttp().getResponse<Response>();
    if (response.headersSent) {
      response.end();
      return;
    }
    response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  }
}

const makeRoom = 'Nothing was changed. Make room on the disk that holds the builds; what you entered is sent as soon as there is some.';
const notDone = 'Nothing was changed. What you entered is still on this page; try again in a moment.';
const wholeOrNot =
  'It went away in the middle: what was sent is kept whole, or not at all. What you entered is still on this page; try again in a moment.';
const tooLarge = `A build may be at most ${shapeLimits.bytes / 1e6} MB, a picture 25 MB.`;

/** What the body parser says of a text it could not take (its documented `type`); Nest keeps only the status of the others. */
const brokenOff = new Set(['entity.parse.failed', 'request.aborted', 'request.size.invalid']);

export function problemFrom(thrown: unknown): ProblemError {
  if (thrown instanceof ProblemError) return thrown;
  if (brokenOff.has(typeOf(thrown))) return new ProblemError('bad-json', 'The text breaks off or is not JSON. Nothing was changed.');
  if (isDiskFull(thrown)) return new ProblemError('disk-full', makeRoom);
  if (isDatabaseAway(thrown)) return new ProblemError('database-down', isBrokenOff(thrown) ? wholeOrNot : notDone);
  const status = thrown instanceof HttpException ? thrown.getStatus() : statusOf(thrown);
  if (status === 413) return new ProblemError('too-large', tooLarge);
  if (status === 415) return new ProblemError('wrong-type', 'Send the build as plain JSON in UTF-8.');
  if (status === 404) return new ProblemError('not-found', 'There is no such page or build.');
  if (status === 400) return new ProblemError('bad-json', 'The request could not be read. Nothing was changed.');
  // What the framework refuses is refused, whatever by: a path that escapes, a range or a version that a page does not have.
  if (status > 400 && status < 500)
    return new ProblemError('request-refused', 'The request cannot be answered as it is. Nothing was changed.', [], status);
  // Whatever it is called by what failed: with no room left, that is what to mend first.
  if (isWithoutRoom()) return new ProblemError('disk-full', makeRoom);
  return new ProblemError('fault', 'It was written to the log. Nothing was changed.');
}

const typeOf = (thrown: unknown) => (thrown as { type?: string } | undefined)?.type ?? '';
const statusOf = (thrown: unknown) => (thrown as { status?: number } | undefined)?.status ?? 500;

const awayCodes = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'ENOTFOUND',
  'ETIMEDOUT',
  'EPIPE',
  '57P01',
  '57P02',
  '57P03',
  '08000',
  '08001',
  '08003',
  '08006',
  '53200',
  '53300',
  '57014',
]);

/** With less room than this PostgreSQL stops by itself. */
const leastRoom_bytes = 20 * 2 ** 20;

/** Is the disk full: as the database says, or by its being away while there is no room where it keeps its files? */
function isDiskFull(thrown: unknown): boolean {
  return someCause(thrown, ({ code }) => code === '53100' || code === 'ENOSPC') || (isDatabaseAway(thrown) && isWithoutRoom());
}

/** Is there next to no room where the database keeps its files? Where that is is told by who started the server. */
function isWithoutRoom(): boolean {
  const { HOBREK_ON_DISK: folder } = process.env;
  if (!folder) return false;
  try {
    const { bavail, bsize } = statfsSync(folder);
    return bavail * bsize < leastRoom_bytes;
  } catch {
    return false;
  }
}

/** Did the connection break under a statement that it had taken? Then nobody knows whether it was done. */
const isBrokenOff = (thrown: unknown): boolean =>
  someCause(
    thrown,
    ({ code = '', message = '' }) =>
      /^(ECONNRESET|EPIPE|57P01|57P02)$/.test(code) || /Connection terminated unexpectedly|Query read timeout/.test(message),
  );

/** Is the database gone, going or too slow (SQLSTATE classes 08, 53, 57), somewhere down the chain of causes? */
export const isDatabaseAway = (thrown: unknown): boolean =>
  someCause(
    thrown,
    ({ code, message = '' }) =>
      (code !== undefined && awayCodes.has(code)) || /Connection terminated|timeout exceeded when trying to connect|Query read timeout/.test(message),
  );

interface Cause {
  readonly code?: string;
  readonly message?: string;
  readonly cause?: unknown;
}

/** Whether it, or something down the chain of its causes, is of a kind. */
function someCause(thrown: unknown, is: (error: Cause) => boolean): boolean {
  for (let error = thrown as Cause | undefined; error; error = error.cause as Cause | undefined) if (is(error)) return true;
  return false;
}
