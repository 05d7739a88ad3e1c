import type { UnitHabit } from '@hobrek/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { type CommandHeap, CommandSheet } from '../../shared/command-sheet.js';
import { usePreferences } from '../../shared/preferences.js';
import type { TextToRead } from '../../shared/text-sheet.js';
import { toRead } from '../../shared/to-read.js';
import { useBuildsNamed } from '../../shared/use-builds-named.js';

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
export function CommandList({ close, read }: { close: () => void; read: (text: TextToRead) => void }) {
  const navigate = useNavigate();
  const [typed, setTyped] = useState('');
  const builds = useBuildsNamed(typed);
  const to = (path: string) => () => void navigate(path);
  const heaps: CommandHeap[] = [
    { called: 'Go to', acts: pages.map(([says, path]) => ({ says, act: to(path) })) },
    { called: 'Build', acts: builds.map(({ id, name, summary }) => ({ says: name, id, also: summary.says, act: to(`/builds/${id}`) })) },
    { called: 'Show figures in', acts: units.map(([habit, says]) => ({ says, act: () => usePreferences.setState({ units: habit }) })) },
    {
      called: 'Colours',
      acts: (['device', 'day', 'evening'] as const).map((theme) => ({
        says: theme === 'device' ? 'as the device has them' : `for the ${theme}`,
        act: () => usePreferences.setState({ theme }),
      })),
    },
    ...toRead(read),
  ];
  return <CommandSheet placeholder="a page, a build" heaps={heaps} close={close} typed={setTyped} />;
}
