import type { Build, Inputs, Line, Setting } from './build.js';
import { withInput } from './paths.js';
import { freeId } from './reshape.js';

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

/** A line with these settings; parts of its duty that were in one that is gone are in none. */
function lineWith({ settings: _, ...line }: Line, settings: readonly Setting[]): Line {
  const phases = line.phases?.map(({ setting, ...phase }) =>
    settings.some(({ id }) => id === setting) ? { ...phase, setting: setting as string } : phase,
  );
  return { ...line, ...(phases ? { phases } : {}), ...(settings.length === 0 ? {} : { settings }) };
}

const inLine = (build: Build, lineId: string, change: (line: Line) => Line): Build => ({
  ...build,
  lines: build.lines.map((line) => (line.id === lineId ? change(line) : line)),
});

/** The build with these settings of a line and no others. @param settings what is otherwise in each, by element and field; one that was there keeps its id */
export const withSettings = (
  build: Build,
  lineId: string,
  settings: readonly { readonly id?: string; readonly name: string; readonly inputs: Inputs }[],
): Build =>
  inLine(build, lineId, (line) => {
    const taken = settings.flatMap(({ id }) => id ?? []);
    const named = settings.map((setting): Setting => {
      const id = setting.id ?? freeId('setting', taken);
      if (setting.id === undefined) taken.push(id);
      return { ...setting, id };
    });
    return lineWith(line, named);
  });

/** The build with one setting of a line less; the last one takes the list with it. */
export const withoutSetting = (build: Build, lineId: string, id: string): Build =>
  inLine(build, lineId, (line) =>
    lineWith(
      line,
      (line.settings ?? []).filter((each) => each.id !== id),
    ),
  );
