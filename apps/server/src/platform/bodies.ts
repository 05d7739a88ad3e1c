import { shapeLimits } from '@hobrek/contracts';
import express, { type NextFunction, type Request, type RequestHandler, type Response } from 'express';
import { askerOf } from '../modules/pairing/who-asks.js';
import { photoTypes } from './photo-types.js';
import { isPicturePath, pairingPath } from './security.js';

const json = express.json({ limit: shapeLimits.bytes, strict: true });
/** A code and a name. */
const pairing = express.json({ limit: 1_000, strict: true });
const picture = express.raw({ limit: '25mb', type: photoTypes });

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
  return (isPicturePath(request.path) ? picture : json)(request, response, next);
};
