import type { Note } from '@hobrek/contracts';
import { useState } from 'react';
import { NoteForm } from './note-form.js';
import { NoteRow } from './note-row.js';

/** What was written down, newest first; those under one word when that is picked. */
export function Notes({ id, notes }: { id: string; notes: readonly Note[] }) {
  const [only, setOnly] = useState('');
  const tags = [...new Set(notes.flatMap((note) => note.tags))].sort();
  // The last note of a word may be gone.
  const picked = tags.includes(only) ? only : '';
  const shown = picked === '' ? notes : notes.filter((note) => note.tags.includes(picked));
  return (
    <section className="border-hair bg-sheet px-6 py-3 max-lg:order-first max-lg:border-b max-sm:px-4 lg:border-l">
      <h2 className="font-head text-lg tracking-wide uppercase">Notes</h2>
      <NoteForm id={id} used={tags} />
      {tags.length > 0 && (
        <fieldset aria-label="show only" className="mt-4 flex flex-wrap gap-x-4 gap-y-1 border-b border-ink pb-1 text-sm">
          {['', ...tags].map((tag) => (
            <button
              key={tag}
              type="button"
              aria-pressed={tag === picked}
              className="min-h-6 cursor-pointer text-soft aria-pressed:font-semibold aria-pressed:text-ink aria-pressed:underline"
              onClick={() => setOnly(tag)}
            >
              {tag === '' ? `all ${notes.length}` : `${tag} ${notes.filter((note) => note.tags.includes(tag)).length}`}
            </button>
          ))}
        </fieldset>
      )}
      <ol className="mt-2">
        {shown.map((note) => (
          <NoteRow key={note.id} build={id} note={note} />
        ))}
      </ol>
    </section>
  );
}
