import type { Check, EvaluatedLine, Known } from '@hobrek/core';
import { scaleLinear } from 'd3-scale';
import { Link } from 'react-router';
import { useOpen } from '../../open-build/here.js';
import { show } from '../../shared/in-my-units.js';
import { useWidth } from '../../shared/use-width.js';
import { VerdictMark } from '../../shared/verdict-mark.js';

/** What was wished of the machine, each as a rule: the band is what is allowed, the pointer is this build. */
export function Limits({ line }: { line: EvaluatedLine }) {
  const { id, said, headed } = useOpen();
  const wishes = line.ledger.filter(({ at }) => at === 'wishes');
  return (
    <section>
      <h2 className="font-head text-lg tracking-wide uppercase">Your limits</h2>
      {wishes.length === 0 && (
        <p className="mt-1 text-soft">
          None.{' '}
          <Link to={`/builds/${id}/brief`} className="text-blue underline">
            Set speed, size, weight or cost
          </Link>
        </p>
      )}
      <ul className="mt-1 grid gap-y-2">
        {wishes.map((check) => (
          <li key={check.id}>
            <p className="flex items-baseline gap-2">
              <VerdictMark verdict={check.verdict} /> <span className="grow">{headed(check.name)}</span>
            </p>
            {check.has.known && check.needs.known ? (
              <Rule check={check} has={check.has} needs={check.needs} />
            ) : (
              <p className="text-sm text-soft">{said(check.says)}</p>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

const [height_px, line_px] = [38, 18];

/** A wish of at most is a limit held against what there is; one of at least is what there is held against what is needed. */
function Rule({ check, has, needs }: { check: Check; has: Known; needs: Known }) {
  const [frame, width] = useWidth<HTMLDivElement>();
  const isLeast = /least/i.test(check.id);
  const [limit, is] = isLeast ? [needs.value, has.value] : [has.value, needs.value];
  const x = scaleLinear([0, 1.25 * Math.max(limit, is)], [0, Math.max(width, 1)]).nice(4);
  const [from, to] = isLeast ? [x(limit), width] : [0, x(limit)];
  return (
    <div ref={frame} className="w-full">
      <svg width={width} height={height_px} aria-hidden="true" className="block">
        <rect x={from} y={line_px} width={Math.max(0, to - from)} height={6} fill={`var(--${check.verdict})`} opacity={0.3} />
        <path
          d={`M0 ${line_px}H${width}${x
            .ticks(4)
            .map((tick) => `M${x(tick)} ${line_px}v-5`)
            .join('')}`}
          stroke="var(--ink)"
          fill="none"
        />
        <path d={`M${x(limit)} ${line_px - 5}v14`} stroke="var(--ink)" strokeWidth={2} />
        <path d={`M${x(is)} ${line_px - 1}l-5 -9h10Z`} fill={`var(--${check.verdict})`} />
        <text
          x={Math.min(width - 4, Math.max(4, x(limit)))}
          y={height_px - 5}
          fontSize="12"
          textAnchor={x(limit) > width / 2 ? 'end' : 'start'}
          fill="var(--soft)"
        >
          {show(limit, has.unit)}
        </text>
      </svg>
    </div>
  );
}
