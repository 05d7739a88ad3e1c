import { type QuantityName, showAs } from '@hobrek/core';
import { scaleLinear } from 'd3-scale';
import { useUnits } from '../../shared/preferences.js';

interface RuleShown {
  readonly range: readonly [number, number];
  readonly value: number | undefined;
  readonly quantity: QuantityName;
  /** The ends as they would be written. */
  readonly texts: readonly [string, string];
}

const [wide_px, edge_px] = [100, 5];

/** What is usual as a small rule, with a pointer at what is taken; beyond an end it says so. */
export function UsualRule({ range: [low, high], value, quantity, texts }: RuleShown) {
  const units = useUnits();
  const x = scaleLinear([low, high], [edge_px, wide_px - edge_px]).clamp(true);
  const at = value === undefined ? null : x(value);
  const slack = (high - low) / 1000;
  const isBeyond = value !== undefined && (value < low - slack || value > high + slack);
  return (
    <span className="flex flex-col text-xs text-soft">
      <svg width={wide_px} height={18} aria-hidden="true">
        <path d={`M${edge_px} 15H${wide_px - edge_px}`} stroke="var(--soft)" />
        {[0, 0.25, 0.5, 0.75, 1].map((k) => (
          <path key={k} d={`M${edge_px + k * (wide_px - 2 * edge_px)} ${k === 0 || k === 1 ? 9 : 12}V15`} stroke="var(--soft)" />
        ))}
        {at !== null && <path d={`M${at} 14L${at - 5} 5H${at + 5}Z`} fill={isBeyond ? 'none' : 'var(--brass)'} stroke="var(--brass)" />}
      </svg>
      <span className="flex justify-between gap-2" style={{ width: wide_px }}>
        <span>{units === 'metric' ? texts[0] : showAs(quantity, low, low, units)}</span>
        <span>{units === 'metric' ? texts[1] : showAs(quantity, high, high, units)}</span>
      </span>
      {isBeyond && <span className="text-close-word">not usual</span>}
    </span>
  );
}
