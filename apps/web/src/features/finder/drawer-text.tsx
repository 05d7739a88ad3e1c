import { type DrawerRead, partWords, type Reserved, withoutReserved } from '@hobrek/core';
import { memo, useEffect, useId, useState } from 'react';
import { takeFile } from '../../shared/take-file.js';
import { unbroken } from '../../shared/unbroken.js';
import type { DrawerHere } from './use-drawer.js';

interface DrawerShown {
  readonly drawer: DrawerHere;
  readonly read: DrawerRead | null;
  /** For other builds. */
  readonly reserved: readonly Reserved[] | null;
}

/** Own parts, a line each, and how each was understood; what was not stays in its line. */
export const DrawerText = memo(function DrawerText({ drawer, read, reserved }: DrawerShown) {
  const id = useId();
  const [isShown, show] = useState(false);
  const [isOpen, open] = useState(false);
  const { text, typed, says, theirs, take } = drawer;
  const lines = read?.lines ?? [];
  const bad = lines.filter(({ read: each }) => !each.ok || each.rest !== '');
  // What is wrong is shown; put right, it stays open under the hand that typed.
  const needsLook = bad.length > 0 || theirs !== null;
  useEffect(() => {
    if (needsLook) open(true);
  }, [needsLook]);
  const many = read === null ? 'fetching it …' : `${read.own.length} own ${read.own.length === 1 ? 'part' : 'parts'}, for all builds`;
  return (
    <details className="border-b border-hair" open={isOpen} onToggle={(event) => open(event.currentTarget.open)}>
      <summary className="cursor-pointer py-1 pointer-coarse:min-h-11 pointer-coarse:py-2.5">
        <span className="font-head text-lg tracking-wide uppercase">The drawer</span> <span className="text-sm text-soft">{many}</span>
        {bad.length > 0 && (
          <span className="text-sm text-close-word"> · {bad.length === 1 ? 'a line is' : `${bad.length} lines are`} not understood</span>
        )}
      </summary>
      <section aria-label="the drawer" className="grid min-w-0 grid-cols-2 items-start gap-x-8 pb-3 max-lg:grid-cols-1">
        <div>
          <label htmlFor={id} className="text-sm text-soft">
            Own parts, a line each: what it is, its size, its bore
          </label>
          <textarea
            id={id}
            aria-describedby={`${id}-says`}
            spellCheck={false}
            rows={12}
            className="mt-1 w-full resize-y border border-hair bg-sheet p-2 text-sm leading-snug focus:border-ink"
            value={text ?? ''}
            disabled={text === null}
            placeholder={
              'P1 pulley A 80 mm, bore 19 mm\nS1 sprocket 10B 13 teeth, bore 25 mm\nH1 chain 10B, 90 links\nbelt A53 x2\nworm box 10:1, 60 N·m'
            }
            onChange={(event) => typed(event.target.value)}
          />
          <p id={`${id}-says`} role="status" className="text-sm text-soft">
            {read === null ? 'Fetching it …' : `${read.own.length} ${read.own.length === 1 ? 'part' : 'parts'} understood${says ? `; ${says}` : ''}`}
          </p>
          {theirs !== null && (
            <p className="my-1 flex flex-wrap gap-x-4 text-sm">
              <button type="button" className="min-h-8 cursor-pointer text-blue underline pointer-coarse:min-h-11" onClick={() => take('mine')}>
                keep what is here
              </button>
              <button type="button" className="min-h-8 cursor-pointer text-blue underline pointer-coarse:min-h-11" onClick={() => take('theirs')}>
                take what the other device has
              </button>
            </p>
          )}
        </div>
        <div>
          <AsTable drawer={drawer} read={read} />
          <ul aria-label="lines that were not understood">
            {bad.map(({ at, text: line, read: each }) => (
              <li key={at} className="border-b border-hair py-1 text-sm leading-snug">
                <span className="text-soft">
                  line {at}, {line.slice(0, 60)}:{' '}
                </span>
                <span className={each.ok ? '' : 'text-fails-word'}>{unbroken(each.ok ? `taken without “${each.rest}”` : each.says)}</span>
              </li>
            ))}
          </ul>
          {read && reserved && <ReservedThere read={read} reserved={reserved} />}
          {lines.length > 0 && (
            <button
              type="button"
              aria-expanded={isShown}
              className="min-h-8 cursor-pointer text-sm text-blue hover:underline pointer-coarse:mt-3 pointer-coarse:min-h-11"
              onClick={() => show(!isShown)}
            >
              {isShown ? 'hide how they were understood' : 'how each was understood'}
            </button>
          )}
          {isShown && (
            <table className="w-full text-sm">
              <thead className="sr-only">
                <tr>
                  <th>label</th>
                  <th>understood as</th>
                </tr>
              </thead>
              <tbody>
                {lines.flatMap(({ at, read: each }) =>
                  each.ok ? (
                    <tr key={at} className="border-b border-hair">
                      <td className="py-0.5 pr-3 whitespace-nowrap text-soft">{each.own.label}</td>
                      <td>{unbroken(partWords(each.own))}</td>
                    </tr>
                  ) : (
                    []
                  ),
                )}
              </tbody>
            </table>
          )}
        </div>
      </section>
    </details>
  );
});

