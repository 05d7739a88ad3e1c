import { readFileSync } from 'node:fs';
import type { Build, Inputs } from '../src/index.js';
import { blankBuild, enter, kindHead, placesOf, type Role, withInput } from '../src/index.js';

type Entries = Readonly<Record<string, string | { readonly draft: string }>>;
type Named = Entries & { readonly kind: string };

/** A whole machine with the verdict that an engineer gives of it, and why. */
export interface KnownMachine {
  readonly id: string;
  readonly title: string;
  readonly entries: {
    readonly supply?: Entries;
    readonly feed?: Named;
    readonly source: Named;
    readonly stages: readonly (Named & { readonly id: string })[];
    readonly work: Named;
  };
  readonly expect: {
    readonly overall: readonly string[];
    readonly must_say: readonly string[];
    readonly must_not_say: readonly string[];
    readonly figures: Readonly<Record<string, { readonly v: number; readonly u: string; readonly tol_rel?: number; readonly tol_abs?: number }>>;
  };
}

export const knownMachines = JSON.parse(readFileSync(new URL('reference/known-machines.json', import.meta.url), 'utf8')) as readonly KnownMachine[];

const noInputs: Inputs = {};
const empty = (role: Role, kind: string) => ({ kind, v: kindHead(role, kind)?.v ?? 1, inputs: noInputs });

/**
 * A machine as somebody types it in: every entry as text, by the names of the reference.
 * @throws Error naming an entry that has no field, or that is not read though it is no draft
 */
export function buildOf({ title, entries }: KnownMachine): Build {
  const { supply = {}, feed, source, stages, work } = entries;
  const blank = blankBuild(title);
  const [line] = blank.lines;
  if (!line) throw new Error('A blank build has a line');
  const [first, last] = line.stations;
  if (!first || !last) throw new Error('A blank build has two shafts');
  const bare: Build = {
    ...blank,
    lines: [
      {
        ...line,
        source: { ...empty('source', source.kind), ...(feed ? { feed: empty('feed', feed.kind) } : {}) },
        stages: stages.map(({ id, kind }) => ({ id, ...empty('stage', kind) })),
        work: empty('work', work.kind),
        stations: [first, ...stages.slice(1).map((_, k) => ({ id: `s${k + 1}`, name: `shaft ${k + 2}` })), last],
      },
    ],
  };
  const typed: readonly (readonly [string, Entries])[] = [
    ['supply', supply],
    ...(feed ? [['main/feed', feed] as const] : []),
    ['main/source', source],
    ...stages.map((stage) => [`main/${stage.id}`, stage] as const),
    ['main/work', work],
  ];
  return typed.reduce((build, [path, texts]) => typeAll(build, path, texts), bare);
}

function typeAll(build: Build, path: string, texts: Entries): Build {
  return Object.entries(texts).reduce((now, [name, text]) => {
    if (name === 'kind' || name === 'id') return now;
    const place = placesOf(now).find((each) => each.path === `${path}/${name}`);
    if (!place) throw new Error(`No field ${path}/${name}`);
    const { input, reading } = enter(place.field, typeof text === 'string' ? text : text.draft, undefined);
    const unread = typeof reading === 'object' && !reading.ok;
    if (unread !== (typeof text !== 'string')) throw new Error(`${path}/${name}: “${JSON.stringify(text)}” ${unread ? 'is not read' : 'is read'}`);
    return withInput(now, place.path, input);
  }, build);
}
