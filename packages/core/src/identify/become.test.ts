import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import type { Build } from '../machine/build.js';
import { withKind } from '../machine/reshape.js';
import { withWhatItIs } from '../procedures/what-is-it.js';

const sourceOf = ({ lines }: Build) => (lines[0] as Build['lines'][number]).source;
const hand = (typed: Readonly<Record<string, string>>): Build => {
  const bare = withKind(withKind(crusher(), 'main/source', 'open'), 'main/source', 'no-plate');
  return afterTyping(bare, Object.fromEntries(Object.entries(typed).map(([name, text]) => [`main/source/${name}`, text])));
};

describe('a motor without a plate, taken for what it likely is', () => {
  const looked = hand({ donor: 'washer-belt', brushes: 'yes', weight: '4.9 kg', shaft: '12 mm', plate: '230 V 50 Hz' });

  it('has what was estimated as guesses, what was measured as measured, what is left of its plate as that', () => {
    const { kind, inputs } = sourceOf(withWhatItIs(looked, 'main/source', 'universal'));
    expect(kind).toBe('universal');
    // The reference has 360 W for such a motor, between 260 and 500.
    expect(inputs.power).toMatchObject({ how: 'guessed', text: expect.stringMatching(/^\d+ to \d+ W$/) });
    expect(inputs.power?.low).toBeLessThan(360);
    expect(inputs.power?.high).toBeGreaterThan(360);
    expect(inputs.weight).toMatchObject({ how: 'measured', text: '4.9 kg' });
    expect(inputs.voltage).toMatchObject({ how: 'plate', text: '230 V' });
  });

  it('keeps what was looked at through every kind that it is taken for, and goes on with it', () => {
    const taken = withWhatItIs(looked, 'main/source', 'universal');
    const again = withKind(taken, 'main/source', 'pm-dc');
    expect(sourceOf(again).was).toMatchObject({ kind: 'no-plate', inputs: { brushes: { text: 'yes' } } });
    const back = sourceOf(withKind(again, 'main/source', 'no-plate'));
    expect(back.was).toBeUndefined();
    expect(back.inputs).toMatchObject({ donor: { text: 'washer-belt' }, brushes: { text: 'yes' }, shaft: { text: '12 mm' } });
  });

  it('a family that it is not is not kept from being taken', () => {
    expect(sourceOf(withWhatItIs(looked, 'main/source', 'split-phase'))).toMatchObject({
      kind: 'plate-motor',
      inputs: { phases: { text: '1' }, start: { text: 'split-phase' } },
    });
    expect(() => withWhatItIs(looked, 'main/nowhere', 'universal')).toThrow('no element');
  });
});
