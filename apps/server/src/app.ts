import 'reflect-metadata';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { type DynamicModule, Global, Inject, Module, type OnApplicationShutdown } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import compression from 'compression';
import type { NextFunction, Request, Response } from 'express';
import staticPacked from 'express-static-gzip';
import { DATABASE, type Database, openDatabase } from './db/database.js';
import { backupsModule } from './modules/backups/backups.module.js';
import { BuildsModule } from './modules/builds/builds.module.js';
import { DrawerModule } from './modules/drawer/drawer.module.js';
import { HealthModule } from './modules/health/health.module.js';
import { bodies } from './modules/pairing/bodies.js';
import { pairingModule } from './modules/pairing/pairing.module.js';
import { SessionsRepository } from './modules/pairing/sessions.repository.js';
import { whoAsks } from './modules/pairing/who-asks.js';
import type { Config } from './platform/config.js';
import { holdLine } from './platform/hold-line.js';
import { ProblemFilter } from './platform/problem-filter.js';
import { guardShape, headers, knownTypesOnly, ownPagesOnly } from './platform/security.js';

@Global()
@Module({})
class PlatformModule implements OnApplicationShutdown {
  constructor(@Inject(DATABASE) private readonly database: Database) {}

  static with(config: Config): DynamicModule {
    return { module: PlatformModule, providers: [{ provide: DATABASE, useFactory: () => openDatabase(config.databaseUrl) }], exports: [DATABASE] };
  }

  async onApplicationShutdown(): Promise<void> {
    await this.database.$client.end();
  }
}

@Module({})
class AppModule {
  static with(config: Config): DynamicModule {
    return {
      module: AppModule,
      imports: [PlatformModule.with(config), BuildsModule, DrawerModule, backupsModule(config), pairingModule(config), HealthModule],
    };
  }
}

/** Texts, but for a stream: that is told piece by piece. */
const isPackable = (request: Request, response: Response): boolean =>
  !String(response.getHeader('Content-Type')).startsWith('text/event-stream') && compression.filter(request, response);

/** The whole server, not yet listening: the interface under /api, the web application everywhere else. */
export async function createApp(config: Config): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(config), {
    bodyParser: false,
    forceCloseConnections: true,
    logger: ['error', 'warn'],
    abortOnError: false,
  });
  app.disable('x-powered-by');
  app.use(
    headers,
    compression({ filter: isPackable, level: 1, threshold: 1_000 }),
    ownPagesOnly,
    whoAsks(app.get(SessionsRepository, { strict: false })),
    knownTypesOnly,
    bodies,
    guardShape,
  );
  holdLine(app.getHttpServer());
  app.setGlobalPrefix('api');
  app.useGlobalFilters(new ProblemFilter());
  app.enableShutdownHooks();
  serveWeb(app, config.web);
  return app;
}

/** Files with a hash in their name for ever; every other page is the application, which finds its own way. */
function serveWeb(app: NestExpressApplication, web: string): void {
  const page = join(web, 'index.html');
  if (!existsSync(page)) return;
  const files = (serveStatic: staticPacked.ExpressStaticGzipOptions['serveStatic'] & object) => ({
    enableBrotli: true,
    orderPreference: ['br', 'gz'],
    index: false,
    serveStatic,
  });
  app.use('/assets', staticPacked(join(web, 'assets'), files({ immutable: true, maxAge: '1y', fallthrough: false })));
  app.use(staticPacked(web, files({ index: false })));
  app.use((request: Request, response: Response, next: NextFunction) => {
    const wantsPage = request.method === 'GET' && !request.path.startsWith('/api/') && request.accepts('html');
    if (!wantsPage) return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(page);
  });
}
