import { loadKinds, needOf, sayAll, wordingFor } from '@hobrek/core';
import type { Outcome } from '../refusal.js';
import { plain } from './plain.js';
import { buildFrom } from './read-file.js';

/**
 * What motor a build needs, worked out backwards from its work: 0 when a class is named, 1 when something is missing.
 * @throws Refusal naming the file, the place in it and what is wrong there
 */
export async function need(file: string): Promise<Outcome> {
  const { build, notices } = await buildFrom(file);
  const found = needOf(build, await loadKinds());
  const wording = wordingFor(build);
  const [says, shoppingLine, feeds, tooSmall, bigger, instead] = [
    found.says,
    found.shoppingLine,
    found.feeds,
    found.tooSmall,
    found.bigger,
    found.instead,
  ].map((all) => sayAll(all, wording));
  const { speed, any, torque, power, atMotor, ratio, motor, tooSmall_W, missing } = found;
  const figures = Object.fromEntries(
    Object.entries({ speed, anySpeed: any, torque, power, atMotor, ratio }).map(([name, figure]) => [name, plain(figure, wording)]),
  );
  return {
    text: [`${build.name}: ${says}`, shoppingLine, feeds, tooSmall, bigger, instead, ...notices].filter(Boolean).join('\n'),
    json: { name: build.name, says, shoppingLine, feeds, tooSmall, bigger, instead, ...figures, motor, tooSmall_W, missing, notices },
    exit: motor ? 0 : 1,
  };
}
