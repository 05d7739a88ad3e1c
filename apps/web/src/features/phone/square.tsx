import { encode } from 'uqr';

const dot_px = 5;
/** A quiet zone of four dots round it (ISO/IEC 18004). */
const border = 4;

/** A QR code, dark on light whatever the theme: cameras need it so. */
export function Square({ text, says }: { text: string; says: string }) {
  const { data, size } = encode(text, { ecc: 'M', border });
  const dots = data.flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x} ${y}h1v1h-1z`] : []))).join('');
  return (
    <svg
      role="img"
      aria-label={says}
      className="mt-3"
      width={size * dot_px}
      height={size * dot_px}
      viewBox={`0 0 ${size} ${size}`}
      shapeRendering="crispEdges"
    >
      <rect width={size} height={size} fill="#fff" />
      <path d={dots} fill="#000" />
    </svg>
  );
}
