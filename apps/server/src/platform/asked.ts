import { createParamDecorator, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';
import { ProblemError } from './problem-error.js';
import { readKnown } from './read-body.js';

type Contract = new () => object;

/** What stands behind the question mark of an address, judged by its contract. @throws ProblemError 400 with the name that is wrong */
export const Asked = createParamDecorator((contract: Contract, context: ExecutionContext) => judged(contract, requestOf(context).query));

/** The headers that a contract names, judged by it. @throws ProblemError 400 with the name that is wrong */
export const Headed = createParamDecorator((contract: Contract, context: ExecutionContext) => judged(contract, requestOf(context).headers));

const requestOf = (context: ExecutionContext): Request => context.switchToHttp().getRequest();

function judged<T extends object>(contract: new () => T, given: object): T {
  const judged = readKnown(contract, given);
  if ('read' in judged) return judged.read;
  const { property, says } = judged.wrong;
  throw new ProblemError('request-refused', `${property}: ${says}`, [{ path: property, says }]);
}
