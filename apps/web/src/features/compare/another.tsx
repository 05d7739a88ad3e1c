import { useState } from 'react';
import { useNavigate } from 'react-router';
import { CommandSheet } from '../../shared/command-sheet.js';
import { useBuildsNamed } from '../../shared/use-builds-named.js';

/** Another build in place of one of two, found by its name. @param to where that leads */
export function Another({ to, name }: { to: (id: string) => string; name: string }) {
  const navigate = useNavigate();
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        aria-haspopup="dialog"
        aria-label={`Another build in place of ${name}`}
        className="min-h-8 cursor-pointer text-blue hover:underline"
        onClick={() => setOpen(true)}
      >
        another build
      </button>
      {isOpen && <Found close={() => setOpen(false)} choose={(id) => void navigate(to(id))} />}
    </>
  );
}

function Found({ close, choose }: { close: () => void; choose: (id: string) => void }) {
  const [typed, setTyped] = useState('');
  const builds = useBuildsNamed(typed);
  const acts = builds.map(({ id, name }) => ({ says: name, id, act: () => choose(id) }));
  return <CommandSheet placeholder="the name of a build" heaps={[{ called: 'Build', acts }]} close={close} typed={setTyped} />;
}
