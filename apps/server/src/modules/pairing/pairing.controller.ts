import { type Device, PairContract, type PairingCode, type Standing } from '@hobrek/contracts';
import { Body, Controller, Delete, Get, HttpCode, Inject, Param, Post, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { idFrom } from '../../platform/ids.js';
import { lanAddresses } from '../../platform/lan.js';
import { ProblemError } from '../../platform/problem-error.js';
import { readBody } from '../../platform/read-body.js';
import { ShownCode } from './pairing-code.js';
import { type SessionRow, SessionsRepository, staysDays } from './sessions.repository.js';
import { askerOf, breakOff, MainScreenOnly, OpenToAll, sessionCookie } from './who-asks.js';

export const LAN = Symbol('whether it listens on the network, and at which port');
export interface Lan {
  readonly lan: boolean;
  readonly port: number;
}

const tries = { points: 5, duration: 60 };

/** Letting devices on the network in, and out again. */
@Controller('pairing')
export class PairingController {
  private readonly code = new ShownCode();
  private readonly perDevice = new RateLimiterMemory(tries);
  /** Of all devices together: far more than it takes to lock one out, since a code is gone after ten wrong tries anyway. */
  private readonly together = new RateLimiterMemory({ points: 200, duration: 60 });

  constructor(
    private readonly sessions: SessionsRepository,
    @Inject(LAN) private readonly settings: Lan,
  ) {}

  @Get()
  @OpenToAll()
  async standing(@Req() request: Request, @Res({ passthrough: true }) response: Response): Promise<Standing> {
    response.setHeader('Cache-Control', 'no-store');
    const asker = askerOf(request);
    if (asker.from === 'network') return { from: 'network', device: asker.session?.name ?? null };
    const { lan, port } = this.settings;
    if (!lan) return { from: 'main', lan };
    return {
      from: 'main',
      lan,
      waits: this.code.waits(),
      addresses: lanAddresses().map((address) => `http://${address}:${port}`),
      devices: (await this.sessions.all()).map(device),
    };
  }

  @Post('code')
  @MainScreenOnly()
  show(@Res({ passthrough: true }) response: Response): PairingCode {
    if (!this.settings.lan) throw new ProblemError('not-found', 'Hobrek does not listen on the network: start it with HOBREK_LAN=1.');
    response.setHeader('Cache-Control', 'no-store');
    const { code, until } = this.code.make();
    return { code, until: until.toISOString() };
  }

  @Post()
  @OpenToAll()
  async pair(@Body() body: unknown, @Req() request: Request, @Res({ passthrough: true }) response: Response): Promise<Standing> {
    await this.count(request, response);
    const asked = readBody(PairContract, body);
    if ('wrong' in asked) throw new ProblemError('pairing-refused', asked.wrong.says);
    const { code, name } = asked.read;
    if (!this.code.fits(code))
      throw new ProblemError(
        'pairing-refused',
        'This code does not fit: it may have run out or been used. The main screen shows a new one under Phone.',
      );
    const { token } = await this.sessions.make(name);
    // The same phone let in again: what it had ends.
    const asker = askerOf(request);
    if (asker.from === 'network' && asker.session) {
      await this.sessions.end(asker.session.id);
      const { id } = asker.session;
      response.once('finish', () => breakOff(id));
    }
    // Not Secure: plain http could not send it then.
    response.cookie(sessionCookie, token, { httpOnly: true, sameSite: 'strict', path: '/api', maxAge: staysDays * 24 * 3600 * 1000 });
    return { from: 'network', device: name };
  }

  /** The device itself goes. */
  @Delete('session')
  @HttpCode(204)
  async leave(@Req() request: Request, @Res({ passthrough: true }) response: Response): Promise<void> {
    const asker = askerOf(request);
    response.clearCookie(sessionCookie, { httpOnly: true, sameSite: 'strict', path: '/api' });
    if (asker.from === 'main' || !asker.session) return;
    const { id } = asker.session;
    await this.sessions.end(id);
    // Its other pages too; not before this answer is out.
    response.once('finish', () => breakOff(id));
  }

  @Delete('sessions/:id')
  @HttpCode(204)
  @MainScreenOnly()
  async end(@Param('id') id: string): Promise<void> {
    if (!(await this.sessions.end(idFrom(id, 'device')))) throw new ProblemError('not-found', 'There is no such device; it may have gone by itself.');
    breakOff(id);
  }

  private async count(request: Request, response: Response): Promise<void> {
    if (askerOf(request).from === 'main') return;
    try {
      await this.perDevice.consume(request.socket.remoteAddress ?? '');
      await this.together.consume('all');
    } catch (stopped) {
      if (!(stopped instanceof RateLimiterRes)) throw stopped;
      const seconds = Math.ceil(stopped.msBeforeNext / 1000);
      response.setHeader('Retry-After', String(seconds));
      throw new ProblemError('too-many-tries', `Wait ${seconds} s, then try again.`);
    }
  }
}

const device = ({ id, name, madeAt, seenAt }: SessionRow): Device => ({ id, name, since: madeAt.toISOString(), seen: seenAt.toISOString() });
