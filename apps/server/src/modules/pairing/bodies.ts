import { shapeLimits } from '@hobrek/contracts';
import express, { type NextFunction, type Request, type RequestHandler, type Response } from 'express';
import pLimit from 'p-limit';
import { photoTypes } from '../../platform/photo-types.js';
import { isPicturePath, pairingPath } from '../../platform/security.js';
import { askerOf } from './who-asks.js';

const json = express.json({ limit: shapeLimits.bytes, strict: true });
/** A code and a name. */
const pairing = express.json({ limit: 1_000, strict: true });
const picture = express.raw({ limit: '25mb', type: photoTypes });

/** So many pictures are taken in at once, until each is answered; others wait their turn before a byte of them is read. */
const inTurn = pLimit(3);

const answered = (response: Response): Promise<void> => new Promise((done) => response.once('close', done));

const sending: ReadonlySet<string> = new Set(['POST', 'PUT', 'PATCH']);

/**
 * Reads a body where one belongs, and no other: of a device that was not let in only what it is let in by; a picture only where pictures are sent; nothing of what
 * asks or takes away.
 */
export const bodies: RequestHandler = (request: Request, response: Response, next: NextFunction) => {
  if (!sending.has(request.method)) return next();
  const asker = askerOf(request);
  const isKnown = asker.from === 'main' || asker.session !== null;
  if (request.path === pairingPath && request.method === 'POST') return pairing(request, response, next);
  if (!isKnown) return next();
  if (!isPicturePath(request.path)) return json(request, response, next);
  return inTurn(async () => {
    // Gone before its turn.
    if (response.closed) return;
    const end = answered(response);
    picture(request, response, next);
    await end;
  });
};
