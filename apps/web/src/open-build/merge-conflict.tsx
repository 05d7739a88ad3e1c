import { type Build, type Conflict, fieldLabel, type Input, placeOfConflict, type Row } from '@hobrek/core';
import { focusField } from './focus-field.js';
import { useDocument, useOpen, useSaving } from './here.js';

/** What keeps the build from being saved, in words; where someone else changed the same place, both entries to choose from. */
export function MergeConflict() {
  const { chose } = useOpen();
  const save = useSaving((saving) => saving);
  const mergeConflict = useDocument((document) => document.mergeConflict);
  const build = useDocument((document) => document.build);
  if (!mergeConflict && save.state !== 'away' && save.state !== 'refused') return null;
  return (
    <div role="alert" className="border-b border-hair bg-wash px-6 py-2 max-sm:px-4">
      <p>{mergeConflict ? 'This build was changed elsewhere in the same places. Nothing was overwritten: choose.' : save.says}</p>
      <ul>
        {mergeConflict?.conflicts.map((conflict) => (
          <li key={conflict.path.join('/')} className="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1">
            <Place conflict={conflict} name={placeName(build, conflict)} />
            {(['mine', 'theirs'] as const).map((which) => (
              <button key={which} type="button" className="cursor-pointer text-blue underline" onClick={() => chose(conflict, which)}>
                {which === 'mine' ? 'keep mine' : 'take theirs'}: {entryText(conflict[which])}
              </button>
            ))}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** The way to the field, wherever the page is. */
function Place({ conflict, name }: { conflict: Conflict; name: string }) {
  const open = useOpen();
  const field = placeOfConflict(conflict);
  if (!field) return <span className="font-semibold">{name}</span>;
  return (
    <button type="button" className="cursor-pointer font-semibold hover:underline" onClick={() => focusField(open, field)}>
      {name}
    </button>
  );
}

/** A place in the document as a person calls it. */
function placeName(build: Build, conflict: Conflict): string {
  const field = placeOfConflict(conflict);
  if (!field) return conflict.path.join(' ');
  const name = fieldLabel(build, field);
  return name.charAt(0).toUpperCase() + name.slice(1);
}

function entryText(entry: unknown): string {
  if (entry === undefined) return 'not known';
  if (typeof entry === 'string') return `“${entry}”`;
  const { draft, text, inputs } = entry as Partial<Input & Row>;
  // A row of a table.
  if (inputs) return Object.values(inputs).map(entryText).join(', ') || 'empty';
  return draft ?? (text || 'as it is there');
}
