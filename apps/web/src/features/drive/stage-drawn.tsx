import { drawMachine } from '@hobrek/core';
import { useMemo, useState } from 'react';
import { CentreLine, isToScale, ScaleBar } from '../../kinds/around-drawing.js';
import { type Frame, fitDrawing, frameOfStage, MachineDrawing } from '../../kinds/machine-drawing.js';
import { useOpen } from '../../open-build/here.js';
import { useEvaluated, useEvaluatedList, useLine } from '../../open-build/in-sight.js';
import { useWidth } from '../../shared/use-width.js';
import { Handles } from './handles.js';

const height_px = 190;

/** On a touch screen scrolling would move shafts: there they move only after a button is pressed. */
const isTouched = (): boolean => matchMedia('(pointer: coarse), (max-width: 639px)').matches;

/** The picked stage in side view, large and to scale, its shafts and rims to be taken hold of; what is beside it in the machine goes on past the edge. */
export function StageDrawn({ path }: { path: string }) {
  const [frame, width] = useWidth<HTMLElement>();
  return (
    <figure ref={frame} aria-label="the stage in side view, to scale">
      {width > 0 && <Drawn path={path} width={width} />}
    </figure>
  );
}

function Drawn({ path, width }: { path: string; width: number }) {
  const { pick, undone } = useOpen();
  const line = useEvaluated(({ id }) => id);
  const outlines = useEvaluated((shown) => shown.outlines);
  const ends = useEvaluated((shown) => shown.ends);
  const names = useEvaluatedList(({ stations }) => stations.map(({ name }) => name));
  const joined = useLine(({ id, stages }) => stages.map((stage) => `${id}/${stage.id}`).join());
  const [held, setHeld] = useState<Frame | undefined>();
  const [isMoving, setMoving] = useState(false);
  const paths = joined.split(',');
  const k = paths.indexOf(path);
  const drawn = useMemo(() => {
    if (!outlines?.[k]) return null;
    const frame = held ?? frameOfStage(outlines, k, { width, height: height_px });
    return fitDrawing(outlines, { width, height: height_px, frame, ends });
  }, [outlines, ends, k, width, held]);
  if (!line || !names || !outlines || !drawn) return null;
  return (
    <>
      <div className="relative overflow-hidden border-b border-hair" style={{ height: height_px + 22 }}>
        <svg width={width} height={height_px} aria-hidden="true" className="block overflow-hidden">
          <MachineDrawing stages={outlines} ends={ends} drawn={drawn} onPick={(at) => pick(paths[at] ?? null)} />
          <CentreLine drawn={drawn} stages={outlines} only={k} />
        </svg>
        <svg width={width} height={22} aria-hidden="true" className="block">
          <ScaleBar
            drawn={drawn}
            room={width}
            trueScale={isToScale(outlines, drawn)}
            hasUsual={drawMachine(outlines, [], ends).hasUsual}
            at={{ x: 4, y: 16 }}
          />
        </svg>
        {(!isTouched() || isMoving) && (
          <Handles line={line} names={names} at={[k, k + 1]} paths={paths} stages={outlines} drawn={drawn} picked={path} hold={setHeld} />
        )}
      </div>
      {isTouched() && (
        <p className="flex gap-x-6">
          <button type="button" aria-pressed={isMoving} className="min-h-11 cursor-pointer text-blue underline" onClick={() => setMoving(!isMoving)}>
            {isMoving ? 'Shafts stay' : 'Move shafts'}
          </button>
          {isMoving && (
            <button type="button" className="min-h-11 cursor-pointer text-blue underline" onClick={undone}>
              Undo
            </button>
          )}
        </p>
      )}
    </>
  );
}
