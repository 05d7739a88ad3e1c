import type { Found } from '@hobrek/core';
import { memo } from 'react';
import { show, showRange } from '../../shared/in-my-units.js';
import { unbroken } from '../../shared/unbroken.js';

/** What a drive has to join: the motor's shaft, the ratio between, the tool. */
export const Between = memo(function Between({ between: { source, work, ratio } }: { between: NonNullable<Found['between']> }) {
  const shaft = (mm: number | null) => (mm === null ? '' : `, shaft ${show(mm, 'mm')}`);
  const [least, most] = ratio.map((i) => i.toPrecision(3)) as [string, string];
  const blocks = [
    {
      name: 'Motor shaft',
      big: show(source.speed_rpm, 'rpm'),
      says: `${show(source.torque_Nm, 'N·m')}, ${show(source.power_W, 'W')}${shaft(source.shaft_mm)}`,
    },
    { name: 'Between', big: `${Math.sqrt(ratio[0] * ratio[1]).toPrecision(3)} to 1`, says: `${least} to ${most} by the speed that is wished` },
    {
      name: 'Tool',
      big: [work, ...(work.faster ?? [])].map(({ speed_rpm: [slow, fast] }) => showRange(slow, fast, 'rpm')).join(', '),
      says: `needs ${show(work.torque_Nm, 'N·m')}${shaft(work.shaft_mm)}`,
    },
  ];
  return (
    <dl className="mt-1 grid grid-cols-3 gap-x-8 border-b border-ink pb-2 max-sm:grid-cols-1 max-sm:gap-y-2">
      {blocks.map(({ name, big, says }) => (
        <div key={name} className="border-l-2 border-brass pl-2">
          <dt className="font-head tracking-wide text-blue uppercase">{name}</dt>
          <dd className="text-lg leading-tight font-semibold">{unbroken(big)}</dd>
          <dd className="text-sm text-soft">{unbroken(says)}</dd>
        </div>
      ))}
    </dl>
  );
});
