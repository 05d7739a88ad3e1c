import { elementsOf, isOpen, kindHead } from '@hobrek/core';
import { Link } from 'react-router';
import { ElementChecks } from '../../element/checks.js';
import { ElementFields, Heading, KindOf } from '../../element/fields.js';
import { ElementFigures } from '../../element/figures.js';
import { DrivesAhead } from '../../motor-in-hand/drives-ahead.js';
import { useMotorAlong } from '../../motor-in-hand/use-motor-along.js';
import { MotorViews } from '../../motor-in-hand/views.js';
import { useOpen } from '../../open-build/here.js';
import { InSight, useLine } from '../../open-build/in-sight.js';
import { Tools } from '../../open-build/tools.js';
import { Rivets } from '../../shared/rivets.js';

/** What drives the machine: what is stamped on it and what feeds it; does it start, how it runs up, where it stays, and what that rests on. */
export function MotorStop() {
  const { pick } = useOpen();
  useMotorAlong();
  const line = useLine(({ id }) => id);
  const [source, feed] = [`${line}/source`, `${line}/feed`];
  const kind = useLine((shown) => shown.source.kind);
  const feedKind = useLine((shown) => elementsOf(shown).find(({ role }) => role === 'feed')?.element.kind) ?? '';
  const seen = useLine(({ source: { was } }) => (was && kindHead('source', was.kind)?.observes ? was.kind : null));
  const label = kindHead('source', kind)?.label ?? kind;
  const feedLabel = kindHead('feed', feedKind)?.label ?? feedKind;
  return (
    <div className="grid grow grid-cols-[minmax(0,7fr)_minmax(0,5fr)] border-t border-ink max-lg:grid-cols-1">
      <div className="min-w-0 px-6 pt-1 pb-3 max-sm:px-4">
        <MotorViews />
        <DrivesAhead line={line} />
        <Tools on="over" of="source" path={source} />
        <fieldset data-element={source} onFocus={() => pick(source)} className="relative min-w-0 border border-ink bg-plate px-8 pt-1 pb-2">
          <legend className="sr-only">{label}</legend>
          <Rivets />
          <p className="apart text-sm">
            <KindOf of="source" path={source} kind={kind} label={label} />
          </p>
          {isOpen({ kind }) && <StillOpen path={source} />}
          {seen && <LookedAt path={source} kind={seen} />}
          <ElementFields of="source" path={source} />
        </fieldset>
        <fieldset data-element={feed} onFocus={() => pick(feed)} className="mt-2 min-w-0">
          <legend className="flex w-full flex-wrap items-baseline gap-x-2 font-head text-lg tracking-wide uppercase">
            <Heading of="feed" path={feed} /> <KindOf of="feed" path={feed} kind={feedKind} label={feedLabel} />
          </legend>
          <Tools on="fields" of="feed" path={feed} />
          <ElementFields of="feed" path={feed} columns="grid-cols-4" />
        </fieldset>
        <Tools on="fields" of="source" path={source} />
        <ElementFigures path={source} />
      </div>
      <div className="min-w-0 border-hair bg-sheet px-6 py-2 max-lg:border-t max-sm:px-4 lg:border-l">
        {/* A chart is drawn anew when typing has paused. */}
        <InSight value={false}>
          <Tools on="beside" of="source" path={source} />
          <Tools on="beside" of="feed" path={feed} />
        </InSight>
        <ElementChecks paths={[source, feed]} />
      </div>
    </div>
  );
}

/** Nothing drives it yet: a motor is picked, or the work sized first. */
function StillOpen({ path }: { path: string }) {
  const { id, kindChosen } = useOpen();
  return (
    <p className="flex flex-wrap items-baseline gap-x-5 py-1">
      <button type="button" className="cursor-pointer font-semibold text-blue hover:underline" onClick={() => kindChosen(path, 'plate-motor')}>
        Pick a motor
      </button>
      <Link to={`/start/${id}`} className="text-blue hover:underline">
        Size the work, see which motor it needs
      </Link>
    </p>
  );
}

/** It had no plate: what was looked at is kept, and can be gone on with. */
function LookedAt({ path, kind }: { path: string; kind: string }) {
  const { kindChosen } = useOpen();
  return (
    <p className="flex flex-wrap items-baseline gap-x-5 py-1 text-sm text-soft">
      It had no plate: what it is rests on what was looked at.
      <button
        type="button"
        className="min-h-11 cursor-pointer font-semibold text-blue hover:underline sm:min-h-6"
        onClick={() => kindChosen(path, kind)}
      >
        Look again
      </button>
    </p>
  );
}
