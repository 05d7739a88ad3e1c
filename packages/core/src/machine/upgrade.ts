import type { KindHead, Role } from '../kinds/kind.js';
import { kindHead } from '../kinds/registry.js';
import type { Build, Element } from './build.js';
import { openKind } from './open.js';

/** An element written by a newer version of its kind than the one there is here. */
export interface TooNew {
  readonly path: string;
  readonly says: string;
}

export interface Upgraded {
  /** The same object when nothing was old. */
  readonly build: object;
  /** What was written by a newer version. */
  readonly tooNew: readonly TooNew[];
  /** What was put in for what the file has not, in words. */
  readonly notices: readonly string[];
}

type Find = (role: Role, kind: string) => KindHead | undefined;

/**
 * Raises the elements of a build to the versions of their kinds, step by step, before a contract looks at it. Anything that is not shaped like
 * a build is left as it is, for the contract to refuse.
 */
export function upgradeBuild(raw: object, find: Find = kindHead): Upgraded {
  const tooNew: TooNew[] = [];
  const notices: string[] = [];
  // A line that nothing drives yet has a place for what will: the others are worked out, and of this one what it needs.
  const sourceOf = ({ name, source }: Build['lines'][number]) => {
    const v = find('source', openKind)?.v;
    if (source !== undefined || v === undefined) return source;
    notices.push(`Nothing drives the line “${name}” in the file: its source is open.`);
    return { kind: openKind, v, inputs: {}, settings: [] };
  };
  const raise = <E>(role: Role, element: E, path: string): E => {
    const { was } = (element ?? {}) as Partial<Element>;
    const held = was && raiseOne(role, was, `${path}.was`);
    return raiseOne(role, held === was ? element : ({ ...element, was: held } as E), path);
  };
  const raiseOne = <E>(role: Role, element: E, path: string): E => {
    const { kind, v, inputs } = (element ?? {}) as Partial<Element>;
    const head = typeof kind === 'string' ? find(role, kind) : undefined;
    if (!head || typeof v !== 'number' || !Number.isInteger(v) || typeof inputs !== 'object' || inputs === null || v === head.v) return element;
    if (v > head.v) {
      tooNew.push({
        path,
        says: `the ${head.label} was written by a newer Hobrek (version ${v} of it; here ${head.v} is the newest), which is needed to open it`,
      });
      return element;
    }
    let now = inputs;
    for (let from = v; from < head.v; from++) {
      const step = head.upgrade?.[from];
      // A version that never was: the contract says so.
      if (!step) return element;
      now = step(now);
    }
    return { ...element, v: head.v, inputs: now };
  };
  const { lines } = raw as Partial<Build>;
  if (!Array.isArray(lines)) return { build: raw, tooNew, notices };
  const upgraded = lines.map((line: Build['lines'][number], k) => {
    if (typeof line !== 'object' || line === null || !Array.isArray(line.stages)) return line;
    const at = `lines.${k}`;
    const motor = raise('source', sourceOf(line), `${at}.source`);
    const feed = motor?.feed && raise('feed', motor.feed, `${at}.source.feed`);
    const source = feed && feed !== motor.feed ? { ...motor, feed } : motor;
    const stages = line.stages.map((stage, n) => raise('stage', stage, `${at}.stages.${n}`));
    const work = raise('work', line.work, `${at}.work`);
    const changed = source !== line.source || work !== line.work || stages.some((stage, n) => stage !== line.stages[n]);
    return changed ? { ...line, source, stages, work } : line;
  });
  return { build: upgraded.some((line, k) => line !== lines[k]) ? { ...raw, lines: upgraded } : raw, tooNew, notices };
}
