import { type DrawnStage, lineOf } from '@hobrek/core';
import { scaleLinear } from 'd3-scale';
import { memo } from 'react';
import { show, unitShown } from '../../shared/in-my-units.js';
import { useUnits } from '../../shared/preferences.js';
import { useWidth } from '../../shared/use-width.js';
import type { ToolShown } from '../tool.js';

const height_px = 74;
const axis_px = 30;
/** Room that a belt's name needs, px. */
const name_px = 40;

/** Standard belts along the way the motor can move: the place each needs, how far off that is, and which the slot allows. */
export function StockRuler({ path, build, evaluation }: ToolShown) {
  const { id, stages } = lineOf(build, path.split('/')[0]);
  const outline = evaluation.lines.find((line) => line.id === id)?.outlines[stages.findIndex((stage) => `${id}/${stage.id}` === path)];
  return outline ? <Ruler outline={outline} /> : null;
}

const Ruler = memo(function Ruler({ outline }: { outline: DrawnStage }) {
  const [frame, width] = useWidth<HTMLDivElement>();
  useUnits();
  const { centres, stock } = outline;
  if (centres === null || !stock || stock.belts.length === 0) return <div ref={frame} />;
  const { what, belts, slot, chosen } = stock;
  const reach = Math.max(0.09 * centres, ...(slot ?? []).map((end) => 1.3 * Math.abs(end - centres)));
  const { factor } = unitShown('mm');
  const ends = [centres - reach, centres + reach] as const;
  const x = scaleLinear(ends, [0, width]);
  const seen = belts.filter((belt) => Math.abs(belt.centres - centres) < reach * 0.97);
  const fits = (at: number) => slot !== null && at >= slot[0] && at <= slot[1];
  const written = scaleLinear([ends[0] * factor, ends[1] * factor], [0, width]);
  const ticks = written.ticks(6);
  // Names that would run into each other are left out, the nearest to the motor first.
  const named = spread(
    [...seen].sort((a, b) => Math.abs(a.centres - centres) - Math.abs(b.centres - centres)),
    (belt) => x(belt.centres),
  );
  const nearest =
    seen.find((belt) => belt.mark === chosen) ?? [...seen].sort((a, b) => Math.abs(a.centres - centres) - Math.abs(b.centres - centres))[0];
  return (
    <div ref={frame} className="mt-3 min-w-0 overflow-hidden">
      <p>
        {nearest && (
          <b className="font-semibold">
            {nearest.mark === chosen ? nearest.mark : `Buy ${nearest.mark}`}: {moves(nearest.centres - centres)}
            {slot && !fits(nearest.centres) ? ', more than the slot allows' : ''}.
          </b>
        )}{' '}
        <span className="text-sm text-soft">
          {what}, by the centre distance each needs{slot ? ', along the slot' : ''}
        </span>
      </p>
      <svg width={width} height={height_px} role="img" aria-label={seen.map((belt) => `${belt.mark} at ${show(belt.centres, 'mm')}`).join(', ')}>
        {slot && <path d={`M${x(slot[0])} ${axis_px}H${x(slot[1])}v9H${x(slot[0])}z`} fill="var(--plate)" stroke="var(--brass)" />}
        <path d={`M0 ${axis_px}H${width}${ticks.map((tick) => `M${written(tick)} ${axis_px}v-5`).join('')}`} stroke="var(--ink)" fill="none" />
        {ticks.map((tick) => (
          <text key={tick} x={written(tick)} y={14} fontSize="12" textAnchor="middle" fill="var(--soft)">
            {tick}
          </text>
        ))}
        <path d={`M${x(centres) - 6} ${axis_px - 11}h12l-6 11z`} fill="var(--blue)" />
        {seen.map((belt) => (
          <path
            key={belt.mark}
            d={`M${x(belt.centres)} ${axis_px}v20`}
            stroke={fits(belt.centres) ? 'var(--holds)' : 'var(--unknown)'}
            strokeWidth={belt === nearest ? 3 : 1.5}
          />
        ))}
        {named.map((belt) => (
          <text
            key={belt.mark}
            x={x(belt.centres)}
            y={axis_px + 36}
            fontSize="14"
            textAnchor="middle"
            fontWeight={belt === nearest ? 600 : 400}
            fill={fits(belt.centres) || slot === null ? 'var(--ink)' : 'var(--soft)'}
          >
            {belt.mark}
          </text>
        ))}
      </svg>
    </div>
  );
}, same);

/** Every evaluation makes its outlines anew; most of them look as before. */
function same({ outline: a }: { outline: DrawnStage }, { outline: b }: { outline: DrawnStage }): boolean {
  return (
    a.centres === b.centres && a.stock?.belts === b.stock?.belts && a.stock?.chosen === b.stock?.chosen && `${a.stock?.slot}` === `${b.stock?.slot}`
  );
}

const moves = (by: number) => (Math.abs(by) < 0.05 ? 'the shaft stays' : `the shaft moves ${show(Math.abs(by), 'mm')} ${by > 0 ? 'out' : 'in'}`);

/** As many of a list, in its order, as are clear of each other. */
function spread<T>(list: readonly T[], x: (each: T) => number): T[] {
  const kept: T[] = [];
  for (const each of list) if (kept.every((other) => Math.abs(x(other) - x(each)) >= name_px)) kept.push(each);
  return kept;
}
