import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** How one person likes it, on this device. No part of any build. */
interface Habits {
  /** Which gallon is meant where nothing else is said. */
  readonly gallon: 'us' | 'imperial';
  /** Whether single letters are keys outside fields; their chords always are. */
  readonly letters: boolean;
}

export const useHabits = create<Habits>()(persist((): Habits => ({ gallon: 'us', letters: true }), { name: 'hobrek-habits' }));
