import { expect, it } from 'vitest';
import { nearness } from './synonyms.js';

it('finds what begins so before what has it elsewhere, by other names as well, and nothing else', () => {
  const belt = nearness({ says: 'Section', also: 'V-belt' }, 'section');
  const lead = nearness({ says: 'Lead, cross-section', also: 'wall' }, 'section');
  expect(belt).toBeGreaterThan(lead);
  expect(lead).toBeGreaterThan(0);
  expect(nearness({ says: 'Plate power · motor' }, 'plate power')).toBeGreaterThan(nearness({ says: 'Power by the plates' }, 'plate power'));
  expect(nearness({ says: 'Plate power' }, 'hp')).toBeGreaterThan(0);
  expect(nearness({ says: 'Driving pulley' }, 'sheave')).toBeGreaterThan(0);
  expect(nearness({ says: 'Driving pulley', also: 'V-belt' }, 'belt pulley')).toBeGreaterThan(0);
  expect(nearness({ says: 'Driving pulley', also: 'V-belt' }, 'belt sprocket')).toBe(0);
});
