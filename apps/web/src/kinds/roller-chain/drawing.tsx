import type { StageDrawn } from '../drawn-wheel.js';
import { type Run, ToothedDrive } from '../toothed-drive.js';

/** The chain as a row of links along its spans. */
const links = (run: Run) => <line {...run} strokeWidth={3} strokeDasharray="7 3" />;

/** Two sprockets and their chain. */
export const RollerChainDrawing = (stage: StageDrawn) => <ToothedDrive {...stage} teeth="outward" along={links} />;
