import { createReadStream } from 'node:fs';
import type { Backup } from '@hobrek/contracts';
import { Controller, type DynamicModule, Get, Inject, Module, Param, Post, Res, StreamableFile } from '@nestjs/common';
import type { Response } from 'express';
import type { DumpSettings } from '../../db/dump.js';
import { ProblemError } from '../../platform/problem-error.js';
import { MainScreenOnly } from '../pairing/who-asks.js';
import { backUpByHand, listBackups, pathOfBackup } from './backups.js';

const SETTINGS = Symbol('where dumps are kept');

/** Dumps of the whole database: what there is, one more, and one to take away. Putting one back is done with Hobrek stopped. */
@Controller('backups')
@MainScreenOnly()
class BackupsController {
  constructor(@Inject(SETTINGS) private readonly settings: DumpSettings) {}

  @Get()
  list(): Promise<Backup[]> {
    return listBackups(this.settings.dumps);
  }

  @Post()
  async make(): Promise<Backup[]> {
    try {
      await backUpByHand(this.settings);
    } catch (error) {
      throw new ProblemError('backup-failed', `Nothing was written: ${(error as Error).message}`);
    }
    return this.list();
  }

  @Get(':name')
  async take(@Param('name') name: string, @Res({ passthrough: true }) response: Response): Promise<StreamableFile> {
    const path = await pathOfBackup(this.settings.dumps, name);
    if (!path) throw new ProblemError('not-found', 'There is no such backup; it may have been thinned out.');
    response.setHeader('Cache-Control', 'no-store');
    return new StreamableFile(createReadStream(path), { type: 'application/octet-stream', disposition: `attachment; filename="${name}"` });
  }
}

@Module({})
class BackupsModule {}

export const backupsModule = (settings: DumpSettings): DynamicModule => ({
  module: BackupsModule,
  controllers: [BackupsController],
  providers: [{ provide: SETTINGS, useValue: settings }],
});
