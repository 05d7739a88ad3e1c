import { type Bent, bent, deflectsBy, type EvaluatedShaft, type LaidShaft } from '@hobrek/core';
import { scaleLinear } from 'd3-scale';
import { memo, useMemo, useState } from 'react';
import { Area, CartesianGrid, ComposedChart, Line, ReferenceLine, XAxis, YAxis } from 'recharts';
import { show } from '../../shared/in-my-units.js';
import { useUnits } from '../../shared/preferences.js';
import { useWidth } from '../../shared/use-width.js';
import { atItsHardest, type Curve, curves, deflectionSays, type Row, rowsOf, type Whirling, whirlingOf } from './shaft-curves.js';
import { ShaftLying } from './shaft-lying.js';

const size = ([right, up]: readonly [number, number]): number => Math.hypot(right, up);
const side = 44;

/** When a shaft is shown: at work, or at the most that reaches it. */
const whens = { work: 'at work', most: 'in a jam, or at the start where nothing jams it' } as const;
type When = keyof typeof whens;

interface Shown {
  readonly shaft: EvaluatedShaft;
  readonly laid: LaidShaft;
}

/** A shaft to scale with its wheels and bearings, and under it how it is bent; the figures of a place under the pointer, by touch and by keys. */
export const ShaftDrawn = memo(function ShaftDrawn({ shaft, laid }: Shown) {
  const [when, setWhen] = useState<When>('work');
  const shown = useMemo(() => (when === 'work' ? laid : atItsHardest(laid)), [laid, when]);
  const is = useMemo(() => bent(shown), [shown]);
  return is ? <Drawn shaft={shaft} laid={shown} bent={is} when={when} setWhen={setWhen} /> : null;
});

interface Bending extends Shown {
  readonly bent: Bent;
  readonly when: When;
  readonly setWhen: (when: When) => void;
}

function Drawn({ shaft, laid, bent, when, setWhen }: Bending) {
  useUnits();
  const [frame, width] = useWidth<HTMLDivElement>();
  const [curve, pick] = useState<Curve>('moment');
  const [picked, setPicked] = useState<number | null>(null);
  const rows = useMemo(() => rowsOf(laid, bent, shaft.how), [laid, bent, shaft.how]);
  const isWhirl = curve === 'whirl' || laid.loads.some(({ turning_N = 0 }) => turning_N > 0);
  const whirling = useMemo(() => (isWhirl ? whirlingOf(laid) : null), [laid, isWhirl]);
  const long = bent.at_mm.at(-1) ?? 1;
  const nearest = (at: number) => rows.reduce((best, row, k) => (Math.abs(row.at - at) < Math.abs((rows[best]?.at ?? 0) - at) ? k : best), 0);
  const here = Math.min(rows.length - 1, picked ?? nearest(shaft.weakest?.at_mm ?? 0));
  const row = rows[here] as Row;
  const told = `at ${show(row.at, 'mm')}: moment ${show(row.moment, 'N·m')}, torque ${show(row.torque, 'N·m')}, ${show(row.stress, 'MPa')}, ${row.deflection < 0.1 ? `deflection below ${show(0.1, 'mm')}` : `deflection ${show(row.deflection, 'mm')}`}`;
  const x = scaleLinear([0, long], [side, Math.max(side + 10, width - 12)]);
  const under = (event: React.PointerEvent) => setPicked(nearest(x.invert(event.clientX - event.currentTarget.getBoundingClientRect().left)));
  return (
    <figure className="min-w-0">
      <div ref={frame} className="min-w-0 overflow-hidden">
        {width > 0 && (
          <>
            <ShaftLying laid={laid} bent={bent} weakest={shaft.weakest} x={x} px_mm={Math.max(1, x(long) - x(0)) / long} width={width} />
            <div
              role="slider"
              tabIndex={0}
              aria-label="place along the shaft"
              aria-valuemin={0}
              aria-valuemax={Math.round(long)}
              aria-valuenow={Math.round(row.at)}
              aria-valuetext={told}
              onKeyDown={(event) => {
                const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
                if (by === undefined) return;
                event.preventDefault();
                setPicked(Math.min(rows.length - 1, Math.max(0, here + by)));
              }}
              onPointerMove={under}
              onPointerDown={under}
            >
              <ComposedChart
                accessibilityLayer={false}
                width={width}
                height={150}
                data={curve === 'whirl' && whirling ? modesAsRows(whirling) : [...rows]}
                margin={{ top: 6, right: 12, bottom: 0, left: 0 }}
              >
                <CartesianGrid vertical={false} stroke="var(--hair)" />
                <XAxis dataKey="at" type="number" domain={[0, long]} ticks={x.ticks(6)} stroke="var(--soft)" fontSize={12} />
                <YAxis
                  width={side}
                  stroke="var(--soft)"
                  fontSize={12}
                  tickLine={false}
                  axisLine={false}
                  tickCount={4}
                  {...(curve === 'whirl' ? { domain: [-1, 1], ticks: [0] } : {})}
                />
                <ReferenceLine x={row.at} stroke="var(--brass)" />
                {curve === 'whirl' ? (
                  modeStrokes.map((stroke, k) => (
                    <Line
                      key={stroke}
                      dataKey={`mode${k}`}
                      type="linear"
                      stroke="var(--blue)"
                      strokeDasharray={stroke}
                      strokeWidth={1.6}
                      dot={false}
                      isAnimationActive={false}
                    />
                  ))
                ) : (
                  <Area
                    dataKey={curve}
                    type="linear"
                    stroke="var(--blue)"
                    strokeWidth={1.6}
                    fill="var(--blue)"
                    fillOpacity={0.1}
                    dot={false}
                    isAnimationActive={false}
                  />
                )}
              </ComposedChart>
            </div>
          </>
        )}
      </div>
      <figcaption className="flex flex-wrap items-baseline gap-x-5">
        <fieldset className="flex flex-wrap gap-x-4 text-sm">
          <legend className="sr-only">when</legend>
          {(Object.keys(whens) as When[]).map((each) => (
            <label key={each} className="flex min-h-7 cursor-pointer items-center gap-x-1 pointer-coarse:min-h-11">
              <input type="radio" className="accent-blue" checked={when === each} onChange={() => setWhen(each)} />
              {whens[each]}
            </label>
          ))}
        </fieldset>
        <span role="status">{curve === 'whirl' && whirling ? whirlSays(whirling, shaft) : told}</span>
        <fieldset className="flex flex-wrap gap-x-4 text-sm">
          <legend className="sr-only">what is drawn below the shaft</legend>
          {(Object.keys(curves) as Curve[]).map((name) => (
            <label key={name} className="flex min-h-7 cursor-pointer items-center gap-x-1 pointer-coarse:min-h-11">
              <input type="radio" className="accent-blue" checked={curve === name} onChange={() => pick(name)} />
              {curves[name].says}
              {curves[name].unit && `, ${curves[name].unit}`}
            </label>
          ))}
        </fieldset>
      </figcaption>
      <p className="text-sm text-soft first-letter:uppercase">
        {laid.bearings.map(({ id }, k) => `${id} pushes ${show(size(bent.reactions_N[k] as readonly [number, number]), 'N')}`).join(', ')}; it twists
        by {show(Math.abs(bent.twist_rad), 'rad')}
        {deflectionSays(laid, bent)}.{whirling && unbalanceSays(laid, whirling, shaft)}
      </p>
      <AsTable laid={laid} rows={rows} />
    </figure>
  );
}

