import * as Dialog from '@radix-ui/react-dialog';
import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { useOpen } from '../../open-build/here.js';
import { useFollowed, useLine } from '../../open-build/in-sight.js';
import { checksHash, type Stop } from '../../open-build/stop.js';
import { useIsTyping } from '../../shared/is-typing.js';
import { PreferencesSheet } from '../../shared/preferences-sheet.js';
import { VerdictMark } from '../../shared/verdict-mark.js';
import { showCommands } from './command-list.js';
import { StopLink } from './stop-link.js';
import { TakeAway } from './take-away.js';
import { goneTo, placeOf, type Thumb, useThumbPlaces } from './thumb-places.js';
import { UnitsChoice } from './units-choice.js';

const look = 'flex min-h-14 flex-col items-center justify-center font-head text-lg leading-tight';
const looks = (isHere: boolean): string =>
  `${look} ${isHere ? 'border-t-[3px] border-brass text-ink' : 'border-t-[3px] border-transparent text-soft'}`;

/** On a phone, and in a window as narrow: the machine, its checks, what is entered, and all else, at the lower edge. Each comes back to where it was. */
export function Thumbs({ stops }: { stops: readonly Stop[] }) {
  const { id } = useOpen();
  const here = useThumbPlaces(id);
  // They make room for the device's keyboard.
  const isTyping = useIsTyping();
  const verdict = useFollowed(true, ({ evaluation }) => evaluation.verdict);
  const firstField = stops.find(({ of }) => of?.includes('work'))?.path ?? '';
  const first: Readonly<Record<Thumb, string>> = {
    machine: `/builds/${id}`,
    checks: `/builds/${id}${checksHash}`,
    fields: `/builds/${id}/${firstField}`,
  };
  const to = (thumb: Thumb, says: ReactNode) => (
    <Link
      to={placeOf(id, thumb, first[thumb])}
      aria-current={here === thumb ? 'page' : undefined}
      className={looks(here === thumb)}
      onClick={() => goneTo(id, thumb)}
    >
      {says}
    </Link>
  );
  return (
    <nav
      aria-label="places"
      className={`thumbs fixed inset-x-0 bottom-0 z-10 grid grid-cols-4 gap-x-2 border-t border-ink bg-ground sm:hidden ${isTyping ? 'pointer-coarse:hidden' : ''}`}
    >
      {to('machine', 'Machine')}
      {to(
        'checks',
        <>
          Checks <VerdictMark verdict={verdict} />
        </>,
      )}
      {to('fields', 'Fields')}
      <AllElse stops={stops} />
    </nav>
  );
}

/** The stops of the work, and whatever the head has at a desk. */
function AllElse({ stops }: { stops: readonly Stop[] }) {
  const { id } = useOpen();
  const [isOpen, setOpen] = useState(false);
  const close = () => setOpen(false);
  const log = useLine(() => stops.find(({ path }) => path === 'log'));
  return (
    <Dialog.Root open={isOpen} onOpenChange={setOpen}>
      <Dialog.Trigger className={`cursor-pointer ${looks(isOpen)}`}>Stops</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/25" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-0 bottom-0 z-20 max-h-[90dvh] overflow-y-auto border-t border-ink bg-sheet px-4 pt-3 pb-4 text-ink"
        >
          <Dialog.Title className="font-head text-lg tracking-wide text-blue uppercase">Stops</Dialog.Title>
          {/* biome-ignore lint/a11y/useKeyWithClickEvents: a link that is followed by key is clicked */}
          <nav aria-label="stops" className="grid grid-cols-2 gap-x-4" onClick={close}>
            {stops
              .filter(({ beside }) => !beside)
              .map((stop) => (
                <StopLink key={stop.path} stop={stop} stops={stops} />
              ))}
          </nav>
          <div className="mt-3 grid grid-cols-2 items-center gap-x-4 border-t border-hair pt-3 *:min-h-11 *:text-left">
            <button
              type="button"
              aria-haspopup="dialog"
              className="cursor-pointer font-semibold"
              onClick={() => {
                close();
                showCommands();
              }}
            >
              Find or do
            </button>
            <TakeAway />
            {log && (
              <Link to={`/builds/${id}/${log.path}`} className="grid items-center font-semibold" onClick={close}>
                Notes, photos
              </Link>
            )}
            <PreferencesSheet />
            <UnitsChoice />
          </div>
          <nav aria-label="the shed" className="mt-3 grid grid-cols-3 gap-x-4 border-t border-hair pt-3">
            {(
              [
                ['/', 'All builds'],
                ['/backups', 'Backups'],
                ['/phone', 'Phone'],
              ] as const
            ).map(([path, says]) => (
              <Link key={path} to={path} className="grid min-h-11 items-center text-blue">
                {says}
              </Link>
            ))}
          </nav>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
