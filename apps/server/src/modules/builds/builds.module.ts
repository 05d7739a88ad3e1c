import { Module } from '@nestjs/common';
import { Changes } from '../../db/changes.js';
import { BuildsController } from './builds.controller.js';
import { BuildsRepository } from './builds.repository.js';
import { BuildsService } from './builds.service.js';
import { EventsController } from './events.controller.js';
import { PagePrinter } from './page-printer.js';

@Module({
  controllers: [BuildsController, EventsController],
  providers: [BuildsService, BuildsRepository, PagePrinter, Changes],
  exports: [BuildsRepository],
})
export class BuildsModule {}
