import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsDefined, IsInstance, ValidateIf, ValidateNested } from 'class-validator';

export type Class = new () => object;

/** Checked only when it is there; unlike IsOptional it does not let `null` through. */
export const given = () => ValidateIf((_, value) => value !== undefined);

/** Several as one. */
export function all(...decorators: PropertyDecorator[]): PropertyDecorator {
  return (target, name) => {
    for (const decorate of decorators) decorate(target, name);
  };
}

/** An object of this class, checked inside. A list in its place, which ValidateNested alone would take, is refused. */
export const nested = (type: Class): PropertyDecorator =>
  all(
    IsDefined(),
    IsInstance(type),
    ValidateNested(),
    Type(() => type),
  );

/** A list of objects of this class, each checked inside. */
export const nestedList = (type: Class, most: number): PropertyDecorator =>
  all(
    IsArray(),
    ArrayMaxSize(most),
    IsInstance(type, { each: true }),
    ValidateNested({ each: true }),
    Type(() => type),
  );

/** One class per kind, told apart by `kind`; an unknown kind becomes a `fallback`, whose own check on `kind` refuses it. */
export interface ByKind {
  readonly base: Class;
  readonly fallback: Class;
  readonly classes: readonly { readonly name: string; readonly value: Class }[];
}

const typeByKind = ({ fallback, classes }: ByKind): PropertyDecorator =>
  Type(() => fallback, { keepDiscriminatorProperty: true, discriminator: { property: 'kind', subTypes: [...classes] } });

export const nestedByKind = (kinds: ByKind): PropertyDecorator => all(IsDefined(), IsInstance(kinds.base), ValidateNested(), typeByKind(kinds));

export const nestedListByKind = (kinds: ByKind, most: number): PropertyDecorator =>
  all(IsArray(), ArrayMaxSize(most), IsInstance(kinds.base, { each: true }), ValidateNested({ each: true }), typeByKind(kinds));
