import { Readable } from 'node:stream';
import { FindQuery, type Looked, ShedEntryContract } from '@hobrek/contracts';
import { Body, Controller, Get, HttpCode, Post, Res, StreamableFile } from '@nestjs/common';
import type { Response } from 'express';
import { Asked } from '../../platform/asked.js';
import { ProblemError } from '../../platform/problem-error.js';
import { readBody } from '../../platform/read-body.js';
import { ShedService } from './shed.service.js';

@Controller('shed')
export class ShedController {
  constructor(private readonly shed: ShedService) {}

  /** All builds, or those that hold the words, with ids and notes. */
  @Get()
  take(@Asked(FindQuery) { find = '' }: FindQuery, @Res({ passthrough: true }) response: Response): StreamableFile {
    response.setHeader('Cache-Control', 'no-store');
    return new StreamableFile(Readable.from(this.shed.file(find)), {
      type: 'application/json',
      disposition: 'attachment; filename="hobrek-shed.json"',
    });
  }

  @Post('look')
  @HttpCode(200)
  look(@Body() body: unknown): Promise<Looked> {
    return this.shed.look(entryFrom(body));
  }

  @Post('bring')
  @HttpCode(200)
  bring(@Body() body: unknown): Promise<Looked> {
    return this.shed.bring(entryFrom(body));
  }
}

function entryFrom(body: unknown): ShedEntryContract {
  if (typeof body !== 'object' || body === null || Array.isArray(body))
    throw new ProblemError('entry-refused', 'An entry is an object with id, changedAt, build and notes.');
  // The build is read by its own door: here it only has to be an object, and stays as it came.
  const { build, ...others } = body as Partial<ShedEntryContract>;
  const entry = readBody<ShedEntryContract>(ShedEntryContract, others, { build: build as ShedEntryContract['build'] });
  if ('read' in entry) return entry.read;
  const { property, says } = entry.wrong;
  throw new ProblemError('entry-refused', `${property}: ${says}`, [{ path: property, says }]);
}
