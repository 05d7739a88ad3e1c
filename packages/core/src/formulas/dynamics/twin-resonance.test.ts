import { proves } from '../../../test/reference.js';
import { known } from '../../figure/figure.js';
import { twinResonance } from './twin-resonance.js';

// Through the figure door: ends are taken once, however often a symbol is in the relation.
proves('drives', 'range-04', ({ list }) => {
  const figure = (name: string, unit: 'kg·m²' | 'N·m/rad') => {
    const [low, high] = list(name) as [number, number];
    return known(unit, (low + high) / 2, { by: 'limit', source: '' }, [low, high]);
  };
  const f = twinResonance({ k: figure('k', 'N·m/rad') as never, J_1: figure('J1', 'kg·m²') as never, J_2: figure('J2', 'kg·m²') as never });
  return { f: f.known ? [f.low ?? 0, f.high ?? 0] : [] };
});
