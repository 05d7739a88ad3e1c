import { type Shock, serviceFactors, serviceSource } from '../../catalog/v-belts.js';
import { type Figure, fromTable, type Known } from '../../figure/figure.js';

/** Service factor by how rough the work is and how even the driver; the widest of what is not said. */
export function serviceFactor(shock: Shock | undefined, driver: 'normal' | 'high' | undefined): Figure<'1'> {
  const name = `${shock} ${driver}`;
  const factor = factors.get(name) ?? widestFactor(shock, driver);
  factors.set(name, factor);
  return factor;
}

const factors = new Map<string, Known<'1'>>();

function widestFactor(shock: Shock | undefined, driver: 'normal' | 'high' | undefined): Known<'1'> {
  const those = (shock ? [shock] : (Object.keys(serviceFactors) as Shock[])).flatMap((row) =>
    driver ? [serviceFactors[row][driver]] : [serviceFactors[row].normal, serviceFactors[row].high],
  );
  const [low, high] = [Math.min(...those.map(([least]) => least)), Math.max(...those.map(([, most]) => most))];
  return fromTable('1', [low, (low + high) / 2, high], {
    table: 'service factors',
    row: `${shock ?? 'not said how rough'}, ${driver ?? 'any'} driver`,
    source: serviceSource,
  });
}
