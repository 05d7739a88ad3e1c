import { useMemo } from 'react';
import { fitDrawing, MachineDrawing } from '../../kinds/machine-drawing.js';
import { FigureText } from '../../open-build/figure-text.js';
import { useOpen } from '../../open-build/here.js';
import { useEvaluated, useEvaluatedList, useLine, useSessionInSight } from '../../open-build/in-sight.js';
import { useStationFigures } from './station-figures.js';

const [width_px, height_px] = [360, 84];

/** The machine small, and what its first and its last shaft do: above every stop but those that are about the whole of it. */
export function MachineStrip() {
  const { pick } = useOpen();
  const outlines = useEvaluated((line) => line.outlines);
  const ends = useEvaluated((line) => line.ends);
  const line = useEvaluated(({ id }) => id);
  const stages = useLine(({ id, stages: all }) => all.map((stage) => `${id}/${stage.id}`).join());
  const picked = useSessionInSight((session) => session.picked);
  const stations = useEvaluatedList((shown) => shown.stations.map(({ id, name }) => `${id}|${name}`));
  const drawn = useMemo(() => outlines && fitDrawing(outlines, { width: width_px, height: height_px, ends }), [outlines, ends]);
  if (!outlines || !drawn || !line || !stations) return null;
  const paths = stages.split(',');
  const shown = stations.length > 2 ? [stations[0] as string, stations.at(-1) as string] : stations;
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-10 gap-y-1">
      <svg width={drawn.width} height={drawn.height} className="overflow-visible" role="img" aria-label="the machine, small">
        <MachineDrawing stages={outlines} ends={ends} drawn={drawn} picked={paths.indexOf(picked ?? '')} onPick={(k) => pick(paths[k] ?? null)} />
      </svg>
      {shown.map((each) => {
        const [id = '', name = ''] = each.split('|');
        return <Station key={id} path={`${line}/${id}`} name={name} />;
      })}
    </div>
  );
}

function Station({ path, name }: { path: string; name: string }) {
  const { at, flow, effort } = useStationFigures(path);
  return (
    <div className="border-l-2 border-brass pl-2">
      <h2 className="font-head tracking-wide text-blue uppercase">{name}</h2>
      <p className="flex gap-x-3">
        <FigureText path={`${path}/${at}${flow}`} name={`${flow}, ${name}`} size="text-xl" />
        <FigureText path={`${path}/${at}${effort}`} name={`${effort}, ${name}`} />
        <FigureText path={`${path}/${at}power`} name={`power, ${name}`} />
      </p>
    </div>
  );
}
