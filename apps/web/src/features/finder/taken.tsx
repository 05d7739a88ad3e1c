import type { StoredBuild } from '@hobrek/contracts';
import { type Proposal, type TakenPart, withStages } from '@hobrek/core';
import { memo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useOpen } from '../../open-build/here.js';
import { send } from '../../shared/ask.js';
import { copied } from '../../shared/copied.js';
import { show } from '../../shared/in-my-units.js';
import { unbroken } from '../../shared/unbroken.js';
import { VerdictMark } from '../../shared/verdict-mark.js';

const fromWords: Readonly<Record<TakenPart['from'], string>> = { own: 'own', buy: 'buy', make: 'make' };

/** A stage that has to be in every drive that is found. */
export interface Pinned {
  readonly id: string;
  readonly says: string;
}

export interface Keeping {
  readonly pinned: readonly Pinned[];
  readonly keep: (stage: Pinned, is: boolean) => void;
}

/** What the picked proposal takes, what is said of it, and the two ways to take it. */
export const Taken = memo(function Taken({ line, proposal, keeping }: { line: string; proposal: Proposal; keeping: Keeping }) {
  const { name, parts, because, jam, counts, shafts_mm, notes } = proposal;
  const open = useOpen();
  const navigate = useNavigate();
  const [says, setSays] = useState<{ readonly of: string; readonly text: string } | null>(null);
  const between = shafts_mm.slice(1, -1).flatMap((size) => (size === null ? [] : [`${Math.round(size * 100) / 100} mm`]));
  /** A build of its own with this drive, and on to it, or to both beside each other. It is to look at: nothing is reserved for it yet. */
  const variant = (to: (id: string) => string) => {
    const { build } = open.document.getState();
    const called = `${build.name}: ${name}`.slice(0, 80);
    send<StoredBuild>('POST', 'builds', copied(withStages(build, line, proposal.stages, proposal.motor?.source), called)).then(
      ({ id }) => void navigate(to(id)),
      (error: Error) => setSays({ of: proposal.id, text: `${error.message} No variant was begun; try again in a moment.` }),
    );
  };
  return (
    <section aria-label="what it takes" className="mt-3 border-t border-ink pt-2">
      <h2 className="font-head text-lg tracking-wide uppercase">
        {name} <span className="font-text text-sm tracking-normal text-soft normal-case">what it takes</span>
      </h2>
      <ul>
        {parts.map(({ what, many, from, label }, k) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two parts may be alike, and their order never changes
          <li key={`${what} ${k}`} className="grid grid-cols-[3rem_minmax(0,1fr)_auto] gap-x-2 border-b border-hair py-0.5">
            <span className="text-soft">{fromWords[from]}</span>
            <span>
              {many > 1 && `${many} × `}
              {unbroken(what)}
            </span>
            <span className="text-soft">{label}</span>
          </li>
        ))}
      </ul>
      {proposal.stageIds.length > 1 && <KeepStages proposal={proposal} keeping={keeping} />}
      {between.length > 0 && (
        <p className="mt-1 text-sm">
          {between.length === 1 ? 'Shaft between: ' : 'Shafts between: '}
          {unbroken(between.join(', '))}, with two bearings each.
        </p>
      )}
      <Speeds speeds={proposal.speeds} />
      {notes.map((each) => (
        <p key={each} className="mt-1 text-sm leading-snug">
          {unbroken(each)}
        </p>
      ))}
      {because && <p className="mt-1 text-sm leading-snug">{unbroken(because)}</p>}
      {jam && jam !== because && <p className="mt-1 text-sm leading-snug">{unbroken(jam)}</p>}
      <p className="mt-1 text-sm text-soft">{countWords(counts)}</p>
      <p className="mt-1 text-sm text-soft">
        Belts, chains and gears take fingers: each is guarded before the first run. What is bought is only sure once its maker’s list says so.
      </p>
      <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
        <button
          type="button"
          className="min-h-9 cursor-pointer bg-blue px-4 font-head text-lg text-sheet hover:opacity-90 pointer-coarse:min-h-11"
          onClick={() => {
            open.driveTaken(line, proposal);
            setSays({ of: proposal.id, text: takenWords(proposal) });
          }}
        >
          Use this drive
        </button>
        <button
          type="button"
          className="min-h-9 cursor-pointer text-blue hover:underline pointer-coarse:min-h-11"
          onClick={() => variant((id) => `/builds/${id}/drive`)}
        >
          Open it as a variant
        </button>
        <button
          type="button"
          className="min-h-9 cursor-pointer text-blue hover:underline pointer-coarse:min-h-11"
          onClick={() => variant((id) => `/compare/${open.id}/${id}`)}
        >
          Lay it beside this build
        </button>
      </div>
      <p role="status" className="mt-1 min-h-6 text-sm">
        {says?.of === proposal.id ? says.text : ''}
      </p>
    </section>
  );
});

const takenWords = ({ motor, parts }: Proposal): string => {
  const many = (from: TakenPart['from']) => parts.reduce((sum, part) => sum + (part.from === from ? part.many : 0), 0);
  const lists = [
    [many('own'), 'reserved in the drawer'],
    [many('buy'), 'to buy'],
    [many('make'), 'to make'],
  ] as const;
  const listed = lists.filter(([count]) => count > 0).map(([count, what]) => `${count} ${what}`);
  const its = listed.length > 0 ? ` Its parts are on the list of this build: ${listed.join(', ')}.` : '';
  const where = motor ? `in the build now, with ${motor.label} as its motor` : 'between motor and tool now';
  return `It is ${where}, in place of what was there.${its} Undo takes all of it out again.`;
};

/** What it does on each step of its pulleys. */
function Speeds({ speeds }: Pick<Proposal, 'speeds'>) {
  if (speeds.length === 0) return null;
  return (
    <ul aria-label="its speeds" className="mt-1 text-sm">
      {speeds.map(({ speed_rpm, torque_Nm, verdict }) => (
        <li key={speed_rpm}>
          <VerdictMark verdict={verdict} /> <b>{show(speed_rpm, 'rpm')}</b>, {show(torque_Nm, 'N·m')} at the tool
        </li>
      ))}
    </ul>
  );
}

/** Each stage of several may be kept, and the others be looked for around it; stages that are alike are kept together. */
function KeepStages({ proposal: { stageIds, says }, keeping: { pinned, keep } }: { proposal: Proposal; keeping: Keeping }) {
  return (
    <fieldset className="mt-1 text-sm">
      <legend className="text-soft">Keep, and look for the rest around it</legend>
      {[...new Map(stageIds.map((id, k) => [id, says[k] ?? ''])).entries()].map(([id, text]) => (
        <label key={id} className="flex min-h-7 cursor-pointer items-center gap-x-2 pointer-coarse:min-h-11">
          <input
            type="checkbox"
            className="size-4 accent-blue"
            checked={pinned.some((stage) => stage.id === id)}
            onChange={(event) => keep({ id, says: text }, event.target.checked)}
          />
          {unbroken(text)}
        </label>
      ))}
    </fieldset>
  );
}

function countWords({ fails, close, unknown }: Proposal['counts']): string {
  const said = [
    [fails, fails === 1 ? 'check fails' : 'checks fail'],
    [close, close === 1 ? 'check is close' : 'checks are close'],
    [unknown, `${unknown === 1 ? 'check is' : 'checks are'} not known yet, such as how its wheels are fixed`],
  ] as const;
  const words = said.filter(([many]) => many > 0).map(([many, what]) => `${many} ${what}`);
  return words.length === 0 ? 'Every check holds.' : `${words.join('; ')}.`;
}
