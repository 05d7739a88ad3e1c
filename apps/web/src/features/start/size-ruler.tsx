import { highEnd, lowEnd, type Need, standardOutputs_kW } from '@hobrek/core';
import { scaleLog } from 'd3-scale';
import { useWidth } from '../../shared/use-width.js';
import { useSizeName } from './size-name.js';

const [top, line, height] = [18, 34, 70];
/** Sizes that are shown on either side of the one to look for: fewer where there is no room for their names. */
const besides = (width: number): number => (width < 480 ? 2 : 4);

/** The sizes that motors are built in, with what is needed, what is too small, the one to look for and what only costs more. */
export function SizeRuler({ need: { atMotor, motor } }: { need: Need }) {
  const named = useSizeName();
  const [frame, width] = useWidth<HTMLDivElement>();
  if (!motor || !atMotor.known) return null;
  const sizes = standardOutputs_kW.map((kW) => kW * 1000);
  const k = sizes.indexOf(motor.output_W);
  const shown = sizes.slice(Math.max(0, k - besides(width)), k + besides(width) + 1);
  const [least, most] = [(shown[0] as number) / 1.3, (shown.at(-1) as number) * 1.3];
  const x = scaleLog([least, most], [0, width]).clamp(true);
  const between = (a: number | undefined, b: number | undefined, end: number) => (a === undefined || b === undefined ? end : x(Math.sqrt(a * b)));
  const from = between(sizes[k - 1], sizes[k], 0);
  const to = between(sizes[k + 1], sizes[k + 2], width);
  const at = x(motor.output_W);
  return (
    <div ref={frame} className="w-full">
      {width > 0 && (
        <svg width={width} height={height} role="img" aria-label={`motor sizes: ${named(motor.output_W)} is the one to look for`} fontSize="12.5">
          <rect x={0} y={line} width={from} height={11} fill="var(--fails)" opacity={0.18} />
          <rect x={from} y={line} width={to - from} height={11} fill="var(--holds)" opacity={0.3} />
          <rect x={to} y={line} width={width - to} height={11} fill="var(--close)" opacity={0.16} />
          <rect
            x={x(lowEnd(atMotor))}
            y={line - 6}
            width={Math.max(3, x(highEnd(atMotor)) - x(lowEnd(atMotor)))}
            height={6}
            fill="var(--blue)"
            opacity={0.45}
          />
          <path d={`M0 ${line}H${width}`} stroke="var(--ink)" />
          {shown.map((size) => (
            <g key={size}>
              <path d={`M${x(size)} ${line - 5}V${line + 4}`} stroke="var(--ink)" />
              <text
                x={x(size)}
                y={top}
                textAnchor="middle"
                fill={size === motor.output_W ? 'var(--ink)' : 'var(--soft)'}
                fontWeight={size === motor.output_W ? 600 : 400}
              >
                {named(size)}
              </text>
            </g>
          ))}
          <path d={`M${at} ${line - 1}l-5 -9h10Z`} fill="var(--brass)" />
          <Band from={0} to={from} says="too small" fill="var(--fails-word)" />
          <Band from={from} to={to} says={to - from > 130 ? 'the size to look for' : 'this size'} fill="var(--holds-word)" />
          <Band from={to} to={width} says="does it, costs more" fill="var(--close-word)" />
        </svg>
      )}
    </div>
  );
}

function Band({ from, to, says, fill }: { from: number; to: number; says: string; fill: string }) {
  if (to - from < 6.2 * says.length) return null;
  return (
    <text x={(from + to) / 2} y={line + 28} textAnchor="middle" fill={fill} fontWeight={600}>
      {says}
    </text>
  );
}
