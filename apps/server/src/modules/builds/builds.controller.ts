import type { ListedBuild, StoredBuild } from '@hobrek/contracts';
import { Body, Controller, Delete, Get, Headers, HttpCode, Param, Post, Put, Res } from '@nestjs/common';
import type { Response } from 'express';
import { ProblemError } from '../../platform/problem-error.js';
import { BuildsService } from './builds.service.js';

const uuid = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

@Controller('builds')
export class BuildsController {
  constructor(private readonly builds: BuildsService) {}

  @Get()
  list(): Promise<ListedBuild[]> {
    return this.builds.list();
  }

  @Get(':id')
  async open(@Param('id') id: string, @Res({ passthrough: true }) response: Response): Promise<StoredBuild> {
    return tagged(response, await this.builds.open(idFrom(id)));
  }

  @Post()
  async add(@Body() body: unknown, @Res({ passthrough: true }) response: Response): Promise<StoredBuild> {
    return tagged(response, await this.builds.add(body));
  }

  @Put(':id')
  async save(
    @Param('id') id: string,
    @Headers('if-match') match: string | undefined,
    @Headers('save-id') saveId: string | undefined,
    @Body() body: unknown,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StoredBuild> {
    return tagged(response, await this.builds.save(idFrom(id), versionFrom(match), body, saveIdFrom(saveId)));
  }

  @Delete(':id')
  @HttpCode(204)
  async remove(@Param('id') id: string, @Headers('if-match') match: string | undefined): Promise<void> {
    await this.builds.remove(idFrom(id), versionFrom(match));
  }
}

function tagged(response: Response, build: StoredBuild): StoredBuild {
  response.setHeader('ETag', `"${build.version}"`);
  response.setHeader('Cache-Control', 'no-store');
  return build;
}

function idFrom(id: string): string {
  if (!uuid.test(id)) throw new ProblemError('not-found', 'There is no such build.');
  return id;
}

function versionFrom(match: string | undefined): number {
  const version = /^"(\d{1,9})"$/.exec(match ?? '')?.[1];
  if (version === undefined)
    throw new ProblemError('version-missing', 'Send If-Match with the version the change was made from, such as "3" in quotes.');
  return Number(version);
}

/** Names a save, so that the same one sent again is known. Anything but a UUID is no name. */
function saveIdFrom(saveId: string | undefined): string | null {
  return saveId !== undefined && uuid.test(saveId) ? saveId : null;
}
