import { elementsOf, isOpen, kindHead } from '@hobrek/core';
import { Link } from 'react-router';
import { ElementChecks } from '../../element/checks.js';
import { ElementFields, Heading, KindOf } from '../../element/fields.js';
import { ElementFigures } from '../../element/figures.js';
import { useOpen } from '../../open-build/here.js';
import { useLine } from '../../open-build/in-sight.js';
import { Tools } from '../../open-build/tools.js';

/** What the machine does: what is entered of the work, what follows from it, what it holds against. */
export function WorkStop() {
  const { id } = useOpen();
  const path = useLine((line) => `${line.id}/work`);
  const kind = useLine((line) => line.work.kind);
  const isDriven = useLine((line) => elementsOf(line).some(({ role, element }) => role === 'source' && !isOpen(element)));
  return (
    <div className="grid grow grid-cols-[minmax(0,7fr)_minmax(0,5fr)] border-t border-ink max-lg:grid-cols-1">
      <fieldset data-element={path} className="min-w-0 px-6 py-2 max-sm:px-4">
        <legend className="sr-only">{kindHead('work', kind)?.label}</legend>
        <h2 className="flex flex-wrap items-baseline gap-x-2 font-head text-lg tracking-wide uppercase">
          <Heading of="work" path={path} /> <KindOf of="work" path={path} kind={kind} label={kindHead('work', kind)?.label ?? kind} />
        </h2>
        <Tools on="fields" of="work" path={path} />
        <ElementFields of="work" path={path} />
        <ElementFigures path={path} />
        {!isDriven && (
          <p className="mt-3">
            <Link to={`/start/${id}`} className="text-blue hover:underline">
              See which motor it needs
            </Link>
          </p>
        )}
      </fieldset>
      <div className="border-hair bg-sheet px-6 py-2 max-lg:border-t max-sm:px-4 lg:border-l">
        <Tools on="beside" of="work" path={path} />
        <ElementChecks paths={[path]} />
      </div>
    </div>
  );
}
