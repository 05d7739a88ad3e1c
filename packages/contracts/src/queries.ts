import 'reflect-metadata';
import { type UnitHabit, unitHabits } from '@hobrek/core';
import { Transform } from 'class-transformer';
import { IsIn, IsString, IsUUID, Max, Min, ValidateBy } from 'class-validator';
import { all, given } from './decorators.js';

/** A text that can be looked for: whole characters, none of them nought. */
const IsPlainText = () =>
  ValidateBy({
    name: 'isPlainText',
    validator: {
      validate: (text: unknown) => typeof text === 'string' && !text.includes('\u0000') && text.isWellFormed(),
      defaultMessage: () => '$property must be a text without broken characters',
    },
  });

/** A whole number in an address: as a number where it is one, otherwise as it came, to be refused. */
const wholeNumber = (most: number): PropertyDecorator =>
  all(
    Transform(({ value }) => (typeof value === 'string' && /^\d{1,7}$/.test(value) ? Number(value) : value)),
    Min(0, { message: '$property must be a whole number' }),
    Max(most),
  );

/** Words that a build’s name or sentence holds; longer ones are looked for by their beginning. */
export class FindQuery {
  @given()
  @IsPlainText()
  @Transform(({ value }) => (typeof value === 'string' ? value.trim().slice(0, 80) : value))
  find?: string;
}

/** In which units a person reads. */
const isHabit = (): PropertyDecorator => all(given(), IsIn(unitHabits));

/** In which order builds are listed: the latest change first, what fails first, or by name. */
export type ListOrder = 'newest' | 'worst' | 'name';

/** Which builds a list shows, and in which order. */
export class OrderQuery extends FindQuery {
  @given()
  @IsIn(['newest', 'worst', 'name'])
  sort?: ListOrder;
}

/** The same, from where on and in which units. */
export class ListQuery extends OrderQuery {
  @given()
  @wholeNumber(9_999_999)
  from?: number;

  /** How many of them; a hundred where it is not said. */
  @given()
  @wholeNumber(100)
  many?: number;

  @isHabit()
  units?: UnitHabit;
}

/** Where in a list to go on. */
export class FromQuery {
  @given()
  @wholeNumber(9_999_999)
  from?: number;
}

/** In which units a row of the list is told. */
export class UnitsQuery {
  @isHabit()
  units?: UnitHabit;
}

/** On what paper, in which units. */
export class PageQuery {
  @given()
  @IsIn(['a4', 'letter'])
  paper?: 'a4' | 'letter';

  @isHabit()
  units?: UnitHabit;
}

export class PhotoQuery {
  @given()
  @IsIn(['small', 'whole'])
  size?: 'small' | 'whole';
}

/** From which version a change was made; what is none is answered as a change that does not say its version. */
export class MatchHeaders {
  @given()
  @IsString()
  'if-match'?: string;
}

/** Who sends it; a name that cannot be decoded is none. */
export class ByHeaders {
  @given()
  @IsString()
  by?: string;
}

/** A save: from which version, by whom, and by what names it and its step are known again. */
export class SaveHeaders extends MatchHeaders {
  @given()
  @IsString()
  by?: string;

  @given()
  @IsUUID()
  'save-id'?: string;

  @given()
  @IsUUID()
  'step-id'?: string;
}
