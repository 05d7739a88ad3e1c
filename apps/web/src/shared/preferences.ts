import type { UnitHabit, Wall } from '@hobrek/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** How one person likes it, on this device. No part of any build. */
interface Preferences {
  /** Which gallon is meant where nothing else is said. */
  readonly gallon: 'us' | 'imperial';
  /** Whether single letters are keys outside fields; their chords always are. */
  readonly letters: boolean;
  /** In which units figures are shown. */
  readonly units: UnitHabit;
  /** Light as the device has it, or always one of the two. */
  readonly theme: 'device' | 'day' | 'evening';
  /** The workshop's wall, with which a new build begins. */
  readonly wall: Wall;
}

export const usePreferences = create<Preferences>()(
  persist((): Preferences => ({ gallon: 'us', letters: true, units: 'metric', theme: 'device', wall: {} }), { name: 'hobrek-habits' }),
);

/** The units figures are shown in. Read by what stays as it is while its figures do: its numbers are written anew when the units change. */
export const useUnits = (): UnitHabit => usePreferences(({ units }) => units);

/** What does not wait for a screen to be drawn again: the colours of the page. */
function live({ theme }: Preferences): void {
  if (theme === 'device') delete document.documentElement.dataset.theme;
  else document.documentElement.dataset.theme = theme;
}

live(usePreferences.getState());
usePreferences.subscribe(live);
