import { Popover } from 'radix-ui';
import { useHabits } from './habits.js';

/** Where a person says how they like it. */
export function HabitsSheet() {
  const { gallon, letters } = useHabits();
  return (
    <Popover.Root>
      <Popover.Trigger className="cursor-pointer font-semibold max-sm:hidden">Habits</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content sideOffset={8} collisionPadding={12} className="z-10 w-80 border border-ink bg-sheet p-4 text-ink">
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
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
