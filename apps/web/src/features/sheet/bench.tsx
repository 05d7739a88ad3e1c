import { elementsOf, type Figure, kindHead, type Place, placesOf, type Role } from '@hobrek/core';
import { Field } from '../../build/field.js';
import { FigureText } from '../../build/figure-text.js';
import { pick, useOpenBuild } from '../../build/open-build.js';

const headings: Record<Role, string> = { source: 'Motor', feed: 'Feed', stage: 'Between', work: 'Work' };

/** Where the elements of the machine are entered, in the order of the power path. */
export function Bench() {
  const open = useOpenBuild((store) => store.open);
  const line = open?.build.lines[0];
  if (!open || !line) return null;
  const places = placesOf(open.build);
  return (
    <section className="border-hair bg-sheet px-6 py-3 max-lg:border-t max-sm:px-4 lg:border-l">
      {elementsOf(line).map(({ role, path, element }) => {
        const own = places.filter((place) => place.path.startsWith(`${path}/`));
        const figures = open.evaluation.lines[0]?.figures.get(path);
        const label = kindHead(role, element.kind)?.label ?? element.kind;
        const isPicked = open.picked === path;
        return role === 'source' ? (
          <Plate key={path} path={path} picked={isPicked} label={label} places={own} />
        ) : (
          <fieldset
            key={path}
            data-element={path}
            onFocus={() => pick(path)}
            className={`mt-3 -ml-6 border-l-4 pl-5 max-sm:-ml-4 max-sm:pl-3 ${isPicked ? 'border-brass' : 'border-transparent'}`}
          >
            <legend className="font-head text-lg tracking-wide uppercase">
              {headings[role]} <span className="font-text text-sm tracking-normal text-soft normal-case">{label}</span>
            </legend>
            <div className="grid grid-cols-3 gap-x-5 gap-y-1 max-sm:grid-cols-1">
              {own.map((place) => (
                <Field key={place.path} {...place} />
              ))}
            </div>
            {role === 'stage' && figures && <Follows path={path} figures={figures} />}
          </fieldset>
        );
      })}
    </section>
  );
}

/** What is stamped on the motor is entered as it is stamped: on a plate. */
function Plate({ path, picked, label, places }: { path: string; picked: boolean; label: string; places: readonly Place[] }) {
  return (
    <fieldset
      data-element={path}
      onFocus={() => pick(path)}
      className={`relative border bg-plate ${picked ? 'border-brass outline outline-brass' : 'border-ink'} px-8 pt-1 pb-2`}
    >
      <legend className="sr-only">{label}</legend>
      {['left-2 top-2', 'right-2 top-2', 'left-2 bottom-2', 'right-2 bottom-2'].map((corner) => (
        <span key={corner} className={`absolute ${corner} size-2.5 rounded-full border border-ink bg-sheet`} aria-hidden="true" />
      ))}
      <div className="grid grid-cols-2 gap-x-6 max-sm:grid-cols-1">
        {places.map((place) => (
          <Field key={place.path} {...place} />
        ))}
      </div>
    </fieldset>
  );
}

/** What stands under a shaft on the drawing already. */
const underShaft = new Set(['speed', 'torque']);

function Follows({ path, figures }: { path: string; figures: ReadonlyMap<string, Figure> }) {
  return (
    <dl className="mt-2 flex flex-wrap gap-x-6 gap-y-1">
      {[...figures].flatMap(([name, figure]) => {
        // What is only waiting for an entry says so in the ledger; what cannot be, says why here.
        if (underShaft.has(name) || (!figure.known && !figure.because)) return [];
        const called = name.replaceAll('-', ' ');
        return (
          <div key={name} className="flex items-baseline gap-2">
            <dt className="text-sm text-soft">{called}</dt>
            <dd>
              <FigureText path={`${path}/${name}`} name={called} />
            </dd>
          </div>
        );
      })}
    </dl>
  );
}
