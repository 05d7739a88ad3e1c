import { type Build, elementsOf, type Inputs, withEntriesOf } from '@hobrek/core';

/** What was entered in an element while it was of a kind, by its path and that kind. */
type Left = Readonly<Record<string, Inputs>>;

const keyOf = (path: string, kind: string): string => `${path} ${kind}`;
const elementAt = (build: Build, path: string) => build.lines.flatMap(elementsOf).find((each) => each.path === path)?.element;

/**
 * Whoever changes the kind of an element and comes back to it finds what was entered: kept while the tab is open, across a reload. It is no part of the build.
 * @param id of the build
 */
export function leftEntries(id: string) {
  const name = `hobrek:left:${id}`;
  const read = (): Left => {
    try {
      return JSON.parse(sessionStorage.getItem(name) ?? '{}') as Left;
    } catch {
      return {};
    }
  };
  const write = (left: Left) => {
    try {
      sessionStorage.setItem(name, JSON.stringify(left));
    } catch {
      // A device without room for it forgets what was left; nothing of the build is lost.
    }
  };
  return {
    /** The build with an element changed to another kind, and what was entered while it was of that kind before. */
    changed(build: Build, path: string, change: (build: Build) => Build): Build {
      const was = elementAt(build, path);
      const after = change(build);
      const is = elementAt(after, path);
      if (!was || !is || was.kind === is.kind) return after;
      const left = read();
      write({ ...left, [keyOf(path, was.kind)]: was.inputs });
      const before = left[keyOf(path, is.kind)];
      return before ? withEntriesOf(after, path, before) : after;
    },
  };
}
