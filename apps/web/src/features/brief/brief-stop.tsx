import { briefed, fieldLeft, noted, useOpenBuild } from '../../build/open-build.js';

/** What the machine must do and for whom, in the person's own words; it stands over everything that is worked out. */
export function BriefStop() {
  const brief = useOpenBuild(({ open }) => open?.build.brief ?? '');
  const notes = useOpenBuild(({ open }) => open?.build.notes ?? '');
  const supply = useOpenBuild(({ open }) =>
    Object.entries(open?.build.supply ?? {})
      .map(([name, entry]) => `${name} ${entry?.text}`)
      .join(', '),
  );
  return (
    <div className="grid grow grid-cols-2 gap-x-10 border-t border-ink px-6 py-3 max-lg:grid-cols-1 max-sm:px-4">
      <section>
        <h2 className="font-head text-lg tracking-wide uppercase">
          Brief{' '}
          <span className="font-text text-sm tracking-normal text-soft normal-case">
            what it must do, to what, how often; what the last one did wrong
          </span>
        </h2>
        <Words label="What must it do?" value={brief} most={4_000} change={briefed} />
        {supply && (
          <p className="mt-2 text-sm text-soft">Supply, from its file: {supply}. What is entered under Supply on the sheet counts before it.</p>
        )}
      </section>
      <section>
        <h2 className="font-head text-lg tracking-wide uppercase">
          Beside it{' '}
          <span className="font-text text-sm tracking-normal text-soft normal-case">
            what is on hand, what it must not weigh, where it will stand
          </span>
        </h2>
        <Words label="What else should be remembered?" value={notes} most={20_000} change={noted} />
      </section>
    </div>
  );
}

function Words({ label, value, most, change }: { label: string; value: string; most: number; change: (text: string) => void }) {
  return (
    <label className="mt-2 block text-sm text-soft">
      {label}
      <textarea
        className="mt-1 block w-full border border-ink bg-sheet p-2 text-base text-ink"
        rows={8}
        maxLength={most}
        value={value}
        onChange={(event) => change(event.target.value)}
        onBlur={fieldLeft}
      />
    </label>
  );
}
