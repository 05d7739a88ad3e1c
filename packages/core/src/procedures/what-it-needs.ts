import { usualWall_V } from '../catalog/usual-wall.js';
import { highEnd, lowEnd } from '../figure/figure.js';
import { estimate, type Range } from '../identify/estimate.js';
import { type FamilyName, familyLabel, familyOfKind } from '../identify/families.js';
import { identify, type LookedAt } from '../identify/identify.js';
import { type NeedPart, needsOf } from '../identify/needs/needs.js';
import { kindHead } from '../kinds/registry.js';
import { type Inputs, noPlateHead } from '../kinds/source/no-plate/fields.js';
import { lookedAtOf, measuredOf } from '../kinds/source/no-plate/looked.js';
import type { Build, Element, Line } from '../machine/build.js';
import type { Evaluation } from './evaluate-build.js';
import { inputFigures } from './opened.js';

/** What the motor of a line needs, and what it is taken for. */
export interface WhatItNeeds {
  readonly family: FamilyName;
  readonly label: string;
  /** Whether it is only likely to be that. */
  readonly isLikely: boolean;
  readonly parts: readonly NeedPart[];
}

const nothingSeen: LookedAt = { looks: {}, readings: [] };

/**
 * What the motor of a line needs: what feeds it, its first power, what breaks it.
 * @returns null for what is no motor, or none yet; and for an induction motor while it is not known how it starts
 */
export function whatItNeeds(build: Build, line: Line, evaluation: Evaluation): WhatItNeeds | null {
  const path = `${line.id}/source`;
  const { source } = line;
  const seen = seenOf(source);
  const figures = seen && (inputFigures(path, seen, noPlateHead.fields) as Inputs);
  const looked = figures ? lookedAtOf(figures) : nothingSeen;
  const isLikely = kindHead('source', source.kind)?.observes === true;
  const family = isLikely ? (identify(looked).ranking[0]?.family ?? null) : familyOfKind(source.kind, (field) => source.inputs[field]?.text);
  if (!family) return null;
  const measured = figures ? measuredOf(figures) : {};
  const power = evaluation.lines.find(({ id }) => id === line.id)?.stations[0]?.power;
  const power_W: Range =
    !isLikely && power?.known ? [lowEnd(power), power.value, highEnd(power)] : estimate([{ family, chance: 1, evidence: [] }], measured).power_W;
  return {
    family,
    label: familyLabel(family),
    isLikely,
    parts: needsOf({
      family,
      donor: looked.donor,
      fedBy: looked.mains ?? fedBy(line),
      looks: looked.looks,
      readings: looked.readings,
      plate: figures?.plate.is ?? '',
      rated: isLikely ? {} : { V: source.inputs.voltage?.value, A: source.inputs.current?.value },
      power_W,
      mass_kg: measured.mass_kg,
      wall_V: build.supply.voltage?.value ?? usualWall_V,
    }),
  };
}

/** What was looked at of it: as it is, or before it was taken for something. */
function seenOf(source: Element): Element | null {
  if (kindHead('source', source.kind)?.observes) return source;
  const { was } = source;
  return was && kindHead('source', was.kind)?.observes ? was : null;
}

/** A supply of few volts of direct current is a battery, or no more to be feared than one. */
function fedBy({ source: { feed } }: Line): 'battery' | undefined {
  const volts = feed?.inputs.voltage?.value;
  return feed?.inputs.current?.text === 'dc' && volts !== undefined && volts < 60 ? 'battery' : undefined;
}
