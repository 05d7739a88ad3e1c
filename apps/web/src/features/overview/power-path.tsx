import { type DrawnEnds, type DrawnStage, drawMachine, elementsOf, lineOf, nameOf, type Point } from '@hobrek/core';
import { memo, useCallback, useMemo } from 'react';
import { AtStation } from '../../element/at-station.js';
import { CentreLine, isToScale, ScaleBar } from '../../kinds/around-drawing.js';
import { type Drawn, fitDrawing, MachineDrawing } from '../../kinds/machine-drawing.js';
import { useOpen } from '../../open-build/here.js';
import { useDerivedList, useEvaluated, useEvaluatedList, useSessionInSight, WhenInSight } from '../../open-build/in-sight.js';
import { useWidth } from '../../shared/use-width.js';
import { FromAbove } from './from-above.js';
import { JamLadder } from './jam-ladder.js';
import { PathTable } from './path-table.js';

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
/** With more shafts than this a machine scrolls, so much wide for each. */
const mostAbreast = 6;
const longSpacing_px = 190;
/** And so much is left behind the last, at the edge of a phone. */
const leastBehind_px = 130;

/** The machine in side view, to scale, with its figures hung under each shaft. A key that moves nothing draws none of it again: figures follow by themselves. */
export function PowerPath() {
  const [frame, width] = useWidth<HTMLDivElement>();
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
  // The stage at a place of the line as it is now.
  const pickStage = useCallback(
    (k: number) => {
      const now = lineOf(document.getState().build, session.getState().line);
      const stage = now.stages[k];
      pick(stage ? `${now.id}/${stage.id}` : null);
    },
    [document, session, pick],
  );
  const pickEnd = useCallback(
    (end: 'source' | 'work') => pick(`${lineOf(document.getState().build, session.getState().line).id}/${end}`),
    [document, session, pick],
  );
  const drawn = useMemo(
    () =>
      outlines &&
      fitDrawing(outlines, {
        width: Math.max(room, 200, stations && stations.length > mostAbreast ? stations.length * longSpacing_px : 0),
        height: heightOf(outlines, ends),
        ends,
      }),
    [outlines, ends, room, stations],
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
  // A long machine is drawn in a row with its shafts, and scrolls.
  const isLong = stations.length > mostAbreast;
  const placing = hung
    ? 'relative h-27 max-sm:h-44'
    : isLong
      ? 'mt-2 flex gap-4'
      : beside
        ? `mt-8 grid content-start gap-4 ${stations.length > 2 ? 'grid-cols-2 pointer-coarse:max-sm:grid-cols-1' : ''}`
        : 'mt-2 grid grid-cols-2 gap-4 pointer-coarse:grid-cols-1 pointer-coarse:gap-2';
  return (
    <figure
      aria-label="Power path in side view, to scale"
      tabIndex={isLong ? 0 : undefined}
      className={beside ? 'flex gap-x-10' : isLong ? 'overflow-x-auto' : ''}
    >
      <div className="min-w-0 shrink-0">
        <div className="relative">
          <svg width={drawn.width} height={drawn.height + 22} className="mt-5 overflow-visible" aria-hidden="true">
            <MachineDrawing stages={outlines} ends={ends} drawn={drawn} onPick={pickStage} onPickEnd={pickEnd} />
            <CentreLine drawn={drawn} stages={outlines} />
            <WorstPlace drawn={drawn} paths={elements} room={room} />
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
        </div>
        <FromAbove stages={outlines} names={names} drawn={drawn} />
        <PathTable />
      </div>
      <figcaption className={placing}>
        {stations.map((id, k) => (
          <Station key={id} path={`${line}/${id}`} name={names[k] ?? ''} left={hung ? drawn.shafts[k]?.x : undefined} element={atShaft(k)} />
        ))}
      </figcaption>
    </figure>
  );
}

/** Round what is at a shaft, and round a belt between two, px. */
const ring_px = 17;
/** Room that a letter of its name takes, px. */
const letter_px = 7.4;

/** The worst check that does not hold: a ring where it is on the machine, and its name. */
function WorstPlace({ drawn, paths, room }: { drawn: Drawn; paths: readonly string[]; room: number }) {
  const { headed, document } = useOpen();
  const worst = useEvaluated((line) => {
    const check = line.ledger[0];
    if (!check || check.verdict === 'holds' || !paths.includes(check.at)) return '';
    return `${check.verdict}|${check.at}|${check.id}|${headed(nameOf(check, lineOf(document.getState().build, line.id)))}`;
  });
  if (!worst) return null;
  const [verdict = '', at = '', id = '', ...name] = worst.split('|');
  const place = placeOf(drawn, paths.indexOf(at) - 1, paths.length - 2, id);
  if (!place) return null;
  const says = name.join('|');
  const label = says.length * letter_px > room ? `${says.slice(0, Math.floor(room / letter_px) - 2)} …` : says;
  // Beside the ring where there is room for it, and never off the edge.
  const long = label.length * letter_px;
  const [right, left] = [place.x + ring_px + 16, place.x - ring_px - 16 - long];
  const x = left > 0 && (place.x > drawn.width / 2 || right + long > room) ? left : Math.max(0, Math.min(right, room - long));
  const to = Math.min(Math.max(place.x, x), x + long);
  return (
    <g fill="none" stroke={`var(--${verdict})`} strokeWidth={2}>
      <circle cx={place.x} cy={place.y} r={ring_px} />
      <path d={`M${place.x} ${place.y - ring_px}L${to} -4`} strokeWidth={1} />
      <text x={x} y={-8} fontSize="14" fontWeight="600" stroke="none" fill={verdict === 'unknown' ? 'var(--soft)' : `var(--${verdict}-word)`}>
        {label}
      </text>
    </g>
  );
}

/** Where an element is on the drawing: the source at the first shaft, the work at the last; of a stage the wheel that a check is about, else between both. */
function placeOf({ shafts }: Drawn, k: number, last: number, id: string): Point | undefined {
  if (k <= 0) return shafts[0];
  if (k >= last) return shafts.at(-1);
  const [from, to] = [shafts[k - 1], shafts[k]];
  if (!from || !to || id.includes('driver')) return from;
  if (id.includes('driven')) return to;
  // Beside the middle, where the distance is written.
  return { x: from.x + 0.35 * (to.x - from.x), y: from.y + 0.35 * (to.y - from.y) };
}

/** The figures at one shaft: hung under it where there is room, in a row where there is not. */
interface StationShown {
  readonly path: string;
  readonly name: string;
  readonly left: number | undefined;
  readonly element: string | undefined;
}

const Station = memo(function Station({ path, name, left, element }: StationShown) {
  const { pick } = useOpen();
  return (
    <div
      className={`min-w-40 border-l-2 border-brass pl-2 ${left === undefined ? '' : 'absolute top-0 sm:w-max'}`}
      style={left === undefined ? undefined : { left: left - 1 }}
    >
      <h2 className="font-head tracking-wide text-blue uppercase">
        {element ? (
          <button type="button" className="cursor-pointer text-left uppercase hover:underline" onClick={() => pick(element)}>
            {name}
          </button>
        ) : (
          <span className="pointer-coarse:leading-11">{name}</span>
        )}
      </h2>
      <AtStation path={path} name={name} />
    </div>
  );
});
