import { type Build, choose, enter, type FromMark, filledFromMark, type Input, placeAt, same, withInput } from '@hobrek/core';
import { usePreferences } from '../shared/preferences.js';
import type { Editing } from './editing.js';

/** What happens to a field. */
export interface FieldEvents {
  /** A field is visited. */
  fieldEntered(path: string): void;
  /** A field's text changed: read and worked out in the same tick, on its way to the server once typing has paused or the field is left. */
  typed(path: string, text: string): void;
  /** A wheel was dragged to another size: it is chosen then, whatever it was before. */
  sized(path: string, text: string): void;
  /** Rows of a table were added, taken out or put in: one step. */
  rowsChanged(path: string, next: (table: Input | undefined) => Input | undefined): void;
  /** What was typed is a mark or a plate: what it means is filled in, in one step, and told. */
  markTaken(path: string, mark: FromMark, text: string): void;
  /** What stood in a field before it was visited is back. */
  fieldRestored(path: string): void;
  /** A field was left: what is typed next is a step of its own, even in the same field. */
  fieldLeft(): void;
}

/** A visit of a field: what stood there when it began counts again as soon as what is typed cannot be read. */
interface Visit {
  readonly path: string;
  readonly before: Input | undefined;
}

const inputAt = (build: Build, path: string): Input | undefined => placeAt(build, path)?.input;

export function fieldEvents({ document, session, edit, settled }: Editing): FieldEvents & { theirsCome(base: Build, theirs: Build): void } {
  let visit: Visit | null = null;
  const events: FieldEvents = {
    fieldEntered: (path) => {
      if (visit?.path !== path) visit = { path, before: inputAt(document.getState().build, path) };
    },
    typed: (path, text) => {
      events.fieldEntered(path);
      const before = visit?.before;
      const next = (build: Build) => {
        const place = placeAt(build, path);
        return place ? withInput(build, path, enter(place.field, text, before, usePreferences.getState()).input) : build;
      };
      edit(path, next, true);
    },
    sized: (path, text) => {
      events.fieldEntered(path);
      edit(path, (build) => {
        const place = placeAt(build, path);
        return place ? withInput(build, path, choose(place.field, text, visit?.before)) : build;
      });
    },
    rowsChanged: (path, next) => {
      events.fieldLeft();
      edit(`rows ${path}`, (build) => {
        const table = inputAt(build, path);
        const changed = next(table);
        return changed === table ? build : withInput(build, path, changed);
      });
      settled();
    },
    markTaken: (path, mark, text) => {
      const before = visit?.path === path ? visit.before : undefined;
      edit(path, (build) => filledFromMark(build, path, before, mark, usePreferences.getState()));
      events.fieldLeft();
      session.setState(({ notices }) => ({ notices: [...notices, `“${text}” was read as ${mark.says}.`] }));
    },
    fieldRestored: (path) => {
      if (visit?.path !== path) return;
      const { before } = visit;
      // Where nothing was typed there is nothing to undo either.
      edit(path, (build) => (same(inputAt(build, path), before) ? build : withInput(build, path, before)));
    },
    fieldLeft: () => {
      visit = null;
      settled();
    },
  };
  return {
    ...events,
    /** What someone else entered in the field that is visited is what counts again when what is typed here cannot be read. */
    theirsCome: (base, theirs) => {
      if (!visit) return;
      const { path } = visit;
      const [was, is] = [inputAt(base, path), inputAt(theirs, path)];
      if (!same(was, is)) visit = { path, before: is };
    },
  };
}
