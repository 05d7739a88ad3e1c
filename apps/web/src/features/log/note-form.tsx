import type { Note } from '@hobrek/contracts';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { ask } from '../../shared/ask.js';
import { deviceName, rememberDeviceName } from '../../shared/device-name.js';
import { useNoteDraft } from './note-draft.js';
import { PhotoPicker, usePhotos } from './photo-picker.js';

/** Offered from the start; what a person adds is offered after. */
const usual = ['first run', 'measured', 'fitted', 'changed', 'broke', 'bought'];
/** As many as a note takes, one of them for the word that is typed. */
const mostTags = 8;

/** What is written stays in the box until the server has it, though the page is left. */
export function NoteForm({ id, used, notes }: { id: string; used: readonly string[]; notes: readonly Note[] }) {
  const queries = useQueryClient();
  const [{ text, tags, word }, draft] = useNoteDraft(id, notes);
  const [by, setBy] = useState(deviceName);
  const photos = usePhotos(id);
  const offered = [...new Set([...usual, ...used, ...tags])];
  const typedWord = word.trim().toLowerCase();
  const given = typedWord === '' ? tags : [...new Set([...tags, typedWord])];
  const write = useMutation({
    mutationFn: () => {
      draft({ isSent: true });
      return ask<Note>(`builds/${id}/notes`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ text, by, tags: given, photos: photos.there.map((photo) => photo.id) }),
        // Whoever writes it down and leaves the page has written it down.
        keepalive: true,
      });
    },
    onSuccess: () => {
      draft({ text: '', tags: [], word: '' });
      photos.written();
      return queries.invalidateQueries({ queryKey: ['log', id] });
    },
  });
  const empty = text.trim() === '' && photos.there.length === 0;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    rememberDeviceName(by);
    if (!empty && !photos.coming) write.mutate();
  };
  return (
    <form onSubmit={submit}>
      <label className="block text-sm text-soft">
        What happened, what was measured
        <textarea
          className="mt-1 block w-full border border-ink bg-ground p-2 text-base text-ink"
          rows={3}
          maxLength={4000}
          value={text}
          onChange={(event) => draft({ text: event.target.value })}
        />
      </label>
      <fieldset aria-label="found again under" className="mt-2 flex flex-wrap items-center gap-2 text-sm">
        {offered.map((tag) => (
          <button
            key={tag}
            type="button"
            aria-pressed={tags.includes(tag)}
            disabled={tags.length >= mostTags - 1 && !tags.includes(tag)}
            className="min-h-7 cursor-pointer border border-hair px-2 text-soft disabled:opacity-50 aria-pressed:border-ink aria-pressed:bg-wash aria-pressed:text-ink"
            onClick={() => draft({ tags: tags.includes(tag) ? tags.filter((each) => each !== tag) : [...tags, tag] })}
          >
            {tag}
          </button>
        ))}
        <input
          aria-label="another word to find it under"
          placeholder="another word"
          maxLength={24}
          value={word}
          onChange={(event) => draft({ word: event.target.value })}
          className="min-h-7 w-28 border-b border-ink bg-transparent px-1 placeholder:text-soft"
        />
      </fieldset>
      <PhotoPicker build={id} photos={photos} />
      <div className="mt-2 flex flex-wrap items-end gap-4">
        <label className="text-sm text-soft">
          Your name on this device
          <input
            className="mt-1 block border-b border-ink bg-transparent text-base text-ink"
            maxLength={40}
            value={by}
            onChange={(event) => setBy(event.target.value)}
            onBlur={() => rememberDeviceName(by)}
          />
        </label>
        <button
          type="submit"
          className="min-h-9 cursor-pointer border border-blue px-4 font-semibold text-blue disabled:cursor-default disabled:opacity-50"
          disabled={empty || photos.coming > 0 || write.isPending}
        >
          Write down
        </button>
      </div>
      {write.error && <p className="mt-1 text-sm text-fails-word">{write.error.message} What you wrote is still here.</p>}
    </form>
  );
}
