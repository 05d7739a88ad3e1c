/** What to beware of, a line each; nothing where there is nothing. */
export function Cautions({ lines }: { lines: string }) {
  if (lines === '') return null;
  return (
    <ul aria-label="cautions" className="mt-3 border-l-2 border-brass pl-3 text-sm text-soft">
      {lines.split('\n').map((caution) => (
        <li key={caution} className="mb-1">
          {caution}
        </li>
      ))}
    </ul>
  );
}
