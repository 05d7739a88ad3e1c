import { Popover } from 'radix-ui';
import { useHabits } from './habits.js';

/** Every key there is, as it is said here and in the README. */
const keys = [
  ['← →', 'along the machine, outside fields'],
  ['Enter', 'into the fields of what is picked'],
  ['Ctrl Enter', 'to the next element’s fields, from anywhere; with Shift to the one before'],
  ['Esc', 'lets go of what is picked, closes what is open'],
  ['Alt U', 'writes the field in its next unit'],
  ['Ctrl Z, z', 'undoes a field at a time'],
  ['Ctrl Y, Z', 'does it again'],
] as const;

/** Where a person says how they like it. */
export function HabitsSheet() {
  const { gallon, letters } = useHabits();
  return (
    <Popover.Root>
      <Popover.Trigger className="cursor-pointer font-semibold max-sm:hidden">Habits, keys</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content sideOffset={8} collisionPadding={12} className="z-10 w-96 max-w-[calc(100vw-24px)] border border-ink bg-sheet p-4 text-ink">
          <h2 className="font-head text-lg tracking-wide text-blue uppercase">Habits on this device</h2>
          <label className="mt-2 flex cursor-pointer items-baseline gap-2">
            <input type="checkbox" checked={letters} onChange={(event) => useHabits.setState({ letters: event.target.checked })} />
            single letters are keys (z undoes); Ctrl+Z always does
          </label>
          <fieldset className="mt-3">
            <legend className="text-sm text-soft">A gallon is</legend>
            {(['us', 'imperial'] as const).map((each) => (
              <label key={each} className="mr-4 inline-flex cursor-pointer items-baseline gap-2">
                <input type="radio" name="gallon" checked={gallon === each} onChange={() => useHabits.setState({ gallon: each })} />
                {each === 'us' ? 'US, 3.79 L' : 'imperial, 4.55 L'}
              </label>
            ))}
          </fieldset>
          <h2 className="font-head mt-4 text-lg tracking-wide text-blue uppercase">Keys</h2>
          <dl className="grid grid-cols-[auto_1fr] gap-x-3 text-sm">
            {keys.map(([key, says]) => (
              <div key={key} className="contents">
                <dt>
                  <kbd className="font-text font-semibold">{key}</kbd>
                </dt>
                <dd>{says}</dd>
              </div>
            ))}
          </dl>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
