import { terms } from '@hobrek/core';
import type { CommandHeap } from './command-sheet.js';
import type { TextToRead } from './text-sheet.js';

/** What people look for and do not find yet, with where it will be, and what there is meanwhile. */
const notHere: readonly { readonly says: string; readonly also: string; readonly paragraphs: readonly string[] }[] = [
  {
    says: 'reversing, and control',
    also: 'reverse switch contactor relay emergency stop speed control drive inverter',
    paragraphs: [
      'Not worked out yet: it will be a stop of its own, Control, after Drive.',
      'Meanwhile: that it must reverse is written into the brief. Wiring is for someone licensed, by the local code.',
    ],
  },
  {
    says: 'strength and bending of a shaft, life of its bearings',
    also: 'shaft bearing bearings whirl deflection break',
    paragraphs: [
      'Not worked out yet: it will be a stop of its own, Shafts, after Drive.',
      'Meanwhile: the pull of belts and chains on each shaft is told under “All checks”, and what the motor’s own bearing supports is a check of its belt.',
    ],
  },
  {
    says: 'parts to buy, and what they cost',
    also: 'cost price list shopping bill of material',
    paragraphs: ['Prices are not kept yet.', 'Meanwhile: the parts list is under Export, and the highest cost is a wish of the brief.'],
  },
  {
    says: 'guards, and the first run',
    also: 'guard safety test commissioning',
    paragraphs: [
      'A list of their own is not here yet.',
      'Meanwhile: the cautions of each part are beside its checks; what happened is written into the log.',
    ],
  },
];

/** Terms, and what is not here yet, as things to be found; each opens its text. */
export const toRead = (open: (text: TextToRead) => void): CommandHeap[] => [
  {
    called: 'What it means',
    isDeep: true,
    acts: terms.map(({ names, says, source }) => ({
      says: names[0],
      also: names.slice(1).join(' '),
      act: () => open({ title: names[0], paragraphs: [says, ...(source ? [`${source}.`] : [])] }),
    })),
  },
  {
    called: 'Not here yet',
    isDeep: true,
    acts: notHere.map(({ says, also, paragraphs }) => ({ says, also, act: () => open({ title: says, paragraphs }) })),
  },
];
