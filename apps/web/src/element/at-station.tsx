import { reserveBesideLikely } from '@hobrek/core';
import { FigureText } from '../open-build/figure-text.js';
import { useEvaluated } from '../open-build/in-sight.js';
import { unbroken } from '../shared/unbroken.js';
import { useStationFigures } from './station-figures.js';

interface AtShown {
  readonly path: string;
  readonly name: string;
  /** On a strip: in one line. */
  readonly isShort?: boolean;
}

/** What is at a shaft, or whatever else power goes through: its speed at work, what is needed there and what there is; at the tool, what is left. */
export function AtStation({ path, name, isShort = false }: AtShown) {
  const { runs, at, flow, effort } = useStationFigures(path);
  const reserve = useReserveAt(path);
  const needed = runs && (
    <span>
      <span className="text-sm text-soft">needs</span> <FigureText isAtShaft path={`${path}/running-${effort}`} name={`${effort}, ${name}`} />
    </span>
  );
  const there = (
    <span>
      <span className="text-sm text-soft">{runs ? 'of' : 'at full load'}</span>{' '}
      <FigureText isAtShaft path={`${path}/${effort}`} name={`${effort} at full load, ${name}`} />
    </span>
  );
  const first = <FigureText isAtShaft path={`${path}/${at}${flow}`} name={`${flow}, ${name}`} size={isShort ? 'text-lg' : 'text-2xl'} />;
  const left = reserve && <b className="font-semibold">{unbroken(reserve)}</b>;
  if (isShort)
    return (
      <p className="flex flex-wrap items-baseline gap-x-3">
        {first} {needed} {there} {left}
      </p>
    );
  return (
    <>
      <p className="apart flex flex-wrap items-baseline gap-x-3">
        {first} {left}
      </p>
      <p className="apart flex flex-wrap items-baseline gap-x-2">
        {needed} {there}
      </p>
    </>
  );
}

/** Whether the source is strong enough is told at the tool, where it is judged. */
function useReserveAt(path: string): string {
  return (
    useEvaluated((line) => {
      const [work] = line.checks;
      if (!work || path !== `${line.id}/${line.stations.at(-1)?.id}`) return '';
      return reserveBesideLikely(work);
    }) ?? ''
  );
}
