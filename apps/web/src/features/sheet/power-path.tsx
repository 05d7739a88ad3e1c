import { type DrawnEnds, type DrawnStage, drawMachine, elementsOf, figureAt, isOpen, lineOf, type Point } from '@hobrek/core';
import { memo, useCallback, useMemo, useState } from 'react';
import { type Drawn, type Frame, fitDrawing, MachineDrawing } from '../../kinds/machine-drawing.js';
import { FigureText } from '../../open-build/figure-text.js';
import { useOpen } from '../../open-build/here.js';
import { useDerived, useDerivedList, useEvaluated, useEvaluatedList, useSessionInSight, WhenInSight } from '../../open-build/in-sight.js';
import { show, unitShown } from '../../shared/in-my-units.js';
import { useUnits } from '../../shared/preferences.js';
import { useWidth } from '../../shared/use-width.js';
import { FromAbove } from './from-above.js';
import { Handles } from './handles.js';
import { JamLadder } from './jam-ladder.js';
import { usePathKeys } from './path-keys.js';
import { PathTable } from './path-table.js';
import { useStationFigures } from './station-figures.js';

const height_px = 166;
/** A machine that is built upward is given more height, so that its wheels are not drawn tiny. */
const upward_px = 280;
function heightOf(stages: readonly DrawnStage[], ends: DrawnEnds | undefined): number {
  const { left, right, top, bottom } = drawMachine(stages, [], ends);
  return top - bottom > 0.8 * (right - left) ? upward_px : height_px;
}

/** Narrower than this the figures under two shafts would run into each other. */
const leastSpacing_px = 215;
/** Room that figures beside a narrow drawing need. */
const leastBeside_px = 330;
/** And so much is left behind the last, at the edge of a phone. */
const leastBehind_px = 130;

/** The machine in side view, to scale, with its figures hung under each shaft. A key that moves nothing draws none of it again: figures follow by themselves. */
export function PowerPath() {
  const [frame, width] = useWidth<HTMLDivElement>();
  usePathKeys();
  const wide = width >= 900;
  return (
    <div ref={frame} className={`mt-2 grid gap-x-12 gap-y-4 pb-3 ${wide ? 'grid-cols-[minmax(0,58fr)_minmax(0,42fr)]' : ''}`}>
      <WhenInSight>
        <SideView room={wide ? width * 0.58 : width} />
      </WhenInSight>
      <WhenInSight>
        <JamLadder />
      </WhenInSight>
    </div>
  );
}

function SideView({ room }: { room: number }) {
  const { document, session, pick } = useOpen();
  const line = useEvaluated(({ id }) => id);
  const outlines = useEvaluated((shown) => shown.outlines);
  const ends = useEvaluated((shown) => shown.ends);
  const names = useEvaluatedList(({ stations }) => stations.map(({ name }) => name));
  const stations = useEvaluatedList((shown) => shown.stations.map(({ id }) => id));
  const shown = useSessionInSight((session) => session.line);
  const elements = useDerivedList(({ build }) => elementsOf(lineOf(build, shown)).map(({ path }) => path));
  const picked = useSessionInSight((session) => session.picked);
  const [held, setHeld] = useState<Frame | undefined>();
  // The stage at a place of the line as it is now.
  const pickStage = useCallback(
    (k: number) => {
      const now = lineOf(document.getState().build, session.getState().line);
      const stage = now.stages[k];
      pick(stage ? `${now.id}/${stage.id}` : null);
    },
    [document, session, pick],
  );
  const drawn = useMemo(
    () => outlines && fitDrawing(outlines, { width: Math.max(room, 200), height: heightOf(outlines, ends), frame: held, ends }),
    [outlines, ends, room, held],
  );
  if (!line || !names || !stations || !outlines || !drawn) return null;
  const [, source, ...others] = elements;
  const stages = others.slice(0, -1);
  // A shaft is picked with the element that ends there: the source at the first, the work at the last.
  const atShaft = (k: number) => (k === 0 ? source : k === stages.length ? others.at(-1) : undefined);
  const last = drawn.shafts.at(-1)?.x ?? 0;
  const hung = room - last >= leastBehind_px && drawn.shafts.every(({ x }, k) => k === 0 || x - (drawn.shafts[k - 1]?.x ?? 0) >= leastSpacing_px);
  // Beside a machine that is built upward there is room.
  const beside = !hung && stations.length < 4 && room - drawn.width > leastBeside_px;
  return (
    <figure aria-label="Power path in side view, to scale" className={beside ? 'flex gap-x-10' : ''}>
      <div className="min-w-0">
        <div className="relative">
          <svg width={drawn.width} height={drawn.height + 22} className="overflow-visible" aria-hidden="true">
            <MachineDrawing stages={outlines} ends={ends} drawn={drawn} picked={stages.indexOf(picked ?? '')} onPick={pickStage} />
            <CentreLine drawn={drawn} stages={outlines} />
            {hung &&
              drawn.shafts.map(({ x, y }) => (
                <path key={`${x} ${y}`} d={`M${x} ${y + 14}V${drawn.height + 22}`} stroke="var(--brass)" strokeDasharray="9 3 2 3" />
              ))}
            <ScaleBar
              drawn={drawn}
              room={beside ? drawn.width : room}
              trueScale={isToScale(outlines, drawn)}
              hasUsual={drawMachine(outlines, [], ends).hasUsual}
            />
          </svg>
          <Handles line={line} names={names} paths={stages} stages={outlines} drawn={drawn} picked={picked} hold={setHeld} />
        </div>
        <FromAbove stages={outlines} names={names} drawn={drawn} />
        <PathTable />
      </div>
      <figcaption className={hung ? 'relative h-27 max-sm:h-44' : beside ? 'mt-4 grid content-start gap-4' : 'mt-2 grid grid-cols-2 gap-4'}>
        {stations.map((id, k) => (
          <Station
            key={id}
            path={`${line}/${id}`}
            name={names[k] ?? ''}
            left={hung ? drawn.shafts[k]?.x : undefined}
            element={atShaft(k)}
            picked={picked}
          />
        ))}
      </figcaption>
    </figure>
  );
}

