import { type CanActivate, type ExecutionContext, Injectable, SetMetadata } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { parseCookie } from 'cookie';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import { ProblemError } from '../../platform/problem-error.js';
import { isLoopback, pairingPath } from '../../platform/security.js';
import { type SessionRow, SessionsRepository } from './sessions.repository.js';

/** Who asks: someone at the machine itself, or a device on the network with its session, if it has one. */
export type Asker = { readonly from: 'main' } | { readonly from: 'network'; readonly session: SessionRow | null };

export const sessionCookie = 'hobrek_session';

const askers = new WeakMap<Request, Asker>();
export const askerOf = (request: Request): Asker => askers.get(request) ?? { from: 'network', session: null };

/** Answers under way to devices, by session: when it is ended they break off, a stream of changes too. */
const open = new Map<string, Set<Response>>();

export function breakOff(session: string): void {
  for (const response of open.get(session) ?? []) response.destroy();
}

function remember(session: string, response: Response): void {
  const all = open.get(session) ?? new Set();
  open.set(session, all.add(response));
  response.once('close', () => {
    all.delete(response);
    if (all.size === 0) open.delete(session);
  });
}

const hasBody = ({ headers }: Request): boolean => headers['transfer-encoding'] !== undefined || Number(headers['content-length'] ?? 0) > 0;

/** Finds out who asks before anything else is read. A device that was not let in may send nothing but a code. */
export const whoAsks =
  (sessions: SessionsRepository): RequestHandler =>
  (request: Request, response: Response, next: NextFunction) => {
    if (isLoopback(request.socket.remoteAddress)) {
      askers.set(request, { from: 'main' });
      next();
      return;
    }
    const token = parseCookie(request.headers.cookie ?? '')[sessionCookie];
    (token ? sessions.byToken(token) : Promise.resolve(undefined))
      .then((session) => {
        askers.set(request, { from: 'network', session: session ?? null });
        if (session) remember(session.id, response);
        const sends = request.method !== 'GET' && request.method !== 'HEAD';
        // What a stranger sends is not waited for: the line is closed behind the answer.
        if (!session && (sends || hasBody(request))) response.shouldKeepAlive = false;
        next(sends && !session && request.path !== pairingPath ? notPaired() : undefined);
      })
      .catch(next);
  };

const openKey = 'open to devices that were not let in';
const mainKey = 'for the main screen only';

/** May be asked by a device that was not let in. */
export const OpenToAll = () => SetMetadata(openKey, true);
/** May be asked only on the machine itself. */
export const MainScreenOnly = () => SetMetadata(mainKey, true);

/** Everything is closed to devices that were not let in, unless it says otherwise. */
@Injectable()
export class LetIn implements CanActivate {
  constructor(private readonly reflector: Reflector) {}

  canActivate(context: ExecutionContext): boolean {
    const asker = askerOf(context.switchToHttp().getRequest<Request>());
    if (asker.from === 'main') return true;
    const says = (key: string) => this.reflector.getAllAndOverride<boolean | undefined>(key, [context.getHandler(), context.getClass()]) === true;
    if (!asker.session && !says(openKey)) throw notPaired();
    if (says(mainKey)) throw new ProblemError('main-screen-only', 'Do this on the machine that Hobrek runs on.');
    return true;
  }
}

const notPaired = () => new ProblemError('not-paired', 'Enter the code that the main screen shows under Phone.');
