import type { Note } from '@hobrek/contracts';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../../shared/ask.js';
import { NoteForm } from './note-form.js';
import { NoteRow } from './note-row.js';

/** What was written down, newest first; those under one word when that is picked. */
export function Notes({ id, notes: newest, older }: { id: string; notes: readonly Note[]; older: number }) {
  const more = useInfiniteQuery({
    queryKey: ['notes', id, newest.length, newest.at(-1)?.id],
    queryFn: ({ pageParam }) => ask<Note[]>(`builds/${id}/notes?from=${pageParam}`),
    initialPageParam: newest.length,
    getNextPageParam: (_last, pages) => newest.length + pages.flat().length,
    enabled: false,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const fetched = more.data?.pages.flat() ?? [];
  const notes = fetched.length > 0 ? [...newest, ...fetched] : newest;
  const left = older - fetched.length;
  const [only, setOnly] = useState('');
  const tags = [...new Set(notes.flatMap((note) => note.tags))].sort();
  // The last note of a word may be gone.
  const picked = tags.includes(only) ? only : '';
  const shown = picked === '' ? notes : notes.filter((note) => note.tags.includes(picked));
  return (
    <section className="border-hair bg-sheet px-6 py-3 max-lg:order-first max-lg:border-b max-sm:px-4 lg:border-l">
      <h2 className="font-head text-lg tracking-wide uppercase">Notes</h2>
      <NoteForm id={id} used={tags} notes={notes} />
      {tags.length > 0 && (
        <fieldset aria-label="show only" className="mt-4 flex flex-wrap gap-x-4 gap-y-1 pointer-coarse:gap-y-2 border-b border-ink pb-1 text-sm">
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
      {left > 0 && (
        <button
          type="button"
          className="mt-3 cursor-pointer font-semibold text-blue hover:underline"
          disabled={more.isFetching}
          onClick={() => void more.fetchNextPage()}
        >
          show {Math.min(200, left)} of {left} older notes
        </button>
      )}
      {more.error && <p className="text-sm text-fails-word">{more.error.message}</p>}
    </section>
  );
}
