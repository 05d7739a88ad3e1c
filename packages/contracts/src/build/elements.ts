import { isOpen, type KindHead, kindHeads, type PieceHead, type PieceRole, pieceHeads, type Role } from '@hobrek/core';
import { Allow, Equals, IsIn, IsInt, IsString, Length, Matches } from 'class-validator';
import { type ByKind, type Class, given, nested, nestedByKind } from '../decorators.js';
import { inputsClass } from './entries.js';
import { limits, slug } from './limits.js';

/** A place of a line between its stages. */
export class AtContract {
  @Matches(slug)
  line: string;

  @Matches(slug)
  station: string;
}

/** What only one role has, beside kind, version and inputs. */
const extras: Record<Role, (prototype: object) => void> = {
  source: (prototype) => {
    given()(prototype, 'feed');
    nestedByKind(elementClasses('feed'))(prototype, 'feed');
    given()(prototype, 'from');
    nested(AtContract)(prototype, 'from');
  },
  stage: (prototype) => Matches(slug)(prototype, 'id'),
  work: () => {},
  feed: () => {},
};

/** What an element was before, of some kinds of its role. */
function heldClasses(role: Role, isHeld: (head: KindHead) => boolean): ByKind {
  const heads = kindHeads(role).filter(isHeld);
  class HeldContract {}
  class UnknownHeldContract extends HeldContract {}
  IsIn(heads.map((head) => head.kind))(UnknownHeldContract.prototype, 'kind');
  for (const name of ['v', 'inputs']) Allow()(UnknownHeldContract.prototype, name);
  const classes = heads.map((head) => {
    class KindHeldContract extends HeldContract {}
    versioned(KindHeldContract.prototype, head, inputsClass(head));
    return { name: head.kind, value: KindHeldContract };
  });
  return { base: HeldContract, fallback: UnknownHeldContract, classes };
}

function versioned(prototype: object, { kind, v }: Pick<PieceHead | KindHead, 'kind' | 'v'>, inputs: Class): void {
  Equals(kind)(prototype, 'kind');
  IsInt()(prototype, 'v');
  Equals(v)(prototype, 'v');
  nested(inputs)(prototype, 'inputs');
}

/** The contract classes of a role, made from the registry: a new kind needs nothing here. */
export function elementClasses(role: Role): ByKind {
  const heads = kindHeads(role);
  // Of an open place anything that was in it; of another what was looked at before it was taken for that.
  const opened = heldClasses(role, (head) => !isOpen(head));
  const held = heldClasses(role, (head) => head.observes === true);
  class ElementContract {}
  // What is of no known kind is refused for its kind, not for having inputs.
  class UnknownKindContract extends ElementContract {}
  IsIn(heads.map((head) => head.kind))(UnknownKindContract.prototype, 'kind');
  for (const name of ['id', 'v', 'inputs', 'feed', 'from', 'was']) Allow()(UnknownKindContract.prototype, name);
  const classes = heads.map((head) => {
    class KindContract extends ElementContract {}
    versioned(KindContract.prototype, head, inputsClass(head));
    const was = isOpen(head) ? opened : head.observes ? null : held;
    if (was && was.classes.length > 0) {
      given()(KindContract.prototype, 'was');
      nestedByKind(was)(KindContract.prototype, 'was');
    }
    extras[role](KindContract.prototype);
    return { name: head.kind, value: KindContract };
  });
  return { base: ElementContract, fallback: UnknownKindContract, classes };
}

/** The contract classes of what is kept besides the elements of the lines. @param extra what only one role has */
export function pieceClasses(role: PieceRole, extra: (prototype: object) => void = () => {}): ByKind {
  const heads = pieceHeads(role);
  class PieceContract {}
  const named = (prototype: object) => {
    Matches(slug)(prototype, 'id');
    IsString()(prototype, 'name');
    Length(1, limits.name)(prototype, 'name');
    extra(prototype);
  };
  class UnknownKindContract extends PieceContract {}
  IsIn(heads.map(({ kind }) => kind))(UnknownKindContract.prototype, 'kind');
  for (const name of ['id', 'name', 'v', 'inputs', 'of', 'on']) Allow()(UnknownKindContract.prototype, name);
  const classes = heads.map((head) => {
    class KindContract extends PieceContract {}
    versioned(KindContract.prototype, head, inputsClass(head));
    named(KindContract.prototype);
    return { name: head.kind, value: KindContract };
  });
  return { base: PieceContract, fallback: UnknownKindContract, classes };
}
