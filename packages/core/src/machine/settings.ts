import type { Build, Inputs, Line, Setting } from './build.js';
import { withInput } from './paths.js';

/**
 * The build with a line as it is in one of its settings: what that changes is entered, and the line has no settings.
 * @throws RangeError when the line is not there
 */
export function inSetting(build: Build, lineId: string, { inputs }: Pick<Setting, 'inputs'>): Build {
  const at = build.lines.findIndex(({ id }) => id === lineId);
  if (at < 0) throw new RangeError(`The build has no line ${lineId}`);
  const { settings: _, ...line } = build.lines[at] as Line;
  const alone: Build = { ...build, lines: build.lines.with(at, line) };
  return Object.entries(inputs).reduce((now, [place, input]) => {
    const [element = ''] = place.split('/');
    // What it changed of an element that is gone changes nothing.
    const isThere = ['source', 'feed', 'work'].includes(element) || line.stages.some(({ id }) => id === element);
    return isThere ? withInput(now, `${lineId}/${place}`, input) : now;
  }, alone);
}

/** The build with these settings of a line and no others. @param settings what is otherwise in each, by element and field */
export const withSettings = (build: Build, lineId: string, settings: readonly { readonly name: string; readonly inputs: Inputs }[]): Build => ({
  ...build,
  lines: build.lines.map((line): Line => {
    if (line.id !== lineId) return line;
    const { settings: _, ...bare } = line;
    return settings.length === 0 ? bare : { ...bare, settings: settings.map((each, k) => ({ id: `setting-${k + 1}`, ...each })) };
  }),
});

/** The build with one setting of a line less; the last one takes the list with it. */
export const withoutSetting = (build: Build, lineId: string, id: string): Build => ({
  ...build,
  lines: build.lines.map((line): Line => {
    if (line.id !== lineId || !line.settings) return line;
    const { settings, ...bare } = line;
    const left = settings.filter((each) => each.id !== id);
    return left.length === 0 ? bare : { ...bare, settings: left };
  }),
});
