import type { StoredBuild } from '@hobrek/contracts';
import { applies, type Build, briefParts, elementsOf, type Field as FieldOf, fitsHere, kindHead, type Line, type UnitHabit } from '@hobrek/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { focusField } from '../../open-build/focus-field.js';
import { useDocument, useOpen, useSession } from '../../open-build/here.js';
import { useFollowed, useLine } from '../../open-build/in-sight.js';
import type { Stop } from '../../open-build/stop.js';
import { send } from '../../shared/ask.js';
import { type CommandHeap, CommandSheet } from '../../shared/command-sheet.js';
import { copied } from '../../shared/copied.js';
import { usePreferences } from '../../shared/preferences.js';
import type { TextToRead } from '../../shared/text-sheet.js';
import { useBuildsNamed } from '../../shared/use-builds-named.js';
import { foundDeep } from './found-deep.js';
import { addLine } from './lines.js';

interface Listed {
  readonly stops: readonly Stop[];
  readonly close: () => void;
  readonly read: (text: TextToRead) => void;
}

/** Every command and every field of the open build, as they are found by what is typed. */
export function AllCommands({ stops, close, read }: Listed) {
  const [typed, setTyped] = useState('');
  const open = useOpen();
  const { builds, heaps } = useHeaps(stops, typed);
  // Worked out when the list is opened: while it lies open nothing is entered.
  const [deep] = useState(() => foundDeep(open, read));
  return <CommandSheet placeholder="a field, a stage, something to do" heaps={[...heaps, ...deep, builds]} close={close} typed={setTyped} />;
}

function useHeaps(stops: readonly Stop[], typed: string): { readonly heaps: CommandHeap[]; readonly builds: CommandHeap } {
  const open = useOpen();
  const { id, kinds, undone, redone, lineShown, stageAdded, stageRemoved } = open;
  const build = useDocument((document) => document.build);
  const evaluation = useFollowed(true, (derived) => derived.evaluation);
  const picked = useSession((session) => session.picked);
  const line = useLine((shown) => shown);
  const go = useNavigate();
  const others = useBuildsNamed(typed).filter((other) => other.id !== id);
  const to = (path: string) => () => void go(path);
  const { stages } = line;
  const after = placeAfter(line, picked);
  const behind = after === 0 ? 'the source' : `the ${kindHead('stage', stages[after - 1]?.kind ?? '')?.label}`;
  const heaps = [
    {
      called: 'Go to',
      acts: [
        ...stops.map(({ path, name }) => ({ says: `the stop ${name(line)}`, act: to(`/builds/${id}${path ? `/${path}` : ''}`) })),
        { says: 'all builds', act: to('/') },
      ],
    },
    {
      called: 'Do',
      acts: [
        { says: 'undo', act: undone },
        { says: 'redo', act: redone },
        ...fitsHere(build, kinds, line.id, after, evaluation).map(({ kind, label, begins }) => ({
          says: `add a ${label} behind ${behind}`,
          act: () => stageAdded(line.id, after, kind, begins),
        })),
        ...stages.map(({ id: stage, kind }, k) => ({
          says: `take out stage ${k + 1}, the ${kindHead('stage', kind)?.label}`,
          act: () => stageRemoved(`${line.id}/${stage}`),
        })),
        { says: 'add a line: another source with work of its own', act: () => addLine(open) },
        ...build.lines
          .filter(({ id: other }) => other !== line.id)
          .map(({ id: other, name }) => ({ says: `show the line ${name}`, act: () => lineShown(other) })),
        {
          says: 'try a variant: a copy of this build, opened',
          act: () => void variantOf(build).then((stored) => go(`/builds/${stored}`)),
        },
        ...(['A4', 'Letter'] as const).map((paper) => ({
          says: `print on one page, ${paper}`,
          act: () =>
            window.open(`/api/builds/${id}/page.pdf?paper=${paper.toLowerCase()}&units=${usePreferences.getState().units}`, '_blank', 'noreferrer'),
        })),
      ],
    },
    {
      called: 'Show figures in',
      acts: (Object.entries({ metric: 'metric', inch: 'inch and pound', mixed: 'inches, the rest metric' }) as [UnitHabit, string][]).map(
        ([units, says]) => ({ says, act: () => usePreferences.setState({ units }) }),
      ),
    },
    {
      called: 'Field',
      acts: build.lines.flatMap(elementsOf).flatMap(({ role, path, element }) => {
        const head = kindHead(role, element.kind);
        return Object.entries(head?.fields ?? {})
          .filter(([, field]) => applies(field, element.inputs))
          .map(([name, field]) => ({
            says: [field.label, head?.label, element.inputs[name]?.text].filter(Boolean).join(' · '),
            also: `${field.help} ${field.measure}`,
            id: `${path}/${name}`,
            act: () => focusField(open, `${path}/${name}`),
          }));
      }),
    },
    {
      called: 'Field of the brief',
      acts: Object.entries(briefParts).flatMap(([part, fields]) =>
        Object.entries<FieldOf>(fields).map(([name, { label, help, measure }]) => ({
          says: label,
          also: `${help} ${measure}`,
          act: () => focusField(open, `${part}/${name}`),
        })),
      ),
    },
  ];
  return {
    heaps,
    builds: { called: 'Compare with', acts: others.map(({ id: other, name }) => ({ says: name, id: other, act: to(`/compare/${id}/${other}`) })) },
  };
}

/** A build of its own, named after the one it varies. @returns its id */
async function variantOf(build: Build): Promise<string> {
  const [, name = build.name, number = '1'] = /^(.*?)(?:, variant (\d+))?$/.exec(build.name) ?? [];
  const stored = await send<StoredBuild>('POST', 'builds', copied(build, `${name.slice(0, 100)}, variant ${Number(number) + 1}`));
  return stored.id;
}

/** Where a new stage goes: behind the one that is picked, else at the end of the line. */
function placeAfter({ id: line, stages }: Line, picked: string | null): number {
  if (picked === `${line}/source`) return 0;
  const k = stages.findIndex(({ id }) => picked === `${line}/${id}`);
  return k < 0 ? stages.length : k + 1;
}
