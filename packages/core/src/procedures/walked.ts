import type { Shock } from '../catalog/service-factors.js';
import type { Check } from '../checks/check.js';
import type { Figure } from '../figure/figure.js';
import type { DrawnEnds, DrawnStage } from '../kinds/kind.js';
import type { PortKind } from '../kinds/ports.js';
import type { Sentence } from '../wording/sentence.js';
import type { Jam } from './jam.js';
import type { Running } from './running.js';

/** Figures at one shaft, or at what moves otherwise, under it on the drawing: at full load of the source, and running. */
export interface StationFigures {
  readonly id: string;
  readonly name: string;
  readonly is: PortKind;
  readonly flow: Figure;
  readonly effort: Figure;
  readonly power: Figure<'W'>;
  /** Pull of belts and the like on the shaft, where one is worked out. */
  readonly pull: Figure<'N'> | null;
  /** What it does at work; null where there is nothing to tell it by. */
  readonly running: Running | null;
}

/** What a wheel does to its shaft. */
export interface WheelOnShaft {
  readonly stage: string;
  readonly end: 'in' | 'out';
  readonly pull: Figure<'N'>;
  /** From the driving shaft to the driven one in the side view; left out where none is entered or the stage has none. */
  readonly direction?: Figure<'rad'>;
  /** A belt that slips pulls in a jam no harder than at work. */
  readonly slips: boolean;
}

export interface ActsOnShaft {
  readonly is: PortKind;
  /** That the work needs there, N·m of a turning shaft. */
  readonly torque: Figure;
  /** Fastest that it is reached with. */
  readonly top: Figure;
  readonly wheels: readonly WheelOnShaft[];
  readonly shock: Shock | undefined;
  /** That the work needs at the tool, and in a jam. */
  readonly atTool: Figure;
}

export interface WalkedLine {
  readonly id: string;
  readonly figures: ReadonlyMap<string, ReadonlyMap<string, Figure>>;
  readonly stations: readonly StationFigures[];
  /** The first says whether the source is strong enough for the work. */
  readonly checks: readonly Check[];
  readonly outlines: readonly DrawnStage[];
  /** What drives it and what it drives; not of a line whose elements do not fit together. */
  readonly ends?: DrawnEnds;
  readonly jam: Jam;
  /** What acts on each shaft, in the order of the stations; of a line whose elements do not fit together nothing. */
  readonly acts?: readonly ActsOnShaft[];
  readonly cautions: readonly Sentence[];
  /** The same by the path of the element that each is about. */
  readonly cautionsAt: ReadonlyMap<string, readonly Sentence[]>;
  readonly notEntered: readonly string[];
  readonly notWorkedOut: readonly string[];
  /** One element of it cannot drive the next: the checks say so, and nothing else is worked out. */
  readonly isApart?: true;
}
