/** Where each look is made, on one motor seen from its side. */
const marks: Readonly<Record<string, string>> = {
  brushes: 'M232 40h14v18h-14zM232 92h14v18h-14z',
  turned: 'M42 52a26 26 0 1 1 -2 44m0 0l-2 -12m2 12l12 -2',
  shorted: 'M250 30C292 18 300 40 268 52M250 42C290 40 296 58 268 52',
  iron: 'M120 48h70v54h-70zM130 48v54M142 48v54M154 48v54M166 48v54M178 48v54',
  capacitor: 'M116 4h78a10 10 0 0 1 0 20h-78a10 10 0 0 1 0 -20z',
  switch: 'M212 58h18v34h-18zM230 75h16',
  gears: 'M46 44h38v62h-38zM58 75m-9 0a9 9 0 1 0 18 0a9 9 0 1 0 -18 0',
  wires: 'M250 30C280 20 292 22 306 14M250 36C280 34 292 38 306 36M250 42C280 48 292 54 306 58',
  ran: 'M42 50a28 28 0 0 1 0 50M30 58a18 18 0 0 1 0 34M54 42a38 38 0 0 1 0 66',
  readings: 'M250 34C276 20 290 24 300 40M250 42C276 52 288 60 300 62M300 30h48v46h-48zM308 38h32v12h-32z',
};

/** The motor, with the place that is looked at in brass. */
export function LookDrawing({ look }: { look: string }) {
  return (
    <svg viewBox="0 0 360 128" className="h-28 w-full max-w-md" aria-hidden="true" fill="none" strokeLinejoin="round">
      <g stroke="var(--blue)" strokeWidth="1.5">
        <path d="M84 30h146v90h-146zM230 40h18v70h-18zM20 69h64v12h-64zM100 120v6h26M214 120v6h-26" />
        {look !== 'capacitor' && <path d="M216 30v-8h36v20" />}
        <path d="M96 44h122M96 58h122M96 92h122M96 106h122" opacity="0.5" />
      </g>
      <path d={marks[look] ?? ''} stroke="var(--brass)" strokeWidth="2.5" />
    </svg>
  );
}
