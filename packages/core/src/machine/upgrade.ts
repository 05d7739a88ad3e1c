import { heldIn } from '../kinds/is-open.js';
import type { KindHead, Role } from '../kinds/kind.js';
import { type PieceRole, pieceHead } from '../kinds/pieces.js';
import { kindHead } from '../kinds/registry.js';
import type { Build, Element, Inputs, Line, Setting } from './build.js';
import { asFormat2 } from './format-2.js';
import { shaftLists } from './holders.js';
import { openKind } from './open.js';
import type { Plain } from './same.js';

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
 * Raises a build to today’s format and its elements to the versions of their kinds, step by step, before a contract looks at it. Anything that is not shaped like
 * a build is left as it is, for the contract to refuse.
 */
export function upgradeBuild(document: object, find: Find = kindHead): Upgraded {
  const tooNew: TooNew[] = [];
  const old = (document as Partial<Record<string, unknown>>).version === 1 ? asFormat2(document as Plain) : null;
  const raw = old?.build ?? document;
  const notices: string[] = [...(old?.notices ?? [])];
  // A line that nothing drives yet has a place for what will: the others are worked out, and of this one what it needs.
  const sourceOf = ({ name, source }: Build['lines'][number]) => {
    const v = find('source', openKind)?.v;
    if (source !== undefined || v === undefined) return source;
    notices.push(`Nothing drives the line “${name}” in the file: its source is open.`);
    return { kind: openKind, v, inputs: {} };
  };
  const raise = <E>(role: Role, element: E, path: string): E => {
    const { was } = (element ?? {}) as Partial<Element>;
    const held = was && raiseOne(role, was, `${path}.was`);
    return raiseOne(role, held === was ? element : ({ ...element, was: held } as E), path);
  };
  const raiseOne = <E>(role: Role, element: E, path: string): E => raiseAs(find(role, kindIn(element)), element, path);
  const raiseAs = <E>(head: Raising | undefined, element: E, path: string): E => {
    const { v, inputs } = (element ?? {}) as Partial<Element>;
    if (!head || typeof v !== 'number' || !Number.isInteger(v) || typeof inputs !== 'object' || inputs === null || v === head.v) return element;
    if (v > head.v) {
      tooNew.push({
        path,
        says: `the ${head.label} was written by a newer Hobrek (version ${v} of it; here ${head.v} is the newest), which is needed to open it`,
      });
      return element;
    }
    const now = raisedInputs(head, v, inputs);
    // A version that never was: the contract says so.
    return now ? { ...element, v: head.v, inputs: now } : element;
  };
  /** What settings change of an element that was raised is raised with it. */
  const settingsFor = (line: Line, raised: ReadonlyMap<string, Raised>): Line['settings'] =>
    raised.size === 0 || !Array.isArray(line.settings)
      ? line.settings
      : line.settings.map((setting: Setting) => {
          if (typeof setting?.inputs !== 'object' || setting.inputs === null) return setting;
          const all = Object.entries(setting.inputs);
          const others = all.filter(([at]) => !raised.has(at.split('/', 1).join()));
          const changed = [...raised].flatMap(([id, { head, v }]) => {
            const own = all.flatMap(([at, input]) => (at.startsWith(`${id}/`) ? [[at.slice(id.length + 1), input] as const] : []));
            const now = own.length > 0 ? raisedInputs(head, v, Object.fromEntries(own)) : {};
            // What a step says of any element, whatever is entered in it, is said once, in the element.
            const ofAny = raisedInputs(head, v, {}) ?? {};
            return Object.entries(now ?? {}).flatMap(([name, input]) => (name in ofAny ? [] : [[`${id}/${name}`, input] as const]));
          });
          return { ...setting, inputs: Object.fromEntries([...others, ...changed]) };
        });
  const { lines } = raw as Partial<Build>;
  if (!Array.isArray(lines)) return { build: raw, tooNew, notices };
  const raisePiece = <P>(role: PieceRole, piece: P, path: string): P => raiseAs(pieceHead(role, kindIn(piece)), piece, path);
  const upgraded = lines.map((line: Build['lines'][number], k) => {
    if (typeof line !== 'object' || line === null || !Array.isArray(line.stages)) return line;
    const at = `lines.${k}`;
    const motor = raise('source', sourceOf(line), `${at}.source`);
    const feed = motor?.feed && raise('feed', motor.feed, `${at}.source.feed`);
    const source = feed && feed !== motor.feed ? { ...motor, feed } : motor;
    const stages = line.stages.map((stage, n) => raise('stage', stage, `${at}.stages.${n}`));
    const work = raise('work', line.work, `${at}.work`);
    const changed = source !== line.source || work !== line.work || stages.some((stage, n) => stage !== line.stages[n]);
    if (!changed) return line;
    const raised = new Map<string, Raised>();
    const compare = (role: Role, id: string, before: Element | undefined) => {
      const was = before && heldIn(before);
      const head = find(role, kindIn(was));
      if (was && head && typeof was.v === 'number' && was.v < head.v) raised.set(id, { head, v: was.v });
    };
    compare('source', 'source', line.source);
    compare('feed', 'feed', line.source?.feed);
    compare('work', 'work', line.work);
    for (const stage of line.stages) compare('stage', stage?.id, stage);
    const settings = settingsFor(line, raised);
    return { ...line, source, stages, work, ...(settings ? { settings } : {}) };
  });
  const pieces = piecesRaised(raw as Partial<Build>, raisePiece);
  return { build: upgraded.some((line, k) => line !== lines[k]) || pieces !== raw ? { ...pieces, lines: upgraded } : raw, tooNew, notices };
}

