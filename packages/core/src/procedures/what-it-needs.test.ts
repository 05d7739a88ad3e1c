import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { loadKinds } from '../kinds/registry.js';
import { blankBuild } from '../machine/blank-build.js';
import type { Build, Line } from '../machine/build.js';
import { withKind } from '../machine/reshape.js';
import { evaluateBuild } from './evaluate-build.js';
import { withWhatItIs } from './what-is-it.js';
import { type WhatItNeeds, whatItNeeds } from './what-it-needs.js';

const of = async (build: Build): Promise<WhatItNeeds | null> =>
  whatItNeeds(build, build.lines[0] as Line, evaluateBuild(build, await loadKinds(build)));
const says = (needs: WhatItNeeds | null, id: string): string => needs?.parts.flatMap((part) => part.needs).find((each) => each.id === id)?.says ?? '';

const typed = (build: Build, entries: Readonly<Record<string, string>>): Build =>
  afterTyping(build, Object.fromEntries(Object.entries(entries).map(([name, text]) => [`main/source/${name}`, text])));

describe('what the motor of a build needs', () => {
  it('by its plate: how it starts, its volts and amps', async () => {
    const needs = await of(crusher());
    expect(needs?.isLikely).toBe(false);
    expect(needs?.label).toMatch(/induction/);
    expect(says(needs, 'never-dimmer')).toMatch(/No dimmer/);
  });

  it('of one without a plate by what it likely is; taken for that, what was looked at still counts', async () => {
    const bare = withKind(withKind(crusher(), 'main/source', 'open'), 'main/source', 'no-plate');
    const hand = typed(bare, { donor: 'washer-belt', brushes: 'yes', weight: '4.9 kg' });
    const likely = await of(hand);
    expect(likely).toMatchObject({ family: 'universal', isLikely: true });
    const taken = await of(typed(withWhatItIs(hand, 'main/source', 'universal'), { current: '2.6 A' }));
    expect(taken).toMatchObject({ family: 'universal', isLikely: false });
    expect(says(taken, 'buy-universal')).toContain('3.9 A');
    expect(says(taken, 'air-own-fan')).toMatch(/Its own fan kept/);
  });

  it('of what is no motor, or is not said to start in any way, there is nothing to tell', async () => {
    expect(await of(withKind(crusher(), 'main/source', 'hand-crank'))).toBeNull();
    expect(await of(typed(blankBuild('Bare'), { phases: '1' }))).toBeNull();
    expect((await of(typed(blankBuild('Bare'), { phases: '3' })))?.family).toBe('three-phase');
  });

  it('a few volts of direct current are a battery', async () => {
    const fed = afterTyping(withKind(withKind(crusher(), 'main/source', 'pm-dc'), 'main/feed', 'as-given'), {
      'main/feed/voltage': '24 V',
      'main/feed/current': 'dc',
    });
    expect(says(await of(fed), 'beware-battery')).toMatch(/fuse at the battery/);
  });
});
