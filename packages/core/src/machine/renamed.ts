/**
 * Names that were changed, old to new: last parts of paths of figures, checks and fields, and ids of formulas. The reasons are in
 * docs/decisions/0018-words.md, which has the same table.
 */
export const renamed: Readonly<Record<string, string>> = {
  // Fields
  kept: 'efficiency',
  gives: 'deflection',
  // Figures
  'gives-at': 'releases-at',
  'jam-brings': 'jam-torque',
  'stands-stalled': 'withstands-stall',
  'tension-wanted': 'tension-needed',
  // Checks
  'check-wanted': 'check-wished',
  // Formulas
  'asked-back': 'needed-before',
  'stiff-swing-torque': 'stiff-stopping-torque',
  'swing-torque': 'stopping-torque',
  'wanted-tension': 'needed-tension',
};

/** The path as it is called now; nothing where it was never called otherwise. */
export function newNameOf(path: string): string | undefined {
  const at = path.lastIndexOf('/') + 1;
  const name = renamed[path.slice(at)];
  return name && `${path.slice(0, at)}${name}`;
}
