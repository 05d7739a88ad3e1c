import { getMetadataStorage } from 'class-validator';

/**
 * The validator looks its decorators up anew for every object, through every class there is. Classes do not change once they are made, so what was
 * found for one is kept: with a class a field this is a third of the time a build takes to be judged.
 */
export function rememberMetadata(): void {
  const storage = getMetadataStorage();
  const find = storage.getTargetValidationMetadatas.bind(storage);
  const found = new WeakMap<object, ReturnType<typeof find>>();
  storage.getTargetValidationMetadatas = (target, schema, always, strictGroups, groups) => {
    // Read in any way but the plain one: not remembered. The name that comes with a nested object means a schema of that name, of which there are none.
    if (always || strictGroups || groups?.length) return find(target, schema, always, strictGroups, groups);
    const kept = found.get(target) ?? find(target, schema, always, strictGroups, groups);
    found.set(target, kept);
    return kept;
  };
}
