import { type Element, elementsOf, fieldWords, kindHead, lineOf, type Role } from '@hobrek/core';
import { memo } from 'react';
import { useSession } from '../../open-build/here.js';
import { useFollowed } from '../../open-build/in-sight.js';

/** The drawing as a table, for who cannot see it: each element from source to work, with what is entered of it, when typing has paused. */
export function PathTable() {
  const shown = useSession(({ line }) => line);
  const line = useFollowed(false, ({ build }) => lineOf(build, shown));
  return (
    // A table does not shrink to the one pixel of what only screen readers see; what holds it does.
    <div className="sr-only">
      <table>
        <caption>Power path from motor to work</caption>
        <thead>
          <tr>
            <th scope="col">element</th>
            <th scope="col">entered</th>
          </tr>
        </thead>
        <tbody>
          {elementsOf(line).map(({ role, path, element }) => (
            <Row key={path} role={role} element={element} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Drawn again only when something of the element changes. */
const Row = memo(function Row({ role, element }: { role: Role; element: Element }) {
  return (
    <tr>
      <th scope="row">{kindHead(role, element.kind)?.label ?? element.kind}</th>
      <td>{entered(role, element) || 'nothing entered yet'}</td>
    </tr>
  );
});

function entered(role: Role, element: Element): string {
  const fields = Object.entries(kindHead(role, element.kind)?.fields ?? {});
  return fields
    .flatMap(([name, field]) => {
      const words = fieldWords(field, element.inputs[name]);
      return words ? [`${field.label} ${words}`] : [];
    })
    .join(', ');
}
