import { type Drawer, DrawerContract, MatchHeaders, type ReservedPart } from '@hobrek/contracts';
import { Body, Controller, Get, Header, Put, Res } from '@nestjs/common';
import type { Response } from 'express';
import { Headed } from '../../platform/asked.js';
import { ProblemError } from '../../platform/problem-error.js';
import { readBody } from '../../platform/read-body.js';
import { versionFrom } from '../../platform/version-from.js';
import { DrawerRepository } from './drawer.repository.js';

/** Own parts of the workshop, from which drives are looked for. */
@Controller('drawer')
export class DrawerController {
  constructor(private readonly drawers: DrawerRepository) {}

  @Get()
  async read(@Res({ passthrough: true }) response: Response): Promise<Drawer> {
    return tagged(response, await this.drawers.read());
  }

  /** What the builds have reserved of it, build by build. */
  @Get('reserved')
  @Header('Cache-Control', 'no-store')
  reserved(): Promise<ReservedPart[]> {
    return this.drawers.reserved();
  }

  @Put()
  async save(@Headed(MatchHeaders) headers: MatchHeaders, @Body() body: unknown, @Res({ passthrough: true }) response: Response): Promise<Drawer> {
    const from = versionFrom(headers);
    const sent = readBody(DrawerContract, body);
    if ('wrong' in sent) throw new ProblemError('drawer-refused', sent.wrong.says);
    const saved = await this.drawers.save(from, sent.read.text);
    if (!saved) throw new ProblemError('drawer-stale', 'The drawer is another one by now; fetch it, and put in what you changed.');
    return tagged(response, saved);
  }
}

function tagged(response: Response, drawer: Drawer): Drawer {
  response.setHeader('ETag', `"${drawer.version}"`);
  response.setHeader('Cache-Control', 'no-store');
  return drawer;
}
