import { pieceHead } from '../kinds/pieces.js';
import { isObject, type Plain } from './same.js';

/** What a format 1 build has become, and what could not be put where it belongs, in words. */
interface Raised {
  readonly build: object;
  readonly notices: readonly string[];
}

const listIn = (value: unknown): readonly Plain[] | undefined => (Array.isArray(value) && value.every(isObject) ? value : undefined);

/**
 * A build of format 1 as one of format 2: settings of a source become the line's, forces of a shaft stand by themselves at a place of a line, sections, seats and
 * bearings have ids and kinds. Never changed once it has landed. What is not shaped like a format 1 build is left as it is, for the contract to refuse.
 */
export function asFormat2(raw: Plain): Raised {
  const notices: string[] = [];
  const lines = listIn(raw.lines);
  const raised = lines?.map((line) => lineAsFormat2(line, lines));
  const { shafts, forces } = shaftsAsFormat2(listIn(raw.shafts), lines ?? [], notices);
  return {
    build: {
      ...raw,
      version: 2,
      ...(raised ? { lines: raised } : {}),
      ...(shafts ? { shafts } : {}),
      ...(forces.length > 0 ? { forces } : {}),
    },
    notices,
  };
}

function lineAsFormat2(line: Plain, lines: readonly Plain[]): Plain {
  if (!isObject(line.source)) return line;
  const { settings, from, was, ...source } = line.source;
  const own = listIn(settings);
  // An open place keeps what the settings changed of what was in it: on the line, as if it were still there.
  const held = isObject(was) ? listIn(was.settings) : undefined;
  const all = [...(own ?? []), ...(held ?? [])];
  const named = all.map(({ inputs, ...setting }) => ({
    ...setting,
    inputs: isObject(inputs) ? Object.fromEntries(Object.entries(inputs).map(([name, input]) => [`source/${name}`, input])) : inputs,
  }));
  const { settings: _held, ...before } = isObject(was) ? was : {};
  return {
    ...line,
    source: {
      ...source,
      // What is no list of settings is for the contract to refuse.
      ...(own || settings === undefined ? {} : { settings }),
      ...(from === undefined ? {} : { from: isObject(from) ? fromAsFormat2(from, lines) : from }),
      ...(was === undefined ? {} : { was: isObject(was) && (held || was.settings === undefined) ? before : was }),
    },
    ...(named.length > 0 ? { settings: named } : {}),
  };
}

/** A shaft of another line by the place of that line where it is; its own name where there is none of it. */
function fromAsFormat2({ shaft, ...from }: Plain, lines: readonly Plain[]): Plain {
  const line = lines.find(({ id }) => id === from.line);
  const station = listIn(line?.stations)?.find((each) => each.shaft === shaft || each.id === shaft);
  return { ...from, station: station?.id ?? shaft };
}

function shaftsAsFormat2(shafts: readonly Plain[] | undefined, lines: readonly Plain[], notices: string[]) {
  const forces: Plain[] = [];
  const raised = shafts?.map((shaft) => {
    const { wheels, forces: pulling, sections, bearings, ...rest } = shaft;
    const on = stationOf(shaft.id, lines);
    for (const [k, { name, ...inputs }] of (listIn(pulling) ?? []).entries()) {
      forces.push({ id: `${String(shaft.id).slice(0, 34)}-${k + 1}`, name, ...piece('force', 'pull'), inputs, ...(on ? { on } : {}) });
      if (!on) notices.push(`${String(name)}: no line has the shaft “${String(shaft.name)}” that it pulls at; say where.`);
    }
    const numbered = (word: string, k: number) => ({ id: `${word}-${k + 1}`, name: `${word} ${k + 1}` });
    return {
      ...rest,
      sections: listIn(sections)?.map((inputs, k) => ({ ...numbered('section', k), ...piece('section', 'round'), inputs })) ?? sections,
      seats:
        listIn(wheels)?.map(({ stage, end, ...inputs }, k) => ({
          ...numbered('seat', k),
          ...piece('seat', 'wheel'),
          inputs,
          of: { line: lineOfStage(stage, on, lines), stage, end },
        })) ?? wheels,
      bearings:
        listIn(bearings)?.map(({ name, ...inputs }, k) => ({ ...numbered('bearing', k), name, ...piece('bearing', 'bearing'), inputs })) ?? bearings,
    };
  });
  return { shafts: raised, forces };
}

const piece = (role: Parameters<typeof pieceHead>[0], kind: string) => ({ kind, v: pieceHead(role, kind)?.v ?? 1 });

function stationOf(shaft: unknown, lines: readonly Plain[]): { line: unknown; station: unknown } | undefined {
  for (const line of lines) {
    const station = listIn(line.stations)?.find((each) => each.shaft === shaft);
    if (station) return { line: line.id, station: station.id };
  }
  return undefined;
}

/** The line that has such a stage: that of the shaft where it has one, else any; where none has it, the line that every build was begun with. */
function lineOfStage(stage: unknown, on: { line: unknown } | undefined, lines: readonly Plain[]): unknown {
  const having = lines.filter((line) => listIn(line.stages)?.some(({ id }) => id === stage)).map(({ id }) => id);
  return on && having.includes(on.line) ? on.line : (having[0] ?? 'main');
}
