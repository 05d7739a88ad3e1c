import 'reflect-metadata';
import {
  type Build,
  buildFormat,
  buildVersion,
  cellsOf,
  fieldTakes,
  type Line,
  placesOf,
  settableFields,
  settleValues,
  upgradeBuild,
} from '@hobrek/core';
import { plainToInstance } from 'class-transformer';
import { type ValidationError, validateSync } from 'class-validator';
import type { Complaint } from '../problem.js';
import { rememberMetadata } from '../remember-metadata.js';
import { shapeGuard } from '../shape-guard.js';
import { BuildContract } from './build.js';
import { isEntryOf } from './entries.js';
import { GoodElements } from './good-elements.js';

export type BuildRead =
  | { readonly ok: true; readonly build: Build; readonly notices: readonly string[] }
  | { readonly ok: false; readonly complaints: readonly Complaint[] };

rememberMetadata();
const judgedGood = new GoodElements();

const refuse = (...complaints: Complaint[]): BuildRead => ({ ok: false, complaints });

/**
 * The one door through which a build enters: from the browser, a file, the command line. Refuses shape and absurd values, naming each place,
 * what is there and what it takes; reads values that a hand-written file leaves out.
 */
export function readBuild(raw: unknown): BuildRead {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw))
    return refuse({ path: 'the file', says: 'is not a build: it should be an object with format, version and lines' });
  const { format, version } = raw as Partial<Build>;
  if (format !== buildFormat) return refuse({ path: 'format', says: `must be "${buildFormat}"${got(format)}` });
  if (typeof version === 'number' && version > buildVersion) {
    return refuse({
      path: 'version',
      says: `is ${version}: this file was written by a newer Hobrek, which is needed to open it; here ${buildVersion} is the newest`,
    });
  }
  const tripwire = shapeGuard(raw);
  if (tripwire) return refuse(tripwire);
  const { build: upgraded, tooNew, notices } = upgradeBuild(raw);
  if (tooNew.length > 0) return refuse(...tooNew);
  const { left, passed } = judgedGood.without(upgraded as Partial<Build>);
  const misshapen = judge(left);
  if (misshapen.length > 0) return refuse(...misshapen);
  passed();
  const build = upgraded as Build;
  const crossed = crossComplaints(build);
  if (crossed.length > 0) return refuse(...crossed);
  const settled = settleValues(build);
  if (settled.refused.length > 0) return refuse(...settled.refused);
  return { ok: true, build: settled.build, notices: [...notices, ...settled.notices] };
}

/** What the contract has to say of a document's shape alone. */
export function shapeComplaints(raw: object): Complaint[] {
  const tripwire = shapeGuard(raw);
  return tripwire ? [tripwire] : judge(raw);
}

/** Of what the shape guard has let through. */
function judge(raw: object): Complaint[] {
  const instance = plainToInstance(BuildContract, raw);
  const errors = validateSync(instance, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true });
  return errors.flatMap((error) => complaintsOf(error, ''));
}

function complaintsOf(error: ValidationError, above: string): Complaint[] {
  const path = above ? `${above}.${error.property}` : error.property;
  const own = Object.values(error.constraints ?? {}).slice(0, 1);
  const inside = (error.children ?? []).flatMap((child) => complaintsOf(child, path));
  return [...own.map((message) => ({ path, says: reworded(message, error) + got(error.value) })), ...inside];
}

/** The validator's own words without the property's name in front, which the path says already. */
function reworded(message: string, error: ValidationError): string {
  if (error.constraints?.whitelistValidation) return 'is not a name this format knows';
  const words = message.startsWith(`${error.property} `) ? message.slice(error.property.length + 1) : message;
  return words
    .replace(/^must be an instance of .*/, 'must be an object')
    .replace(/^each value in .* must be an instance of .*/, 'must be a list of objects')
    .replace(/^should not be null or undefined$/, 'is missing');
}

function got(value: unknown): string {
  if (value === undefined) return '';
  const text = typeof value === 'object' ? (Array.isArray(value) ? 'a list' : value === null ? 'null' : 'an object') : JSON.stringify(value);
  return ` (it is ${text.length > 60 ? `${text.slice(0, 60)}…` : text})`;
}

/** What no single class can see: ids that repeat, a station too few, a number without its unit. */
function crossComplaints(build: Build): Complaint[] {
  const complaints: Complaint[] = [];
  const twice = (ids: readonly string[], path: string) => {
    const seen = new Set<string>();
    const repeated = ids.find((id) => seen.size === seen.add(id).size);
    if (repeated) complaints.push({ path, says: `“${repeated}” is used twice; ids must differ` });
  };
  twice(
    build.lines.map((line) => line.id),
    'lines',
  );
  twice(
    build.shafts.map((shaft) => shaft.id),
    'shafts',
  );
  build.lines.forEach((line, k) => {
    const at = `lines.${k}`;
    twice(['source', 'work', 'feed', ...line.stages.map((stage) => stage.id)], `${at}.stages`);
    twice(
      line.stations.map((station) => station.id),
      `${at}.stations`,
    );
    twice(
      (line.settings ?? []).map(({ id }) => id),
      `${at}.settings`,
    );
    twice(
      (line.phases ?? []).map(({ id }) => id),
      `${at}.phases`,
    );
    complaints.push(...settingsWrong(line, `${at}.settings`));
    if (line.stations.length !== line.stages.length + 1) {
      complaints.push({ path: `${at}.stations`, says: `must be one more than the stages: ${line.stages.length + 1}, not ${line.stations.length}` });
    }
  });
  twice(
    (build.forces ?? []).map(({ id }) => id),
    'forces',
  );
  build.shafts.forEach((shaft, k) => {
    for (const list of ['sections', 'seats', 'bearings'] as const)
      twice(
        shaft[list].map(({ id }) => id),
        `shafts.${k}.${list}`,
      );
  });
  for (const place of placesOf(build)) {
    if (place.input?.rows)
      twice(
        place.input.rows.map((row) => row.id),
        `${place.path}.rows`,
      );
    for (const { path, field, input } of [place, ...(place.input ? cellsOf(place) : [])]) {
      if (field.is === 'quantity' && input?.value !== undefined && input.unit === undefined)
        complaints.push({ path: `${path}.unit`, says: 'is missing: a value must say its unit' });
    }
  }
  return complaints;
}

/** A setting changes fields that there are, each to what it takes; of an open place those of what was in it. */
function settingsWrong(line: Line, path: string): Complaint[] {
  if (!line.settings) return [];
  const fields = settableFields(line);
  return line.settings.flatMap(({ inputs }, k) =>
    Object.entries(inputs).flatMap(([at, input]): Complaint[] => {
      const field = fields[at];
      if (!field) return [{ path: `${path}.${k}.inputs.${at}`, says: 'is no field of an element of this line' }];
      if (isEntryOf(field, input)) return [];
      const { as, range } = fieldTakes(field);
      return [{ path: `${path}.${k}.inputs.${at}`, says: `is no entry of ${field.label.toLowerCase()}, which takes ${as} ${range}${got(input)}` }];
    }),
  );
}
