import type { StoredBuild } from '@hobrek/contracts';
import { beginSizing, type InPlace, startFrom, type Verdict, type Would, type WouldDrive, withUsualGuessed, wouldWords } from '@hobrek/core';
import { memo, useCallback, useLayoutEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useOpen } from '../open-build/here.js';
import { send } from '../shared/ask.js';
import { usePreferences } from '../shared/preferences.js';
import { unbroken } from '../shared/unbroken.js';
import { VerdictMark } from '../shared/verdict-mark.js';
import { useDrives } from './use-drives.js';
import { useMotorInHand } from './use-motor-in-hand.js';

/** What goes along to a build that takes a motor: put in there, in one step that can be undone. */
export interface MotorAlong {
  readonly line: string;
  readonly motor: InPlace;
  readonly ratio: number | null;
}

const marks: Readonly<Record<Would, Verdict>> = { would: 'holds', just: 'close', unknown: 'unknown', not: 'fails' };

/** What the motor of a build could drive: kinds of work at their usual size, and every other build. */
export function Drives({ line, size }: { line: string; size?: (kind: string) => void }) {
  const open = useOpen();
  const motor = useMotorInHand(line);
  const { rows, isGoing, failed, stop } = useDrives(motor, open.id);
  const take = useTaking(motor);
  if (!motor) return <p className="text-soft">Enter what is known of the motor: its power and speed, or what was seen of it.</p>;
  const works = rows.filter(({ id }) => id === null);
  const builds = rows.filter(({ id }) => id !== null);
  return (
    <div className="grid gap-y-4">
      <p role="status" className="flex min-h-7 items-baseline gap-x-4 text-sm text-soft">
        {isGoing ? (
          <>
            Trying it: {rows.length} so far.
            <button
              type="button"
              className="pointer-coarse:mt-2 min-h-7 cursor-pointer font-semibold text-blue pointer-coarse:min-h-11"
              onClick={stop}
            >
              Stop
            </button>
          </>
        ) : (
          `${rows.length} tried. Each is worked out with usual losses for the stages that are missing.`
        )}
      </p>
      {(failed || take.failed) && <p className="text-fails-word">{failed || take.failed}</p>}
      <Rows
        called="machines that it could drive"
        title="Machines of usual size"
        rows={works}
        act={(row) => (size && !row.starter ? 'Size it' : 'Begin it')}
        take={(row) => (size && !row.starter ? size(row.kind) : take.begin(row))}
      />
      {builds.length > 0 && (
        <Rows
          called="builds that it could drive"
          title="Your builds, with it in place of their motor"
          rows={builds}
          act={() => 'Put it in'}
          take={take.putIn}
        />
      )}
    </div>
  );
}

interface RowsShown {
  readonly called: string;
  readonly title: string;
  readonly rows: readonly WouldDrive[];
  readonly act: (row: WouldDrive) => string;
  readonly take: (row: WouldDrive) => void;
}

function Rows({ called, title, rows, act, take }: RowsShown) {
  const latest = useRef(take);
  useLayoutEffect(() => {
    latest.current = take;
  });
  const pressed = useCallback((row: WouldDrive) => latest.current(row), []);
  return (
    <section>
      <h2 className="font-head text-lg tracking-wide text-blue uppercase">{title}</h2>
      <ul aria-label={called}>
        {rows.map((row) => (
          <Row key={`${row.id ?? row.starter ?? row.kind} ${row.line}`} row={row} says={act(row)} take={pressed} />
        ))}
      </ul>
    </section>
  );
}

/** A hundred come in portions: those that are there already are not drawn anew. */
const Row = memo(function Row({ row, says, take }: { row: WouldDrive; says: string; take: (row: WouldDrive) => void }) {
  return (
    <li className="grid [contain-intrinsic-size:auto_3.5rem] [content-visibility:auto] grid-cols-[8.5rem_minmax(0,1fr)_auto] items-baseline gap-x-4 border-b border-hair py-1.5 max-sm:grid-cols-[minmax(0,1fr)_auto]">
      <span className="whitespace-nowrap">
        <VerdictMark verdict={marks[row.would]} /> {wouldWords[row.would]}
      </span>
      <span className="min-w-0 max-sm:order-last max-sm:col-span-2">
        <b className="font-semibold">{row.name}</b>
        {row.between && <span className="text-soft"> {unbroken(row.between)}</span>}
        <span className="block text-sm leading-snug">{unbroken(row.says)}</span>
      </span>
      <button
        type="button"
        aria-label={`${says}: ${row.name}`}
        className="min-h-7 cursor-pointer px-1 font-semibold whitespace-nowrap text-blue hover:underline pointer-coarse:min-h-11"
        onClick={() => take(row)}
      >
        {says}
      </button>
    </li>
  );
});

/** Begins a build with the motor, or puts it into one that there is; why neither went, in words. */
function useTaking(motor: InPlace | null) {
  const navigate = useNavigate();
  const [failed, setFailed] = useState('');
  const along = (id: string, { line, ratio }: WouldDrive) => {
    const state: MotorAlong | null = motor && { line, motor, ratio };
    void navigate(`/builds/${id}/motor?line=${line}`, { state });
  };
  return {
    failed,
    putIn: (row: WouldDrive) => row.id && along(row.id, row),
    begin: (row: WouldDrive) => {
      const { kind, starter } = row;
      const { wall } = usePreferences.getState();
      const build = starter ? startFrom(starter, wall) : withUsualGuessed(beginSizing(kind, wall));
      send<StoredBuild>('POST', 'builds', build).then(
        ({ id }) => along(id, row),
        (error: Error) => setFailed(`${error.message} Nothing was begun; try again in a moment.`),
      );
    },
  };
}
