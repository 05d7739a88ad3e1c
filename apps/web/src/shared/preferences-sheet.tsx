import * as Popover from '@radix-ui/react-popover';
import { usePreferences } from './preferences.js';

/** Every key there is, as it is said here and in the README. */
const keys = [
  ['← →', 'along the machine, outside fields'],
  ['Enter', 'into the fields of what is picked'],
  ['Ctrl Enter', 'to the next element’s fields, from anywhere; with Shift to the one before'],
  ['Esc', 'closes what is open, or goes to the first page'],
  ['F6', 'from the head to the stops, the machine, what is entered, and back to the last field'],
  ['?', 'why: of the figure that has the focus, else of the worst check'],
  ['Ctrl K, k', 'every command and every field, by name'],
  ['↑ ↓', 'in the field of a wheel: through the stock sizes'],
  ['F1', 'in a field: what it is, where to measure'],
  ['Alt U', 'writes the field in its next unit'],
  ['Ctrl Z, z', 'undoes a field at a time'],
  ['Ctrl Y, Z', 'does it again'],
] as const;

/** Where a person says how they like it. */
export function PreferencesSheet() {
  const { gallon, letters, units, theme } = usePreferences();
  return (
    <Popover.Root>
      <Popover.Trigger className="cursor-pointer font-semibold">Preferences, keys</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={8}
          collisionPadding={12}
          aria-label="preferences and keys"
          className="z-30 w-96 max-w-[calc(100vw-24px)] border border-ink bg-sheet p-4 text-ink"
        >
          <h2 className="font-head text-lg tracking-wide text-blue uppercase">Preferences on this device</h2>
          <label className="mt-2 flex cursor-pointer items-baseline gap-2">
            <input type="checkbox" checked={letters} onChange={(event) => usePreferences.setState({ letters: event.target.checked })} />
            single letters are keys (z undoes); Ctrl+Z always does
          </label>
          <OneOf
            legend="Figures are shown in"
            options={{ metric: 'metric', inch: 'inch and pound', mixed: 'inches, the rest metric' }}
            is={units}
            choose={(each) => usePreferences.setState({ units: each })}
          />
          <OneOf
            legend="A gallon is"
            options={{ us: 'US, 3.79 L', imperial: 'imperial, 4.55 L' }}
            is={gallon}
            choose={(each) => usePreferences.setState({ gallon: each })}
          />
          <OneOf
            legend="Colours"
            options={{ device: 'as the device has it', day: 'day', evening: 'evening shed' }}
            is={theme}
            choose={(each) => usePreferences.setState({ theme: each })}
          />
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

interface Choices<O extends string> {
  readonly legend: string;
  readonly options: Readonly<Record<O, string>>;
  readonly is: O;
  readonly choose: (option: O) => void;
}

function OneOf<O extends string>({ legend, options, is, choose }: Choices<O>) {
  return (
    <fieldset className="mt-3">
      <legend className="text-sm text-soft">{legend}</legend>
      {(Object.keys(options) as O[]).map((each) => (
        <label key={each} className="mr-4 inline-flex cursor-pointer items-baseline gap-2">
          <input type="radio" name={legend} checked={is === each} onChange={() => choose(each)} />
          {options[each]}
        </label>
      ))}
    </fieldset>
  );
}
