import type { Build, Element, Role, Stage } from '@hobrek/core';

/** Letters of all that is kept, and of one: what is longer is judged each time. */
const most = { all: 4_000_000, one: 100_000 } as const;

/**
 * Elements that were judged good once, letter for letter. A person changes one element at a time and every change is a save: the others need not be
 * judged again, which is most of the work.
 */
export class GoodElements {
  private readonly known = new Set<string>();
  private letters = 0;

  /** Letters of all that is kept. */
  get held(): number {
    return this.letters;
  }

  /** The document with the inputs of what is known to be good left out, and what to call once the rest is good as well. */
  without(raw: Partial<Build>): { readonly left: object; readonly passed: () => void } {
    const unknown: string[] = [];
    const spare = <E extends Element>(role: Role, element: E): E => {
      if (typeof element !== 'object' || element === null) return element;
      const text = `${role} ${JSON.stringify(element)}`;
      if (this.known.has(text)) return { ...element, inputs: {} };
      unknown.push(text);
      return element;
    };
    if (!Array.isArray(raw.lines)) return { left: raw, passed: () => {} };
    const lines = raw.lines.map((line) => {
      if (typeof line !== 'object' || line === null || !Array.isArray(line.stages)) return line;
      return {
        ...line,
        source: spare('source', line.source),
        stages: line.stages.map((stage: Stage) => spare('stage', stage)),
        work: spare('work', line.work),
      };
    });
    const passed = () => {
      for (const text of unknown) {
        if (text.length > most.one || this.known.has(text)) continue;
        if (this.letters + text.length > most.all) {
          this.known.clear();
          this.letters = 0;
        }
        this.known.add(text);
        this.letters += text.length;
      }
    };
    return { left: { ...raw, lines }, passed };
  }
}
