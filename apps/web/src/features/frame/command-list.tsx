import type { ListedBuild, StoredBuild } from '@hobrek/contracts';
import { applies, type Build, briefParts, elementsOf, type Field as FieldOf, fitsHere, kindHead, type Line, type UnitHabit } from '@hobrek/core';
import * as Dialog from '@radix-ui/react-dialog';
import { useQuery } from '@tanstack/react-query';
import { Command } from 'cmdk';
import { useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import { focusField } from '../../open-build/focus-field.js';
import { useDocument, useOpen, useSession } from '../../open-build/here.js';
import { useFollowed, useLine } from '../../open-build/in-sight.js';
import type { Stop } from '../../open-build/stop.js';
import { ask, send } from '../../shared/ask.js';
import { usePreferences } from '../../shared/preferences.js';
import { addLine } from './lines.js';

interface Act {
  readonly says: string;
  readonly act: () => void;
}

interface Heap {
  readonly called: string;
  readonly acts: readonly Act[];
}

/** Everything that can be done with the open build, and every field of it, found by typing a part of its name. */
export function CommandList({ stops }: { stops: readonly Stop[] }) {
  const [open, setOpen] = useState(false);
  const letters = usePreferences((preferences) => preferences.letters);
  const before = useRef<Element | null>(null);
  const show = () => {
    before.current = document.activeElement;
    setOpen(true);
  };
  const dismissed = () => {
    setOpen(false);
    setTimeout(() => before.current instanceof HTMLElement && before.current.focus());
  };
  useHotkeys('mod+k', show, { enableOnFormTags: true, preventDefault: true });
  useHotkeys('k', show, { enabled: letters, preventDefault: true });
  return (
    <Dialog.Root open={open} onOpenChange={(now) => (now ? show() : dismissed())}>
      <Dialog.Trigger className="cursor-pointer font-semibold text-ink max-sm:hidden">
        Do <kbd className="border border-hair px-1 font-text font-normal">{letters ? 'k' : 'Ctrl K'}</kbd>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/25" />
        <Dialog.Content
          aria-describedby={undefined}
          // What was chosen may take the focus: it is given back only when nothing was.
          onCloseAutoFocus={(event) => event.preventDefault()}
          className="fixed top-[12vh] left-1/2 z-20 w-[38rem] max-w-[calc(100vw-24px)] -translate-x-1/2 border border-ink bg-sheet text-ink"
        >
          <Dialog.Title className="sr-only">What should be done?</Dialog.Title>
          {open && <Commands stops={stops} done={() => setOpen(false)} />}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Commands({ stops, done }: { stops: readonly Stop[]; done: () => void }) {
  const heaps = useHeaps(stops);
  return (
    <Command label="What should be done?" loop filter={hasWords}>
      <Command.Input
        autoFocus
        placeholder="a field, a stage, something to do"
        className="w-full border-b border-ink bg-transparent px-4 py-3 text-lg outline-none"
      />
      <Command.List className="max-h-[56vh] overflow-auto p-2">
        <Command.Empty className="px-2 py-1 text-soft">Nothing is called that.</Command.Empty>
        {heaps.map(({ called, acts }) => (
          <Command.Group
            key={called}
            heading={called}
            className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-1 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-soft"
          >
            {acts.map(({ says, act }) => (
              <Command.Item
                key={says}
                value={`${called} ${says}`}
                className="cursor-pointer px-2 py-1 data-[selected=true]:bg-wash"
                onSelect={() => {
                  done();
                  // The list returns its focus first; what is chosen may take it.
                  setTimeout(act);
                }}
              >
                {says}
              </Command.Item>
            ))}
          </Command.Group>
        ))}
      </Command.List>
    </Command>
  );
}

/** Every word that is typed must be in it. */
const hasWords = (value: string, typed: string): number => {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  return words.every((word) => value.toLowerCase().includes(word)) ? 1 : 0;
};

function useHeaps(stops: readonly Stop[]): Heap[] {
  const open = useOpen();
  const { id, kinds, undone, redone, lineShown, stageAdded, stageRemoved } = open;
  const build = useDocument((document) => document.build);
  const evaluation = useFollowed(true, (derived) => derived.evaluation);
  const picked = useSession((session) => session.picked);
  const line = useLine((shown) => shown);
  const go = useNavigate();
  const others = useOthers(id);
  const to = (path: string) => () => void go(path);
  const { stages } = line;
  const after = placeAfter(line, picked);
  const behind = after === 0 ? 'the source' : `the ${kindHead('stage', stages[after - 1]?.kind ?? '')?.label}`;
  return [
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
    { called: 'Lay beside', acts: others.map(({ id: other, name }) => ({ says: name, act: to(`/compare/${id}/${other}`) })) },
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
            act: () => focusField(open, `${path}/${name}`),
          }));
      }),
    },
    {
      called: 'Field of the brief',
      acts: Object.entries(briefParts).flatMap(([part, fields]) =>
        Object.entries<FieldOf>(fields).map(([name, { label }]) => ({ says: label, act: () => focusField(open, `${part}/${name}`) })),
      ),
    },
  ];
}

/** The other builds in the shed, those changed last first. */
function useOthers(id: string): readonly ListedBuild[] {
  const builds = useQuery({ queryKey: ['others'], queryFn: () => ask<ListedBuild[]>('builds'), staleTime: 0, gcTime: 0 });
  return builds.data?.filter((other) => other.id !== id) ?? [];
}

/** A build of its own, named after the one it varies. @returns its id */
async function variantOf(build: Build): Promise<string> {
  const [, name = build.name, number = '1'] = /^(.*?)(?:, variant (\d+))?$/.exec(build.name) ?? [];
  const stored = await send<StoredBuild>('POST', 'builds', { ...build, name: `${name.slice(0, 100)}, variant ${Number(number) + 1}` });
  return stored.id;
}

/** Where a new stage goes: behind the one that is picked, else at the end of the line. */
function placeAfter({ id: line, stages }: Line, picked: string | null): number {
  if (picked === `${line}/source`) return 0;
  const k = stages.findIndex(({ id }) => picked === `${line}/${id}`);
  return k < 0 ? stages.length : k + 1;
}
