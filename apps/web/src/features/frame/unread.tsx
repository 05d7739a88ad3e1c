import { draftsIn } from '@hobrek/core';
import { focusField } from '../../open-build/focus-field.js';
import { useDocument, useOpen } from '../../open-build/here.js';

/** How many entries are not read, and the way to the first of them. */
export function Unread() {
  const open = useOpen();
  const paths = useDocument(({ build }) =>
    draftsIn(build)
      .map(({ path }) => path)
      .join(),
  );
  if (paths === '') return null;
  const [first = '', ...others] = paths.split(',');
  return (
    <button
      type="button"
      className="cursor-pointer font-semibold whitespace-nowrap text-fails-word hover:underline"
      onClick={() => focusField(open, first)}
    >
      {others.length === 0 ? 'one entry is not read' : `${others.length + 1} entries are not read`}
    </button>
  );
}
