import { sawnWoods } from '../../catalog/sawn-woods.js';
import { type Figure, fixed, flag } from '../../figure/figure.js';
import { type Chosen, choice } from '../fields.js';
import { labelsOf } from './labels-of.js';

/** What is cut, and how sharp the teeth or knives are: of every machine that cuts dry wood. */
export const woodFields = {
  wood: choice('Wood', labelsOf(sawnWoods), {
    how: 'chosen',
    usual: 'hard',
    help: 'The hardest of it: it says what a cut takes.',
    measure: 'A fingernail dents softwood.',
  }),
  edges: choice(
    'Teeth, knives',
    { sharp: 'sharp', used: 'as they are after a while', dull: 'dull' },
    {
      how: 'measured',
      usual: 'used',
      help: 'Dull ones take half as much again, and scorch.',
      measure: 'A thumbnail across an edge: it catches, or slides.',
    },
  ),
} as const;

const wearSource = 'Handbooks of woodworking (from memory): used edges take 5 to 35 % more than sharp ones, dull ones half as much again to twice';
const wear = {
  sharp: fixed('1', 1, wearSource, [1, 1.05], flag.estimated),
  used: fixed('1', 1.15, wearSource, [1.05, 1.35], flag.estimated),
  dull: fixed('1', 1.8, wearSource, [1.5, 2.3], flag.estimated),
} as const;

/** How much more than sharp ones these take. */
export const dulledBy = ({ edges }: { readonly edges: Chosen<keyof typeof wear> }): Figure<'1'> => wear[edges.is ?? 'used'];

/** Machines that cut wood stop within so long (EN ISO 19085-1, from memory). */
export const stopsWithin = fixed('s', 10, 'EN ISO 19085-1 (from memory): machines that cut wood stop within 10 s');
