import 'reflect-metadata';
import type { Columns, Field, Input, Inputs } from '@hobrek/core';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { choice, part, quantity, table, text, yesNo } from '../../../core/src/kinds/fields.js';
import { damage, junk, ways } from '../../test/damage.js';
import { inputsClass } from './entries.js';
import { inputsSchema } from './schema.js';

const words = { help: '', measure: '' };
const cells = {
  drawn: quantity('Drawn', 'power', { ...words, accepts: [0.1, 1e6], bare: 'W', how: 'measured' }),
  wood: choice('Wood', { oak: 'oak', ash: 'ash' }, words),
  wet: yesNo('Wet', words),
  what: text('At what', { ...words, longest: 20 }),
} satisfies Columns;
const good = {
  drawn: { text: '850 W', value: 850, unit: 'W', how: 'measured', low: 800, high: 900, note: 'cold' },
  wood: { text: 'oak', how: 'chosen', draft: 'oa' },
  wet: { text: 'yes', how: 'chosen' },
  what: { text: 'branch', how: 'measured' },
} satisfies Inputs;
const fields: Readonly<Record<string, readonly [Field, Input]>> = {
  quantity: [cells.drawn, good.drawn],
  choice: [cells.wood, good.wood],
  'yes or no': [cells.wet, good.wet],
  text: [cells.what, good.what],
  table: [
    table('Readings', 'reading', cells, words),
    {
      text: '',
      how: 'measured',
      rows: [
        { id: 'r1', inputs: good },
        { id: 'r2', inputs: {} },
      ],
    },
  ],
  part: [
    part('Motor', { power: cells.drawn, wet: cells.wet }, words),
    { text: 'K 63', how: 'chosen', part: { id: 'k63', inputs: { power: good.drawn } } },
  ],
};

/** In two, so that none takes long. */
const halves = Object.entries(fields).flatMap(([name, each]) => ([28, 29] as const).map((seed) => [name, seed, each] as const));

it.each(halves)('contract and schema say the same of 1,000 damaged entries of a %s, drawn from %i', (_, seed, [field, entry]) => {
  const of = { it: field };
  const judge = new Ajv2020().compile(inputsSchema(of));
  const contract = inputsClass({ fields: of });
  const isTaken = (inputs: object) =>
    validateSync(plainToInstance(contract, inputs), { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true }).length === 0;
  expect(isTaken({ it: structuredClone(entry) })).toBe(true);
  expect(judge({ it: entry })).toBe(true);
  const damaged = fc
    .tuple(fc.nat(), junk, fc.constantFrom(...ways))
    .map(([where, value, how]) => {
      const inputs = { it: structuredClone(entry) };
      damage(inputs, where, how, value);
      return inputs;
    })
    // What a schema cannot say: the order of ends, and names that JavaScript keeps for itself.
    .filter((inputs) => {
      const whole = JSON.stringify(inputs);
      const ends = [...whole.matchAll(/"value":(-?[\d.e+]+),"unit":"W","how":"measured","low":(-?[\d.e+]+),"high":(-?[\d.e+]+)/g)];
      return (
        ends.every(([, value, low, high]) => Number(low) <= Number(value) && Number(value) <= Number(high)) &&
        !/"(__proto__|constructor|toString)"|\\u/.test(whole)
      );
    });
  let refused = 0;
  fc.assert(
    fc.property(damaged, (inputs) => {
      const taken = isTaken(structuredClone(inputs));
      if (!taken) refused++;
      expect(judge(inputs), JSON.stringify(inputs).slice(0, 300)).toBe(taken);
    }),
    { seed, numRuns: 1_000 },
  );
  expect(refused).toBeGreaterThan(800);
});