/** What other builds have reserved: which part, for which build; and what of it is not in the drawer any more, or is reserved more often than it is there. */
function ReservedThere({ read, reserved }: { read: DrawerRead; reserved: readonly Reserved[] }) {
  const { kept, gone } = withoutReserved(read.own, reserved);
  if (kept.length + gone.length === 0) return null;
  return (
    <ul aria-label="reserved for other builds" className="mt-1 text-sm leading-snug">
      {kept.map(({ own, by, some, short }) => (
        <li key={own.text} className="border-b border-hair py-1">
          {unbroken(partWords({ ...own, many: 1 }))} <span className="text-soft">({own.label})</span>:{' '}
          {some === null ? 'reserved' : `${some} of ${own.many} reserved`} for {by.join(', ')}
          {short > 0 && <b className="text-close-word">; {short} more than there are</b>}
        </li>
      ))}
      {gone.map(({ written, by }) => (
        <li key={`${written} ${by}`} className="border-b border-hair py-1">
          {unbroken(written)}: reserved for {by}, <b className="text-close-word">in no line of the drawer</b>
        </li>
      ))}
    </ul>
  );
}

/** A file of so many bytes holds more than any drawer. */
const mostBytes = 1_000_000;
const papers = () => import('@hobrek/papers');

/** The drawer to a spreadsheet and back: what comes in is put behind what is there, but for lines that are there already. */
function AsTable({ drawer: { text, typed }, read }: { drawer: DrawerHere; read: DrawerRead | null }) {
  const [says, setSays] = useState('');
  const brought = async (file: File | undefined) => {
    if (!file || text === null) return;
    if (file.size > mostBytes) {
      setSays('That is more than a drawer holds.');
      return;
    }
    const { drawerFromCsv } = await papers();
    const came = drawerFromCsv(await file.text());
    if (!came.ok) {
      setSays(came.says);
      return;
    }
    const there = new Set(text.split('\n').map((line) => line.trim()));
    const fresh = came.text.split('\n').filter((line) => line !== '' && !there.has(line));
    if (fresh.length > 0) typed(`${text.trimEnd()}${text.trim() === '' ? '' : '\n'}${fresh.join('\n')}\n`);
    setSays(`${fresh.length} of ${came.many} ${came.many === 1 ? 'row is' : 'rows are'} new and put behind the others.`);
  };
  return (
    <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 text-sm">
      <button
        type="button"
        className="min-h-8 cursor-pointer text-blue hover:underline pointer-coarse:min-h-11"
        onClick={() => void papers().then(({ drawerCsv }) => read && takeFile('drawer', '.csv', 'text/csv', drawerCsv(read)))}
      >
        to a table (CSV)
      </button>
      <label className="inline-flex min-h-8 cursor-pointer items-center text-blue focus-within:outline-2 focus-within:outline-blue hover:underline pointer-coarse:min-h-11">
        from a table (CSV)
        <input
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          className="sr-only"
          onChange={(event) => {
            void brought(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </label>
      <span role="status">{says}</span>
    </div>
  );
}
