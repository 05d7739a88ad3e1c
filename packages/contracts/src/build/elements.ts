import { isOpen, type KindHead, kindHeads, type Role } from '@hobrek/core';
import { Allow, Equals, IsIn, IsInt, IsString, Length, Matches } from 'class-validator';
import { type ByKind, type Class, given, nested, nestedByKind, nestedList } from '../decorators.js';
import { inputsClass } from './entries.js';
import { limits, slug } from './limits.js';

class ShaftOfLineContract {
  @Matches(slug)
  line: string;

  @Matches(slug)
  shaft: string;
}

/** A setting of a source overrides some of its inputs. */
function settingClass(inputs: Class): Class {
  class SettingContract {}
  Matches(slug)(SettingContract.prototype, 'id');
  IsString()(SettingContract.prototype, 'name');
  Length(1, limits.name)(SettingContract.prototype, 'name');
  nested(inputs)(SettingContract.prototype, 'inputs');
  return SettingContract;
}

/** What only one role has, beside kind, version and inputs. */
const extras: Record<Role, (prototype: object, inputs: Class) => void> = {
  source: (prototype, inputs) => {
    nestedList(settingClass(inputs), limits.settings)(prototype, 'settings');
    given()(prototype, 'feed');
    nestedByKind(elementClasses('feed'))(prototype, 'feed');
    given()(prototype, 'from');
    nested(ShaftOfLineContract)(prototype, 'from');
  },
  stage: (prototype) => Matches(slug)(prototype, 'id'),
  work: () => {},
  feed: () => {},
};

/** What an open place was before: of any kind of its role that is not open itself. */
function heldClasses(role: Role): ByKind {
  const heads = kindHeads(role).filter((head) => !isOpen(head));
  class HeldContract {}
  class UnknownHeldContract extends HeldContract {}
  IsIn(heads.map((head) => head.kind))(UnknownHeldContract.prototype, 'kind');
  for (const name of ['v', 'inputs', 'settings']) Allow()(UnknownHeldContract.prototype, name);
  const classes = heads.map((head) => {
    class KindHeldContract extends HeldContract {}
    const inputs = inputsClass(head);
    versioned(KindHeldContract.prototype, head, inputs);
    if (role === 'source') {
      given()(KindHeldContract.prototype, 'settings');
      nestedList(settingClass(inputs), limits.settings)(KindHeldContract.prototype, 'settings');
    }
    return { name: head.kind, value: KindHeldContract };
  });
  return { base: HeldContract, fallback: UnknownHeldContract, classes };
}

function versioned(prototype: object, { kind, v }: Pick<KindHead, 'kind' | 'v'>, inputs: Class): void {
  Equals(kind)(prototype, 'kind');
  IsInt()(prototype, 'v');
  Equals(v)(prototype, 'v');
  nested(inputs)(prototype, 'inputs');
}

/** The contract classes of a role, made from the registry: a new kind needs nothing here. */
export function elementClasses(role: Role): ByKind {
  const heads = kindHeads(role);
  class ElementContract {}
  // What is of no known kind is refused for its kind, not for having inputs.
  class UnknownKindContract extends ElementContract {}
  IsIn(heads.map((head) => head.kind))(UnknownKindContract.prototype, 'kind');
  for (const name of ['id', 'v', 'inputs', 'settings', 'feed', 'from', 'was']) Allow()(UnknownKindContract.prototype, name);
  const classes = heads.map((head) => {
    class KindContract extends ElementContract {}
    const inputs = inputsClass(head);
    versioned(KindContract.prototype, head, inputs);
    if (isOpen(head)) {
      given()(KindContract.prototype, 'was');
      nestedByKind(heldClasses(role))(KindContract.prototype, 'was');
    }
    extras[role](KindContract.prototype, inputs);
    return { name: head.kind, value: KindContract };
  });
  return { base: ElementContract, fallback: UnknownKindContract, classes };
}
