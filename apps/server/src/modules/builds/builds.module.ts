import { Module } from '@nestjs/common';
import { BuildsController } from './builds.controller.js';
import { BuildsRepository } from './builds.repository.js';
import { BuildsService } from './builds.service.js';

@Module({ controllers: [BuildsController], providers: [BuildsService, BuildsRepository], exports: [BuildsRepository] })
export class BuildsModule {}
