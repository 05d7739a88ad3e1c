import type { BuildSummary } from '@hobrek/core';
import { fitDrawing, MachineDrawing } from './machine-drawing.js';

interface Shown {
  readonly name: string;
  readonly summary: Pick<BuildSummary, 'outlines' | 'ends'>;
  /** Room for it, px. */
  readonly width: number;
  readonly height: number;
}

/** The machine of a build that is not open, as large as fits. */
export function DrawnToScale({ name, summary: { outlines, ends }, width, height }: Shown) {
  const drawn = fitDrawing(outlines, { width, height, ends });
  return (
    <svg
      viewBox={`0 0 ${drawn.width} ${drawn.height}`}
      width={drawn.width}
      height={drawn.height}
      className="max-w-full"
      role="img"
      aria-label={`${name}, drawn to scale`}
    >
      <MachineDrawing stages={outlines} ends={ends} drawn={drawn} />
    </svg>
  );
}
