import { elementsOf, lineOf } from '@hobrek/core';
import { memo, useMemo } from 'react';
import { AtStation } from '../../element/at-station.js';
import { fitDrawing, MachineDrawing } from '../../kinds/machine-drawing.js';
import { useOpen } from '../../open-build/here.js';
import { evaluatedLine, useDerivedList, useEvaluated, useEvaluatedList, useFollowed, useSessionInSight } from '../../open-build/in-sight.js';
import { OneStop } from '../../shared/one-stop.js';

const [width_px, height_px] = [340, 62];

/** The machine small, what is picked of it in brass, and what its shafts do: above every stop but the first page. */
export const MachineStrip = memo(function MachineStrip() {
  const { pick } = useOpen();
  const line = useEvaluated(({ id }) => id);
  const shown = useSessionInSight((session) => session.line);
  // The small machine moves when typing has paused: what is being changed is drawn large below.
  const outlines = useFollowed(false, (derived) => evaluatedLine(derived, shown)?.outlines);
  const ends = useFollowed(false, (derived) => evaluatedLine(derived, shown)?.ends);
  const picked = useSessionInSight((session) => session.picked);
  const elements = useDerivedList(({ build }) => elementsOf(lineOf(build, shown)).map(({ path }) => path));
  const stations = useEvaluatedList((each) => each.stations.map(({ id, name }) => `${id}|${name}`));
  const drawn = useMemo(() => outlines && fitDrawing(outlines, { width: width_px, height: height_px, ends }), [outlines, ends]);
  if (!outlines || !drawn || !line || !stations) return null;
  const [, source, ...others] = elements;
  const stages = others.slice(0, -1);
  const k = stages.indexOf(picked ?? '');
  return (
    <div className="mb-1 flex min-h-16 flex-wrap items-center gap-x-8 gap-y-1">
      <svg width={drawn.width} height={drawn.height} className="overflow-visible" role="img" aria-label="the machine, small">
        <MachineDrawing
          stages={outlines}
          ends={ends}
          drawn={drawn}
          picked={k}
          pickedEnd={picked === source ? 'source' : picked === others.at(-1) ? 'work' : undefined}
          onPick={(at) => pick(stages[at] ?? null)}
          onPickEnd={(end) => pick((end === 'source' ? source : others.at(-1)) ?? null)}
        />
      </svg>
      <OneStop className="flex flex-wrap items-center gap-x-8 gap-y-1">
        {stationsBeside(stations, k).map((each) => {
          const [id = '', name = ''] = each.split('|');
          return <Station key={id} path={`${line}/${id}`} name={name} />;
        })}
      </OneStop>
    </div>
  );
});

/** Of a stage the shafts that it is between, and the tool; otherwise the first and the last. */
function stationsBeside(stations: readonly string[], stage: number): readonly string[] {
  const at = stage >= 0 ? [stage, stage + 1] : [0];
  return [...new Set([...at, stations.length - 1])].flatMap((k) => stations[k] ?? []);
}

function Station({ path, name }: { path: string; name: string }) {
  return (
    <div className="border-l-2 border-brass pl-2">
      <h2 className="font-head leading-tight tracking-wide text-blue uppercase">{name}</h2>
      <AtStation path={path} name={name} isShort />
    </div>
  );
}