/** Lowest first: drawn through, dashed, dotted. */
const modeStrokes = ['1 0', '8 4', '2 4'] as const;

const modesAsRows = ({ modes }: Whirling) =>
  (modes[0]?.at_mm ?? []).map((at, k) => ({ at, ...Object.fromEntries(modes.map(({ shape }, n) => [`mode${n}`, shape[k]])) }));

const whirlSays = ({ modes }: Whirling, { speed_rpm }: EvaluatedShaft): string =>
  `it whirls at ${modes.map((mode) => show(Number(mode.speed_rpm.toPrecision(3)), 'rpm')).join(', ')}${speed_rpm > 0 ? `, and turns at up to ${show(speed_rpm, 'rpm')}` : ''}; what turns with it as a flywheel is left out`;

function unbalanceSays(laid: LaidShaft, { all }: Whirling, { speed_rpm }: EvaluatedShaft): string {
  const out = deflectsBy(laid, all, speed_rpm);
  if (out === 0) return '';
  const pull = laid.loads.reduce((sum, { turning_N = 0 }) => sum + turning_N, 0);
  return ` What is out of balance pulls with ${show(pull, 'N')} at ${show(speed_rpm, 'rpm')}, and the shaft deflects by ${out < 0.01 ? `less than ${show(0.01, 'mm')}` : show(out, 'mm')}.`;
}

/** The figures of the places where something is, in numbers. */
function AsTable({ laid, rows }: { readonly laid: LaidShaft; readonly rows: readonly Row[] }) {
  let end = 0;
  const sharp = [
    0,
    ...laid.sections.map(({ length_mm }) => {
      end += length_mm;
      return end;
    }),
    ...[...laid.loads, ...laid.bearings, ...laid.notches].map(({ at_mm }) => at_mm),
  ];
  const shown = rows.filter(({ at }) => sharp.some((place) => Math.abs(place - at) < 1e-6));
  const columns = (Object.keys(curves) as Curve[]).filter((name): name is Exclude<Curve, 'whirl'> => name !== 'whirl');
  const most = Object.fromEntries(columns.map((name) => [name, Math.max(...rows.map((row) => row[name]))])) as Record<
    Exclude<Curve, 'whirl'>,
    number
  >;
  return (
    <details className="mt-1 text-sm">
      <summary className="min-h-8 cursor-pointer text-blue pointer-coarse:min-h-11">These figures as a table</summary>
      <div className="overflow-x-auto">
        <table className="w-full text-right">
          <thead>
            <tr className="border-b border-ink">
              <th scope="col" className="text-left font-semibold">
                at
              </th>
              {columns.map((name) => (
                <th key={name} scope="col" className="pl-3 font-semibold">
                  {curves[name].says}, {curves[name].unit}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.map((row) => (
              <tr key={row.at} className="border-b border-hair">
                <th scope="row" className="text-left font-normal">
                  {show(row.at, 'mm')}
                </th>
                {columns.map((name) => (
                  <td key={name} className="pl-3">
                    {plain(row[name], most[name])}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}

/** What is left of nought after it was worked out is nought. */
const nothing = 1e-6;
const plain = (value: number, most: number): string => (value <= nothing * most ? '0' : Number(value.toPrecision(3)).toString());
