import { buildSchema, type Health } from '@hobrek/contracts';
import { Controller, Get, Module, Res } from '@nestjs/common';
import type { Response } from 'express';
import { BuildsModule } from '../builds/builds.module.js';
import { BuildsRepository } from '../builds/builds.repository.js';

const about = { hobrek: '0.1.0', server: 'up' } as const;

/** Tells a database that is down from a server that is: no answer at all means the server. */
@Controller('health')
class HealthController {
  constructor(private readonly builds: BuildsRepository) {}

  @Get()
  async health(@Res({ passthrough: true }) response: Response): Promise<Health> {
    response.setHeader('Cache-Control', 'no-store');
    try {
      await this.builds.ping();
      return { ...about, database: 'up' };
    } catch {
      response.status(503);
      return { ...about, database: 'down' };
    }
  }
}

/** The schema of a build file, for editors and other programs. */
@Controller('schema')
class SchemaController {
  @Get()
  schema(): object {
    return buildSchema();
  }
}

@Module({ imports: [BuildsModule], controllers: [HealthController, SchemaController] })
export class HealthModule {}
