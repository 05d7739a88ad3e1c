import { type DynamicModule, Module } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { LAN, type Lan, PairingController } from './pairing.controller.js';
import { SessionsRepository } from './sessions.repository.js';
import { LetIn } from './who-asks.js';

@Module({})
class PairingModule {}

export const pairingModule = ({ lan, port }: Lan): DynamicModule => ({
  module: PairingModule,
  controllers: [PairingController],
  providers: [SessionsRepository, { provide: LAN, useValue: { lan, port } satisfies Lan }, { provide: APP_GUARD, useClass: LetIn }],
  exports: [SessionsRepository],
});
