import { Module } from '@nestjs/common';
import { Changes } from '../../db/changes.js';
import { NotesModule } from '../notes/notes.module.js';
import { BuildsController } from './builds.controller.js';
import { BuildsRepository } from './builds.repository.js';
import { BuildsService } from './builds.service.js';
import { EventsController } from './events.controller.js';
import { PagePrinter } from './page-printer.js';
import { ShedController } from './shed.controller.js';
import { ShedService } from './shed.service.js';

@Module({
  imports: [NotesModule],
  controllers: [BuildsController, ShedController, EventsController],
  providers: [BuildsService, ShedService, BuildsRepository, PagePrinter, Changes],
  exports: [BuildsRepository],
})
export class BuildsModule {}
