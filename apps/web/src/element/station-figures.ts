import { figureAt, portKinds } from '@hobrek/core';
import { useDerived, useEvaluated } from '../open-build/in-sight.js';

/** What a shaft, or whatever else power goes through, is told by: its flow and effort by the names of its port, at the running point where there is one. */
export function useStationFigures(path: string) {
  const runs = useDerived(({ evaluation }) => figureAt(evaluation, `${path}/running-power`)?.known === true);
  const is = useEvaluated(({ stations }) => stations.find(({ id }) => path.endsWith(`/${id}`))?.is) ?? 'rotary';
  return { runs, at: runs ? 'running-' : '', flow: portKinds[is].flow.name, effort: portKinds[is].effort.name };
}
