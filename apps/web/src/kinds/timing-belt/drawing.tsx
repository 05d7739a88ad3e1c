import type { StageDrawn } from '../drawn-wheel.js';
import { type Run, ToothedDrive } from '../toothed-drive.js';

/** The belt's back along its spans, with its teeth. */
const back = (run: Run) => (
  <>
    <line {...run} strokeWidth={2} />
    <line {...run} strokeWidth={6} strokeDasharray="2 4" opacity={0.6} />
  </>
);

/** Two toothed pulleys and their belt. */
export const TimingBeltDrawing = (stage: StageDrawn) => <ToothedDrive {...stage} teeth="inward" along={back} />;