const CentreLine = memo(function CentreLine({ drawn, stages }: { drawn: Drawn; stages: readonly DrawnStage[] }) {
  useUnits();
  const { shafts, assumed } = drawn;
  return stages.map(({ centres: centre }, k) => {
    const [from, to] = [shafts[k] as Point, shafts[k + 1] as Point];
    const known = centre !== null && !assumed.includes(k) && !isOpen(stages[k] as DrawnStage);
    const steep = Math.abs(to.y - from.y) > Math.abs(to.x - from.x);
    return (
      // biome-ignore lint/suspicious/noArrayIndexKey: a centre line is its place in the line
      <g key={k}>
        <path d={`M${from.x} ${from.y}L${to.x} ${to.y}`} stroke="var(--soft)" strokeDasharray="12 3 2 3" />
        {known && (
          <text
            x={(from.x + to.x) / 2 + (steep ? 8 : 0)}
            y={(from.y + to.y) / 2 - (steep ? -5 : 6)}
            textAnchor={steep ? 'start' : 'middle'}
            fontSize="13"
            fill="var(--ink)"
            paintOrder="stroke"
            stroke="var(--ground)"
            strokeWidth={5}
          >
            {show(centre, 'mm')}
          </text>
        )}
      </g>
    );
  });
});

const bars = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000];

const isToScale = (stages: readonly DrawnStage[], drawn: Drawn) =>
  drawn.assumed.length === 0 && stages.every((stage) => stage.driver !== null && stage.driven !== null && !isOpen(stage));

interface ScaleShown {
  readonly drawn: Drawn;
  readonly room: number;
  readonly trueScale: boolean;
  /** Something is dashed: it is said what that means. */
  readonly hasUsual: boolean;
}

const ScaleBar = memo(function ScaleBar({ drawn, room, trueScale, hasUsual }: ScaleShown) {
  useUnits();
  const { factor } = unitShown('mm');
  const long = (bars.find((each) => (each / factor) * drawn.scale >= 50) ?? 5000) / factor;
  const length = long * drawn.scale;
  // Beside the last wheel where there is room, so that nothing of the machine is crossed.
  const beside = drawn.width + length + 16 <= room;
  const [x, y] = beside ? [drawn.width + 12, drawn.height - 6] : [(drawn.shafts[0]?.x ?? 0) + 24, drawn.height + 4];
  if (!trueScale) {
    return (
      <text x={x} y={y} fontSize="13" fill="var(--soft)">
        not to scale yet
      </text>
    );
  }
  return (
    <g stroke="var(--soft)" fill="none">
      <path d={`M${x} ${y - 5}V${y}H${x + length}V${y - 5}`} />
      <text x={x + length / 2} y={y - 8} textAnchor="middle" fontSize="12" fill="var(--soft)" stroke="none">
        {show(long, 'mm')}
      </text>
      {hasUsual && (
        <text x={x} y={y + 15} fontSize="12" fill="var(--soft)" stroke="none">
          dashed: a usual size
        </text>
      )}
    </g>
  );
});

/** The figures at one shaft: hung under it where there is room, in a row where there is not. */
interface StationShown {
  readonly path: string;
  readonly name: string;
  readonly left: number | undefined;
  readonly element: string | undefined;
  readonly picked: string | null | undefined;
}

const Station = memo(function Station({ path, name, left, element, picked }: StationShown) {
  const { pick } = useOpen();
  const pull = useDerived(({ evaluation }) => figureAt(evaluation, `${path}/pull`)?.known === true);
  const { runs, at, flow, effort } = useStationFigures(path);
  const isPicked = element !== undefined && element === picked;
  return (
    <div
      className={`border-brass pl-2 ${isPicked ? 'border-l-[5px]' : 'border-l-2'} ${left === undefined ? '' : 'absolute top-0 sm:w-max'}`}
      style={left === undefined ? undefined : { left: left - 1 }}
    >
      <h2 className="font-head tracking-wide text-blue uppercase">
        {element ? (
          <button type="button" className="cursor-pointer uppercase" aria-pressed={isPicked} onClick={() => pick(element)}>
            {name}
          </button>
        ) : (
          name
        )}
      </h2>
      <p>
        <FigureText path={`${path}/${at}${flow}`} name={`${flow}, ${name}`} size="text-2xl" />
      </p>
      <p className="flex flex-wrap gap-x-3">
        <FigureText path={`${path}/${at}${effort}`} name={`${effort}, ${name}`} />
        <FigureText path={`${path}/${at}power`} name={`power, ${name}`} />
        {pull && (
          <span>
            <FigureText path={`${path}/pull`} name={`pull, ${name}`} /> <span className="text-sm text-soft">pull</span>
          </span>
        )}
      </p>
      {runs ? (
        <p className="flex flex-wrap items-baseline gap-x-2 text-sm text-soft">
          full load
          {[flow, effort, 'power'].map((each) => (
            <FigureText key={each} path={`${path}/${each}`} name={`${each} at full load, ${name}`} size="text-sm" />
          ))}
        </p>
      ) : (
        <p className="text-sm text-soft">at full load</p>
      )}
    </div>
  );
});
