/** The rows of a table as options of a choice, each by its label. */
export const labelsOf = <N extends string>(rows: Readonly<Record<N, { readonly label: string }>>): Readonly<Record<N, string>> =>
  Object.fromEntries(Object.entries<{ readonly label: string }>(rows).map(([name, { label }]) => [name, label])) as Record<N, string>;
