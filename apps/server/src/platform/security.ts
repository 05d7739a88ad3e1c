import { shapeGuard } from '@hobrek/contracts';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import helmet from 'helmet';
import { lanAddresses } from './lan.js';
import { photoTypes } from './photo-types.js';
import { ProblemError } from './problem-error.js';

/** Scripts, fonts and requests only from this server; styles inline too, since component libraries set them. */
export const headers: RequestHandler = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'"],
      workerSrc: ["'self'"],
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:', 'blob:'],
      objectSrc: ["'none'"],
      baseUri: ["'self'"],
      formAction: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
  strictTransportSecurity: false,
  // For browsers and plug-ins that are no more.
  xDownloadOptions: false,
  xPermittedCrossDomainPolicies: false,
  xXssProtection: false,
});

const ownNames = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** Whether an address is this machine speaking to itself. */
export const isLoopback = (address: string | undefined): boolean => address !== undefined && (address === '::1' || /^(::ffff:)?127\./.test(address));

/**
 * Answers only to its own name: a page elsewhere may point a name of its own at this machine (DNS rebinding), or send a form here.
 * Refused are a Host that is not loopback, or for devices on the network not this machine's address there; an Origin that is not that Host; and what
 * the browser itself calls cross-site.
 */
export function ownPagesOnly(request: Request, _response: Response, next: NextFunction): void {
  const host = request.headers.host ?? '';
  const name = host.replace(/:\d+$/, '');
  // Asked on every request: a laptop's address changes from shed to house.
  const own = isLoopback(request.socket.remoteAddress) ? ownNames.has(name) : lanAddresses().includes(name);
  const { origin } = request.headers;
  const site = request.headers['sec-fetch-site'];
  const crossSite = request.path.startsWith('/api') && site === 'cross-site';
  if (!own || (origin !== undefined && origin !== `http://${host}`) || crossSite) {
    next(new ProblemError('foreign-request', 'The request came for another name or from another page.'));
    return;
  }
  next();
}

const picturePath = /^\/api\/builds\/[^/]+(\/notes\/[^/]+)?\/photos(\/[^/]+)?$/;

/** Where a picture may be sent. */
export const isPicturePath = (path: string): boolean => picturePath.test(path);

/** Where a device is let in. */
export const pairingPath = '/api/pairing';

/** A change must be sent as JSON, a picture as a picture: any other type is what a form on a foreign page could send. */
export function knownTypesOnly(request: Request, _response: Response, next: NextFunction): void {
  const sendsBody = request.method === 'POST' || request.method === 'PUT' || request.method === 'PATCH';
  const picture = isPicturePath(request.path);
  const known = !sendsBody || request.is(picture ? photoTypes : 'application/json');
  const says = picture ? `A picture is sent as ${photoTypes.join(', ')}.` : 'Send the build as application/json.';
  next(known ? undefined : new ProblemError('wrong-type', says));
}

/** Refuses what would trip the validators before they judge anything. */
export function guardShape(request: Request, _response: Response, next: NextFunction): void {
  const wrong = request.body === undefined || Buffer.isBuffer(request.body) ? undefined : shapeGuard(request.body);
  next(wrong ? new ProblemError('build-refused', `${wrong.path}: ${wrong.says}`, [wrong]) : undefined);
}
