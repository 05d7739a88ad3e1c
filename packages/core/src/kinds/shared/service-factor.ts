import { type Driver, drivers, type Rated, type Shock, serviceFactors } from '../../catalog/service-factors.js';
import { type Check, failsAtBothEnds } from '../../checks/check.js';
import { type Figure, fromTable, type Known } from '../../figure/figure.js';
import type { Band } from '../../numeric/band-at.js';
import { figure } from '../outputs.js';

/** What a service factor hangs on; what is not said of the driver is an electric motor of either kind. */
export interface RoughDrive {
  readonly shock: Shock | undefined;
  readonly driver: Driver | undefined;
}

/** @param group of figures that it is shown in */
export const serviceFigure = (group: string) => ({ 'service-factor': figure('Service factor', 'count', group) }) as const;

/** What a sentence says of the factor that was taken. */
export const withFactor = 'with a service factor of {factor} ({factorOf})';

const said: Readonly<Record<Shock, string>> = { uniform: 'even work', light: 'light shock', medium: 'medium shock', heavy: 'heavy shock' };

const roughOf = ({ shock }: RoughDrive): string => (shock ? said[shock] : 'not said how rough');

/** How rough and behind what, as a sentence names it: `medium shock, one cylinder`. That it is a motor goes without saying. */
export function rowOf(drive: RoughDrive): string {
  const { driver } = drive;
  return !driver || driver === 'normal' || driver === 'high' ? roughOf(drive) : `${roughOf(drive)}, ${drivers[driver]}`;
}

/** A rating with its factor: short at both ends of it that fails, between them it is close. How rough the work is must have been said: what is not said is no practice. */
export const ratedBetween = (check: Check, { shock }: RoughDrive): Check => (shock ? failsAtBothEnds(check) : check);

/** Service factor by how rough the work is and by what drives; the widest of what is not said. */
export function serviceFactor(rated: Rated, drive: RoughDrive): Figure<'1'> {
  const name = `${rated} ${drive.shock} ${drive.driver}`;
  const factor = factors.get(name) ?? widestFactor(rated, drive);
  factors.set(name, factor);
  return factor;
}

const factors = new Map<string, Known<'1'>>();

function widestFactor(rated: Rated, drive: RoughDrive): Known<'1'> {
  const { source, rows } = serviceFactors[rated];
  const of: readonly Driver[] = drive.driver ? [drive.driver] : ['normal', 'high'];
  const those = (drive.shock ? [rows[drive.shock]] : Object.values(rows)).flatMap((row) => of.map((driver) => row[driver]));
  return fromTable('1', widest(those), {
    table: 'service factors',
    row: `${rated}: ${roughOf(drive)}, ${drive.driver ? drivers[drive.driver] : 'a motor'}`,
    source,
  });
}

function widest(bands: readonly Band[]): Band {
  const [low, high] = [Math.min(...bands.map(([least]) => least)), Math.max(...bands.map(([, , most]) => most))];
  return bands.length === 1 && bands[0] ? bands[0] : [low, (low + high) / 2, high];
}
