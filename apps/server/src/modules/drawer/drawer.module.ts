import { Module } from '@nestjs/common';
import { DrawerController } from './drawer.controller.js';
import { DrawerRepository } from './drawer.repository.js';

@Module({ controllers: [DrawerController], providers: [DrawerRepository] })
export class DrawerModule {}
