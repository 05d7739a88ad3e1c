import type { EvaluatedLine } from '@hobrek/core';
import { useStore } from 'zustand';
import { type Drawn, fitDrawing, MachineDrawing } from '../../kinds/machine-drawing.js';
import type { OpenBuild } from '../../open-build/open-build.js';

/** Room for one machine, px: of two side by side at a desk, and across a phone. */
const room = { width: 560, height: 150 };

const fit = ({ outlines, ends }: EvaluatedLine): Drawn => fitDrawing(outlines, { ...room, ends });

/** As large as fits at the scale of the smallest: what is larger is drawn larger. */
function atScale(line: EvaluatedLine, scale: number): Drawn {
  const { frame } = fit(line);
  const share = scale / frame.scale;
  return fitDrawing(line.outlines, {
    ...room,
    ends: line.ends,
    frame: { ...frame, scale, width: frame.width * share, height: frame.height * share },
  });
}

/** Every line of one of two builds, drawn at the scale that both share. */
export function Drawings({ open, beside }: { open: OpenBuild; beside: OpenBuild }) {
  const [mine, theirs] = [useStore(open.derived).evaluation.lines, useStore(beside.derived).evaluation.lines];
  const scale = Math.min(...[...mine, ...theirs].map((line) => fit(line).scale));
  return (
    <>
      {mine.map((line) => {
        const drawn = atScale(line, scale);
        return (
          <svg
            key={line.id}
            viewBox={`0 0 ${drawn.width} ${drawn.height}`}
            width={drawn.width}
            height={drawn.height}
            className="mt-2 max-w-full"
            role="img"
            aria-label={`${line.name}, drawn to scale`}
          >
            <MachineDrawing stages={line.outlines} ends={line.ends} drawn={drawn} />
          </svg>
        );
      })}
    </>
  );
}
