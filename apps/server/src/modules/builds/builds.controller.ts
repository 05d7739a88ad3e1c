import {
  type BuildLog,
  ByHeaders,
  type DeletedBuild,
  FindQuery,
  type ListedBuild,
  ListQuery,
  MatchHeaders,
  OrderQuery,
  PageQuery,
  SaveHeaders,
  type StoredBuild,
  UnitsQuery,
} from '@hobrek/contracts';
import type { Build } from '@hobrek/core';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Res, StreamableFile } from '@nestjs/common';
import type { Response } from 'express';
import { Asked, Headed } from '../../platform/asked.js';
import { idFrom } from '../../platform/ids.js';
import { versionFrom } from '../../platform/version-from.js';
import { BuildsService, longestList, mostWhole } from './builds.service.js';
import { PagePrinter } from './page-printer.js';

@Controller('builds')
export class BuildsController {
  constructor(
    private readonly builds: BuildsService,
    private readonly printer: PagePrinter,
  ) {}

  @Get()
  list(@Asked(ListQuery) { find = '', sort = 'newest', from = 0, many = longestList, units }: ListQuery): Promise<ListedBuild[]> {
    return this.builds.list({ find, sort, from, many }, units);
  }

  /** Builds as they are, so many at a time: for what is worked out over all of them. */
  @Get('whole')
  whole(@Asked(ListQuery) { find = '', sort = 'newest', from = 0, many = mostWhole }: ListQuery): Promise<StoredBuild[]> {
    return this.builds.whole({ find, sort, from, many: Math.min(many, mostWhole) });
  }

  @Get('count')
  async count(@Asked(FindQuery) { find = '' }: FindQuery): Promise<{ readonly builds: number }> {
    return { builds: await this.builds.count(find) };
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

  /** One row of the list. */
  @Get(':id/listed')
  listedAs(@Param('id') id: string, @Asked(UnitsQuery) { units }: UnitsQuery): Promise<ListedBuild> {
    return this.builds.listedAs(idFrom(id), units);
  }

  /** Where in such a list a build is, counted from nought; null where it is not in it. */
  @Get(':id/place')
  async place(@Param('id') id: string, @Asked(OrderQuery) { find = '', sort = 'newest' }: OrderQuery): Promise<{ readonly place: number | null }> {
    return { place: await this.builds.place(idFrom(id), { find, sort }) };
  }

  @Get(':id')
  async open(@Param('id') id: string, @Res({ passthrough: true }) response: Response): Promise<StoredBuild> {
    return tagged(response, await this.builds.open(idFrom(id)));
  }

  @Get(':id/page.pdf')
  async page(
    @Param('id') id: string,
    @Asked(PageQuery) { paper = 'a4', units = 'metric' }: PageQuery,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const { build } = await this.builds.open(idFrom(id));
    response.setHeader('Cache-Control', 'no-store');
    const name = `${build.name.toLowerCase().replace(/[^a-z0-9]+/g, '-') || 'build'}.pdf`;
    return new StreamableFile(await this.printer.print(build, paper, units), {
      type: 'application/pdf',
      disposition: `inline; filename="${name}"`,
    });
  }

  @Post()
  async add(@Body() body: unknown, @Headed(ByHeaders) { by }: ByHeaders, @Res({ passthrough: true }) response: Response): Promise<StoredBuild> {
    return tagged(response, await this.builds.add(body, nameFrom(by)));
  }

  @Put(':id')
  async save(
    @Param('id') id: string,
    @Headed(SaveHeaders) headers: SaveHeaders,
    @Body() body: unknown,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StoredBuild> {
    return tagged(
      response,
      await this.builds.save(idFrom(id), versionFrom(headers), body, {
        saveId: headers['save-id'] ?? null,
        step: headers['step-id'] ?? null,
        by: nameFrom(headers.by),
      }),
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
  async remove(@Param('id') id: string, @Headed(MatchHeaders) headers: MatchHeaders): Promise<void> {
    await this.builds.remove(idFrom(id), versionFrom(headers));
  }
}

function tagged(response: Response, build: StoredBuild): StoredBuild {
  response.setHeader('ETag', `"${build.version}"`);
  response.setHeader('Cache-Control', 'no-store');
  return build;
}

/** A person's name as a header carries it, percent-encoded; what cannot be one is no name. */
function nameFrom(by: string | undefined): string {
  try {
    const name = decodeURIComponent(by ?? '').trim();
    return name.includes('\u0000') || !name.isWellFormed() ? '' : name.slice(0, 40);
  } catch {
    return '';
  }
}
