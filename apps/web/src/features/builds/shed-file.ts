import { type Build, buildFormat, shedFormat, shedVersion } from '@hobrek/core';
import { send } from '../../shared/ask.js';
import { jsonValues } from '../../shared/json-values.js';
import { type Coming, called, isObject, lookAt, type Progress } from './shed-entry.js';

/**
 * Reads a file of this device, of any size, piece by piece: the server reads what comes in as it reads anything, and says where it is wrong. Each build is
 * read again when it is imported, so that none is held meanwhile. Never throws.
 */
export async function readShedFile(file: File, names: ReadonlySet<string>, { says, isStopped }: Progress): Promise<Coming[]> {
  const no = (why: string): Coming[] => [{ key: file.name, name: file.name, says: why }];
  const looked: Coming[] = [];
  try {
    for await (const { value, at, from, to, read } of jsonValues(file, ['$', '$.builds.*', '$.builds.*.notes.*.photos.*'])) {
      if (isStopped()) return no('was not read to its end: it was stopped. Nothing was imported.');
      if (at.length === 0) return whole(value);
      if (at.length !== 2) continue;
      // One after the other: a shed may be large, and the server is one.
      looked.push(await lookAt(value, file.slice(from, to), `${file.name} ${looked.length}`));
      says(`Reading: ${looked.length === 1 ? 'one build' : `${looked.length} builds`}, ${Math.round(100 * read)} % of the file …`);
    }
  } catch (problem) {
    if (problem instanceof DOMException) return no('cannot be read: it was changed, or it is gone. Nothing was imported.');
  }
  return no('is not JSON: it may be damaged, or another kind of file. Nothing was imported.');

  function whole(value: unknown): Coming[] {
    const { format, version, builds } = isObject(value) ? value : {};
    if (format === buildFormat) return [oneBuild(file.name, value as Build, names)];
    if (format !== shedFormat || !Array.isArray(builds)) return no(`is JSON, but neither a build nor a shed: it lacks “format”: “${buildFormat}”.`);
    if (typeof version === 'number' && version > shedVersion) return no('was written by a newer Hobrek, which is needed to open it.');
    return looked.length > 0 ? looked : no('is a shed with no builds in it.');
  }
}

function oneBuild(file: string, build: Build, names: ReadonlySet<string>): Coming {
  const name = called(build);
  return {
    key: file,
    name: file,
    says: `“${name}” will be put into the shed${names.has(name) ? ', beside one of the same name, which stays as it is' : ''}.`,
    bring: async () => {
      await send('POST', 'builds', build);
      return { says: 'is in the shed now.' };
    },
  };
}
