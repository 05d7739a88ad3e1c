import { type Chosen, choice } from '../fields.js';
import type { Said } from '../kind.js';

/** What a tool may be, with what to beware of (common practice; EN ISO 12100, EN 809 and EN 13862 in kind, from memory; local codes go first). */
const sorts = {
  blade: {
    says: 'a blade, saw or cutter',
    beware: 'A blade throws and draws in: guard all of it but where it cuts, push short work with a stick, and wear no gloves near it.',
  },
  wheel: {
    says: 'a grinding wheel',
    beware:
      'A grinding wheel: guard it on all but the working side, tap it for a clear ring before it is mounted, stand aside for its first minute, and never grind on the side of a thin one. Goggles, and no dry stone dust.',
  },
  chuck: {
    says: 'a chuck, faceplate or bowl',
    beware:
      'A chuck throws what it does not hold: take the key out before switching on, begin with the slowest speed, keep out of its plane, and wear no gloves or loose sleeves.',
  },
  roll: {
    says: 'a roll, screw or mincer',
    beware: 'A roll or a screw does not release a finger: feed with a pusher, or through a hopper deeper than an arm.',
  },
  mixer: { says: 'a drum or mixer', beware: 'Arms of a mixer catch a sleeve: a lid or a grille that it does not run without.' },
  fan: { says: 'a fan or blower', beware: 'A grille over the intake of a fan, and its case closed until it is still.' },
  pump: {
    says: 'a pump',
    beware:
      'A pump that is shut in breaks what is weakest: a relief valve, and hoses rated for the pressure. Oil under pressure goes through skin: let it off before a fitting is opened.',
  },
  hoist: {
    says: 'a hoist, winch or elevator',
    beware:
      'It never lifts people, and nobody is under the load. With the power off the load runs back unless a brake or a pawl holds it: a gearbox is no brake.',
  },
  other: { says: 'something else', beware: 'Whatever turns winds up sleeves, hair and cords: guard it.' },
} as const;
export type Sort = keyof typeof sorts;

export const sortField = choice(
  'What the tool is',
  Object.fromEntries(Object.entries(sorts).map(([name, { says }]) => [name, says])) as Record<Sort, string>,
  {
    help: 'What to beware of goes by it.',
    measure: '',
  },
);

const unsaid =
  'Whatever turns winds up sleeves, hair and cords: guard it. If it lifts a load, that runs back with the power off unless a brake or a pawl holds it.';
const clearing =
  'Feed it with a pusher, never with fingers; clear a jam with the plug pulled, and turn the tool back by hand or with a bar to free it.';

/** What to beware of with a tool, and what is not said or not worked out of it. @param handsClear whether hands reach in when it jams, if anything can jam it */
export const bewareOf = ({ is }: Chosen<Sort>, handsClear: boolean): Required<Said> => ({
  cautions: [is ? sorts[is].beware : unsaid, ...(handsClear && is !== 'fan' && is !== 'pump' && is !== 'wheel' ? [clearing] : [])],
  notEntered: is ? [] : ['what the tool is'],
  notWorkedOut: is === 'hoist' ? ['what holds the load when the power is off'] : [],
});
