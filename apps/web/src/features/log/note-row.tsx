import type { Note } from '@hobrek/contracts';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../../shared/ask.js';
import { when } from '../../shared/dates.js';
import { Photo } from './photo.js';

/** A note with its pictures. It is taken out only when pressed twice: nothing restores it. */
export function NoteRow({ build, note: { id, text, at, by, tags, photos } }: { build: string; note: Note }) {
  const queries = useQueryClient();
  const [sure, setSure] = useState(false);
  const remove = useMutation({
    mutationFn: () => ask(`builds/${build}/notes/${id}`, { method: 'DELETE' }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['log', build] }),
  });
  const what = photos.length === 0 ? 'this note' : photos.length === 1 ? 'this note and its photo' : `this note and its ${photos.length} photos`;
  return (
    <li className="border-b border-hair py-2">
      {text !== '' && <p className="whitespace-pre-wrap">{text}</p>}
      {photos.length > 0 && (
        <ul className="my-1 flex flex-wrap gap-2">
          {photos.map((photo, k) => (
            <li key={photo.id}>
              <Photo build={build} photo={photo} says={`photo ${k + 1} of ${photos.length}, ${when(at)}${text ? `: ${text}` : ''}`} />
            </li>
          ))}
        </ul>
      )}
      <p className="flex flex-wrap items-baseline gap-x-3 text-sm text-soft">
        <span>
          {when(at)}
          {by && `, ${by}`}
        </span>
        {tags.length > 0 && <span className="text-ink">{tags.join(' · ')}</span>}
        {sure ? (
          <>
            <button type="button" className="min-h-6 cursor-pointer text-fails-word underline" onClick={() => remove.mutate()}>
              take out {what} for good
            </button>
            <button type="button" className="min-h-6 cursor-pointer underline" onClick={() => setSure(false)}>
              leave it
            </button>
          </>
        ) : (
          <button type="button" className="min-h-6 cursor-pointer hover:underline" onClick={() => setSure(true)}>
            take out
          </button>
        )}
      </p>
      {remove.error && <p className="text-sm text-fails-word">{remove.error.message}</p>}
    </li>
  );
}
