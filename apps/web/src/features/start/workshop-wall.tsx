import type { Wall } from '@hobrek/core';
import { useOpen } from '../../open-build/here.js';
import { usePreferences } from '../../shared/preferences.js';

const walls: readonly (readonly [says: string, wall: Wall])[] = [
  ['230 V, 50 Hz, 16 A', { voltage: '230 V', frequency: '50 Hz', phases: '1', breaker: '16 A' }],
  ['120 V, 60 Hz, 15 A', { voltage: '120 V', frequency: '60 Hz', phases: '1', breaker: '15 A' }],
  ['400 V, three phases, 16 A', { voltage: '400 V', frequency: '50 Hz', phases: '3', breaker: '16 A' }],
];

/** What the socket of the workshop is: asked for once, and said again in the brief of every build. */
export function WorkshopWall() {
  const { wallEntered } = useOpen();
  const wall = usePreferences((preferences) => preferences.wall);
  if (Object.keys(wall).length > 0) return null;
  const take = (chosen: Wall) => {
    usePreferences.setState({ wall: chosen });
    wallEntered(chosen);
  };
  return (
    <p className="apart flex flex-wrap items-baseline gap-x-3 gap-y-1 text-sm text-soft">
      The socket in your workshop, once for all builds:
      {walls.map(([says, each]) => (
        <button
          key={says}
          type="button"
          className="cursor-pointer border border-hair px-2 py-0.5 text-blue hover:underline"
          onClick={() => take(each)}
        >
          {says}
        </button>
      ))}
      <span>anything else goes into the brief</span>
    </p>
  );
}
