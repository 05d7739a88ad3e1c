import { useSaving } from './here.js';

/** A quiet word on whether what is on the screen is kept. */
export function SaveWord() {
  const save = useSaving((saving) => saving);
  const loud = save.state === 'away' || save.state === 'refused' || save.state === 'stale';
  return (
    <span role="status" data-save-state={save.state} className={loud ? 'text-fails-word' : ''}>
      {save.state === 'away' ? 'not kept yet' : save.state === 'refused' || save.state === 'stale' ? 'not kept' : save.says}
    </span>
  );
}
