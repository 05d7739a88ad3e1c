/** Files of a change that a kind by itself should not need. */
export function beyond(files: readonly string[]): string[];
