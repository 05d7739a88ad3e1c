import type { Strip } from '@hobrek/core';
import { useWidth } from '../../shared/use-width.js';

const height = 64;
const at = 26;
const r = 12;

/** What is between two wires, drawn from one x to another. */
const paths: Readonly<Record<string, (from: number, to: number) => string>> = {
  winding: (from, to) => {
    const [m, w] = [(from + to) / 2, Math.min(60, (to - from) * 0.6)];
    const turns = [0, 1, 2, 3].map(() => `a${w / 8} ${w / 8} 0 0 1 ${w / 4} 0`).join('');
    return `M${from} ${at}H${m - w / 2}${turns}H${to}`;
  },
  armature: (from, to) => {
    const m = (from + to) / 2;
    return `M${from} ${at}H${m - 17}m0 -5v10h5v-10zM${to} ${at}H${m + 17}m0 -5v10h-5v-10zM${m - 12} ${at}a12 12 0 1 0 24 0a12 12 0 1 0 -24 0`;
  },
  closed: (from, to) => {
    const m = (from + to) / 2;
    return `M${from} ${at}H${m - 10}m0 -4v8M${m - 10} ${at}H${m + 10}m0 -4v8M${m + 10} ${at}H${to}`;
  },
  open: (from, to) => {
    const m = (from + to) / 2;
    return `M${from} ${at}H${m - 12}l18 -12M${m + 12} ${at}H${to}`;
  },
};

const two = (ohms: number): string => `${+ohms.toPrecision(3)}`;
const ohmsWords = (ohms: readonly [number, number] | null): string => {
  if (!ohms) return 'OL';
  return ohms[1] > 1.02 * ohms[0] ? `${two(ohms[0])}–${two(ohms[1])} Ω` : `${two(ohms[0])} Ω`;
};

/** The windings as the readings have them, each wire with its number. */
export function TerminalsDrawing({ strips }: { strips: readonly Strip[] }) {
  const [frame, width] = useWidth<HTMLDivElement>();
  return (
    <div ref={frame} className="grid min-w-0 grid-cols-2 gap-x-2 overflow-hidden">
      {strips.map((strip) => {
        const isWide = strip.wires.length > 2;
        const room = isWide ? width : (width - 8) / 2;
        return (
          <div key={strip.wires.join()} className={isWide ? 'col-span-2' : ''}>
            {width > 0 && (strip.is === 'star' ? <Star strip={strip} width={room} /> : <Chain strip={strip} width={room} />)}
          </div>
        );
      })}
    </div>
  );
}

const saysOf = ({ wires, between, is }: Strip): string =>
  is === 'star'
    ? `${wires.join(', ')}: ${ohmsWords(between[0]?.ohms ?? null)} between any two`
    : between.map(({ ohms }, k) => `${wires[k]} to ${wires[k + 1]}: ${ohmsWords(ohms)}`).join('; ');

function Chain({ strip, width }: { strip: Strip; width: number }) {
  const { wires, between } = strip;
  const step = (width - 2 * r - 8) / Math.max(1, wires.length - 1);
  const x = (k: number) => r + 4 + k * step;
  return (
    <svg width={width} height={height} role="img" aria-label={saysOf(strip)}>
      {between.map((part, k) => (
        <g key={wires[k]}>
          <path d={(paths[part.is] as (typeof paths)[string])(x(k) + r, x(k + 1) - r)} stroke="var(--blue)" strokeWidth="1.5" fill="none" />
          <text x={(x(k) + x(k + 1)) / 2} y={58} fontSize="13" textAnchor="middle" fill="var(--ink)">
            {ohmsWords(part.ohms)}
          </text>
        </g>
      ))}
      {wires.map((wire, k) => (
        <Node key={wire} wire={wire} x={x(k)} y={at} />
      ))}
    </svg>
  );
}

/** Three that meet: drawn as a star, which from outside reads as a delta does. */
function Star({ strip, width }: { strip: Strip; width: number }) {
  const { wires, between } = strip;
  const step = (width - 2 * r - 8) / 2;
  const x = (k: number) => r + 4 + k * step;
  const meet = 74;
  const leg = (k: number) =>
    `M${x(k)} ${at + r}V${meet - 14}${k === 1 ? `V${meet}` : `Q${x(k)} ${meet} ${x(k) + (k === 0 ? 14 : -14)} ${meet}H${x(1)}`}`;
  return (
    <svg width={width} height={100} role="img" aria-label={saysOf(strip)}>
      <path d={[0, 1, 2].map(leg).join('')} stroke="var(--blue)" strokeWidth="1.5" fill="none" />
      <circle cx={x(1)} cy={meet} r="3" fill="var(--blue)" />
      <text x={x(1)} y={95} fontSize="13" textAnchor="middle" fill="var(--ink)">
        {ohmsWords(between[0]?.ohms ?? null)} between any two
      </text>
      {wires.map((wire, k) => (
        <Node key={wire} wire={wire} x={x(k)} y={at - 6} />
      ))}
    </svg>
  );
}

const Node = ({ wire, x, y }: { wire: string; x: number; y: number }) => (
  <g>
    <circle cx={x} cy={y} r={r} stroke="var(--brass)" strokeWidth="2" fill="var(--sheet)" />
    <text x={x} y={y + 4.5} fontSize={wire.length > 2 ? '9' : '13'} fontWeight="600" textAnchor="middle" fill="var(--ink)">
      {wire.slice(0, 4)}
    </text>
  </g>
);
