import { type Build, buildFormat, buildVersion, supplyFields, wishFields } from '@hobrek/core';
import { ArrayMinSize, Equals, IsIn, IsString, Length, Matches, MaxLength } from 'class-validator';
import { given, nested, nestedByKind, nestedList, nestedListByKind } from '../decorators.js';
import { elementClasses } from './elements.js';
import { AnyEntryContract, inputsClass } from './entries.js';
import { limits, slug } from './limits.js';

const sources = elementClasses('source');
const stages = elementClasses('stage');
const works = elementClasses('work');

class StationContract {
  @Matches(slug)
  id: string;

  @IsString()
  @Length(1, limits.name)
  name: string;

  @given()
  @Matches(slug)
  shaft?: string;
}

class LineContract {
  @Matches(slug)
  id: string;

  @IsString()
  @MaxLength(limits.name)
  name: string;

  @nestedByKind(sources)
  source: object;

  @nestedListByKind(stages, limits.stages)
  stages: object[];

  @nestedByKind(works)
  work: object;

  @nestedList(StationContract, limits.stages + 1)
  stations: StationContract[];
}

class SectionContract {
  @nested(AnyEntryContract)
  length: object;

  @nested(AnyEntryContract)
  diameter: object;
}

class WheelContract {
  @Matches(slug)
  stage: string;

  @IsIn(['in', 'out'])
  end: 'in' | 'out';

  @nested(AnyEntryContract)
  at: object;
}

class BearingContract {
  @IsString()
  @Length(1, limits.name)
  name: string;

  @nested(AnyEntryContract)
  at: object;
}

class StoredForceContract {
  @IsString()
  @Length(1, limits.name)
  name: string;

  @nested(AnyEntryContract)
  at: object;

  @nested(AnyEntryContract)
  force: object;
}

class ShaftContract {
  @Matches(slug)
  id: string;

  @IsString()
  @Length(1, limits.name)
  name: string;

  @nestedList(SectionContract, limits.sections)
  sections: SectionContract[];

  @nestedList(WheelContract, limits.wheels)
  wheels: WheelContract[];

  @nestedList(BearingContract, limits.bearings)
  bearings: BearingContract[];

  @nestedList(StoredForceContract, limits.forces)
  forces: StoredForceContract[];
}

const SupplyContract = inputsClass({ fields: supplyFields });
const WishesContract = inputsClass({ fields: wishFields });

/** A build as it may cross an edge: shape and absurd values are refused, missing inputs are not. */
export class BuildContract {
  @Equals(buildFormat)
  format: Build['format'];

  @Equals(buildVersion)
  version: Build['version'];

  @IsString()
  @Length(1, limits.title)
  name: string;

  @IsString()
  @MaxLength(limits.brief)
  brief: string;

  @nested(SupplyContract)
  supply: object;

  @given()
  @nested(WishesContract)
  wishes?: object;

  @nestedList(LineContract, limits.lines)
  @ArrayMinSize(1)
  lines: LineContract[];

  @nestedList(ShaftContract, limits.shafts)
  shafts: ShaftContract[];

  @IsString()
  @MaxLength(limits.notes)
  notes: string;
}