type Raising = Pick<KindHead, 'v' | 'label' | 'upgrade'>;

/** An element that was of an older version of its kind. */
interface Raised {
  readonly head: Raising;
  readonly v: number;
}

/** @returns null where there is no step from such a version */
function raisedInputs(head: Raising, v: number, inputs: Inputs): Inputs | null {
  let now = inputs;
  for (let from = v; from < head.v; from++) {
    const step = head.upgrade?.[from];
    if (!step) return null;
    now = step(now);
  }
  return now;
}

const kindIn = (element: unknown): string => {
  const { kind } = (element ?? {}) as Partial<Element>;
  return typeof kind === 'string' ? kind : '';
};

/** What is on shafts and what pulls at places, raised; the same object where nothing was old. */
function piecesRaised(raw: Partial<Build>, raise: <P>(role: PieceRole, piece: P, path: string) => P): object {
  const all = <P>(list: readonly P[], role: PieceRole, path: string): readonly P[] => {
    const raised = list.map((piece, k) => raise(role, piece, `${path}.${k}`));
    return raised.some((piece, k) => piece !== list[k]) ? raised : list;
  };
  const forces = Array.isArray(raw.forces) ? all(raw.forces as NonNullable<Build['forces']>, 'force', 'forces') : raw.forces;
  const shafts = Array.isArray(raw.shafts)
    ? (raw.shafts as Build['shafts']).map((shaft, k) => {
        if (typeof shaft !== 'object' || shaft === null) return shaft;
        const lists = Object.entries(shaftLists).flatMap(([list, role]) => {
          const pieces = shaft[list as keyof typeof shaftLists] as readonly object[] | undefined;
          const raised = Array.isArray(pieces) ? all(pieces, role, `shafts.${k}.${list}`) : pieces;
          return raised === pieces ? [] : [[list, raised] as const];
        });
        return lists.length > 0 ? { ...shaft, ...Object.fromEntries(lists) } : shaft;
      })
    : raw.shafts;
  const isChanged = forces !== raw.forces || (Array.isArray(shafts) && shafts.some((shaft, k) => shaft !== raw.shafts?.[k]));
  return isChanged ? { ...raw, ...(forces ? { forces } : {}), shafts } : raw;
}
