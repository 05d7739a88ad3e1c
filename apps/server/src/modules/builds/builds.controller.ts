import type { BuildLog, DeletedBuild, ListedBuild, StoredBuild } from '@hobrek/contracts';
import { type Build, type UnitHabit, unitHabits } from '@hobrek/core';
import { Body, Controller, Delete, Get, Headers, HttpCode, Param, Post, Put, Query, Res, StreamableFile } from '@nestjs/common';
import type { Response } from 'express';
import { idFrom, isId } from '../../platform/ids.js';
import { ProblemError } from '../../platform/problem-error.js';
import { BuildsService } from './builds.service.js';
import { PagePrinter } from './page-printer.js';

@Controller('builds')
export class BuildsController {
  constructor(
    private readonly builds: BuildsService,
    private readonly printer: PagePrinter,
  ) {}

  @Get()
  list(
    @Query('find') find: unknown,
    @Query('sort') sort: unknown,
    @Query('from') from: unknown,
    @Query('units') units: unknown,
  ): Promise<ListedBuild[]> {
    return this.builds.list({ find: wordsFrom(find), worstFirst: sort === 'worst', from: placeFrom(from) }, unitsFrom(units));
  }

  @Get('count')
  async count(@Query('find') find: unknown): Promise<{ readonly builds: number }> {
    return { builds: await this.builds.count(wordsFrom(find)) };
  }

  @Get('deleted')
  deleted(): Promise<DeletedBuild[]> {
    return this.builds.deleted();
  }

  @Post(':id/bring-back')
  @HttpCode(200)
  async bringBack(@Param('id') id: string, @Res({ passthrough: true }) response: Response): Promise<StoredBuild> {
    return tagged(response, await this.builds.bringBack(idFrom(id)));
  }

  @Get(':id')
  async open(@Param('id') id: string, @Res({ passthrough: true }) response: Response): Promise<StoredBuild> {
    return tagged(response, await this.builds.open(idFrom(id)));
  }

  @Get(':id/page.pdf')
  async page(
    @Param('id') id: string,
    @Query('paper') paper: unknown,
    @Query('units') units: unknown,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const { build } = await this.builds.open(idFrom(id));
    response.setHeader('Cache-Control', 'no-store');
    const name = `${build.name.toLowerCase().replace(/[^a-z0-9]+/g, '-') || 'build'}.pdf`;
    return new StreamableFile(await this.printer.print(build, paper === 'letter' ? 'letter' : 'a4', unitsFrom(units)), {
      type: 'application/pdf',
      disposition: `inline; filename="${name}"`,
    });
  }

  @Post()
  async add(@Body() body: unknown, @Headers('by') by: string | undefined, @Res({ passthrough: true }) response: Response): Promise<StoredBuild> {
    return tagged(response, await this.builds.add(body, nameFrom(by)));
  }

  @Put(':id')
  async save(
    @Param('id') id: string,
    @Headers('if-match') match: string | undefined,
    @Headers('save-id') saveId: string | undefined,
    @Headers('step-id') step: string | undefined,
    @Headers('by') by: string | undefined,
    @Body() body: unknown,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StoredBuild> {
    return tagged(
      response,
      await this.builds.save(idFrom(id), versionFrom(match), body, { saveId: idOrNone(saveId), step: idOrNone(step), by: nameFrom(by) }),
    );
  }

  @Get(':id/log')
  log(@Param('id') id: string): Promise<BuildLog> {
    return this.builds.log(idFrom(id));
  }

  @Get(':id/revisions/:version')
  asItWas(@Param('id') id: string, @Param('version') version: string): Promise<Build> {
    return this.builds.asItWas(idFrom(id), /^\d{1,9}$/.test(version) ? Number(version) : 0);
  }

  @Delete(':id')
  @HttpCode(204)
  async remove(@Param('id') id: string, @Headers('if-match') match: string | undefined): Promise<void> {
    await this.builds.remove(idFrom(id), versionFrom(match));
  }
}

/** Where in a list to go on; anything that is no whole number begins it. */
const placeFrom = (from: unknown): number => (typeof from === 'string' && /^\d{1,7}$/.test(from) ? Number(from) : 0);

/** In which units a person reads; anything that is none of them is metric. */
const unitsFrom = (units: unknown): UnitHabit => unitHabits.find((each) => each === units) ?? 'metric';

/** Words to look for; anything that is no short text looks for nothing. */
export const wordsFrom = (find: unknown): string =>
  typeof find === 'string' && !find.includes('\u0000') && find.isWellFormed() ? find.trim().slice(0, 80) : '';

function tagged(response: Response, build: StoredBuild): StoredBuild {
  response.setHeader('ETag', `"${build.version}"`);
  response.setHeader('Cache-Control', 'no-store');
  return build;
}

function versionFrom(match: string | undefined): number {
  const version = /^"(\d{1,9})"$/.exec(match ?? '')?.[1];
  if (version === undefined)
    throw new ProblemError('version-missing', 'Send If-Match with the version the change was made from, such as "3" in quotes.');
  return Number(version);
}

/** Names a save, or a step of several, so that it is known again. Anything but a UUID is no name. */
const idOrNone = (id: string | undefined): string | null => (id !== undefined && isId(id) ? id : null);

/** A person's name as a header carries it, percent-encoded; what cannot be one is no name. */
function nameFrom(by: string | undefined): string {
  try {
    const name = decodeURIComponent(by ?? '').trim();
    return name.includes('\u0000') || !name.isWellFormed() ? '' : name.slice(0, 40);
  } catch {
    return '';
  }
}
