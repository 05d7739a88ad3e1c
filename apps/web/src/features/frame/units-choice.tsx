import type { UnitHabit } from '@hobrek/core';
import { usePreferences } from '../../shared/preferences.js';
import { Select } from '../../shared/select.js';

const habits: readonly (readonly [UnitHabit, string])[] = [
  ['metric', 'mm, N·m, kW'],
  ['inch', 'in, lbf·ft, hp'],
  ['mixed', 'in, N·m, kW'],
];

/** The units that figures are shown in. */
export function UnitsChoice() {
  const units = usePreferences((preferences) => preferences.units);
  return (
    <span className="flex items-baseline gap-1.5">
      units:
      <Select
        aria-label="units of the figures"
        value={units}
        options={habits}
        change={(chosen) => usePreferences.setState({ units: chosen as UnitHabit })}
        className="font-semibold text-ink"
      />
    </span>
  );
}
