import { sizeNames } from '@hobrek/core';
import { useUnits } from '../../shared/preferences.js';

/** What a size of motor is called by this person: by kilowatts or by horsepower. */
export function useSizeName(): (watts: number) => string {
  const units = useUnits();
  return (watts) => sizeNames(watts)[units === 'inch' ? 'hp' : 'kW'];
}
