import type { Build, Element, Role, Stage } from '@hobrek/core';

const most = 2_000;

/**
 * Elements that were judged good once, letter for letter. A person changes one element at a time and every change is a save: the others need not be
 * judged again, which is most of the work.
 */
export class GoodElements {
  private readonly known = new Set<string>();

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
      if (this.known.size + unknown.length > most) this.known.clear();
      for (const text of unknown) this.known.add(text);
    };
    return { left: { ...raw, lines }, passed };
  }
}
