import type { NotePhoto } from '@hobrek/contracts';
import { type ChangeEvent, useRef, useState } from 'react';
import { AskError, ask } from '../../shared/ask.js';
import { photoAt } from './photo.js';

const most = 8;

interface Photos {
  /** On the server, for the note that is being written. */
  readonly there: readonly NotePhoto[];
  /** How many are still on their way. */
  readonly coming: number;
  readonly refused: readonly string[];
  readonly add: (files: readonly File[]) => Promise<void>;
  readonly take: (photo: NotePhoto) => void;
  /** The note has them now. */
  readonly written: () => void;
}

/** Pictures go to the server as soon as they are chosen, one after the other: the note only has to name them. */
export function usePhotos(build: string): Photos {
  const [there, setThere] = useState<readonly NotePhoto[]>([]);
  const [coming, setComing] = useState(0);
  const [refused, setRefused] = useState<readonly string[]>([]);
  const add = async (files: readonly File[]) => {
    const room = Math.max(0, most - there.length - coming);
    const over = files.slice(room).map(({ name }) => `${name}: a note takes ${most} photos.`);
    setRefused(over);
    const taken = files.slice(0, room);
    setComing((now) => now + taken.length);
    for (const file of taken) {
      try {
        const photo = await ask<NotePhoto>(`builds/${build}/photos`, { method: 'POST', headers: { 'content-type': file.type }, body: file });
        setThere((now) => [...now, photo]);
      } catch (problem) {
        setRefused((now) => [...now, `${file.name}: ${problem instanceof AskError ? problem.message : 'it could not be sent.'}`]);
      }
      setComing((now) => now - 1);
    }
  };
  const take = (photo: NotePhoto) => {
    setThere((now) => now.filter((each) => each !== photo));
    // Should nobody hear it, it is swept away tomorrow.
    ask(`builds/${build}/photos/${photo.id}`, { method: 'DELETE' }).catch(() => {});
  };
  const written = () => {
    setThere([]);
    setRefused([]);
  };
  return { there, coming, refused, add, take, written };
}

export function PhotoPicker({ build, photos }: { build: string; photos: Photos }) {
  const input = useRef<HTMLInputElement>(null);
  const chosen = (event: ChangeEvent<HTMLInputElement>) => {
    const files = [...(event.target.files ?? [])];
    event.target.value = '';
    void photos.add(files);
  };
  return (
    <div className="mt-2">
      <button type="button" className="min-h-7 cursor-pointer text-blue hover:underline" onClick={() => input.current?.click()}>
        Add photos
      </button>{' '}
      <span className="text-sm text-soft" aria-live="polite">
        {photos.coming > 0
          ? `sending ${photos.coming} …`
          : photos.there.length === 0
            ? 'kept without the place and the camera that a phone writes into them'
            : ''}
      </span>
      <input ref={input} type="file" accept="image/jpeg,image/png,image/webp" multiple hidden data-testid="photos" onChange={chosen} />
      {photos.there.length > 0 && (
        <ul aria-label="photos of this note" className="mt-1 flex flex-wrap gap-2">
          {photos.there.map((photo, k) => (
            <li key={photo.id} className="text-sm">
              <img
                src={photoAt(build, photo.id, 'small')}
                alt={`${k + 1}, not written down yet`}
                style={{ height: 72 }}
                className="w-auto border border-hair"
              />
              <button
                type="button"
                className="min-h-6 cursor-pointer text-soft hover:underline"
                aria-label={`leave out photo ${k + 1}`}
                onClick={() => photos.take(photo)}
              >
                leave out
              </button>
            </li>
          ))}
        </ul>
      )}
      {photos.refused.map((says) => (
        <p key={says} className="text-sm text-fails-word">
          {says}
        </p>
      ))}
    </div>
  );
}
