import type { ListedBuild } from '@hobrek/contracts';
import type { UnitHabit } from '@hobrek/core';
import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { ask } from '../../shared/ask.js';
import { type CommandHeap, CommandSheet } from '../../shared/command-sheet.js';
import { usePreferences } from '../../shared/preferences.js';

const pages = [
  ['all builds', '/'],
  ['start a build', '/start'],
  ['deleted builds', '/deleted'],
  ['backups', '/backups'],
  ['let a phone in', '/phone'],
] as const;

const units: readonly (readonly [UnitHabit, string])[] = [
  ['metric', 'metric'],
  ['inch', 'inch and pound'],
  ['mixed', 'inches, the rest metric'],
];

/** Every page, every build and how things are shown, found by typing a part of a name. */
export function CommandList({ close }: { close: () => void }) {
  const navigate = useNavigate();
  const builds = useQuery({ queryKey: ['others'], queryFn: () => ask<ListedBuild[]>('builds'), staleTime: 0, gcTime: 0 });
  const to = (path: string) => () => void navigate(path);
  const heaps: CommandHeap[] = [
    { called: 'Go to', acts: pages.map(([says, path]) => ({ says, act: to(path) })) },
    { called: 'Build', acts: (builds.data ?? []).map(({ id, name }) => ({ says: name, id, act: to(`/builds/${id}`) })) },
    { called: 'Show figures in', acts: units.map(([habit, says]) => ({ says, act: () => usePreferences.setState({ units: habit }) })) },
    {
      called: 'Colours',
      acts: (['device', 'day', 'evening'] as const).map((theme) => ({
        says: theme === 'device' ? 'as the device has them' : `for the ${theme}`,
        act: () => usePreferences.setState({ theme }),
      })),
    },
  ];
  return <CommandSheet placeholder="a page, a build" heaps={heaps} close={close} />;
}
