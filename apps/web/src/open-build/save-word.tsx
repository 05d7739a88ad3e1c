import { useSaving } from './here.js';

/** A quiet word on whether what is on the screen is kept. */
export function SaveWord() {
  const save = useSaving((saving) => saving);
  const loud = save.state === 'away' || save.state === 'refused' || save.state === 'stale';
  return (
    <>
      <span data-save-state={save.state} className={loud ? 'text-fails-word' : ''}>
        {save.state === 'away' ? 'not kept yet' : save.state === 'refused' || save.state === 'stale' ? 'not kept' : save.says}
      </span>
      {/* That it is kept goes without saying. */}
      <span role="status" className="sr-only">
        {loud ? 'What you typed is not kept yet.' : ''}
      </span>
    </>
  );
}
