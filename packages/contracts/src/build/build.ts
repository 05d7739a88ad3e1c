import { type Build, buildFormat, buildVersion } from '@hobrek/core';
import { ArrayMinSize, Equals, IsIn, IsString, Length, Matches, MaxLength } from 'class-validator';
import { given, nested, nestedByKind, nestedList, nestedListByKind } from '../decorators.js';
import { elementClasses, slug } from './elements.js';
import { AnyEntryContract } from './quantity-input.js';

const sources = elementClasses('source');
const stages = elementClasses('stage');
const works = elementClasses('work');

class StationContract {
  @Matches(slug)
  id: string;

  @IsString()
  @Length(1, 80)
  name: string;

  @given()
  @Matches(slug)
  shaft?: string;
}

class LineContract {
  @Matches(slug)
  id: string;

  @IsString()
  @MaxLength(80)
  name: string;

  @nestedByKind(sources)
  source: object;

  @nestedListByKind(stages, 40)
  stages: object[];

  @nestedByKind(works)
  work: object;

  @nestedList(StationContract, 41)
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
  @Length(1, 80)
  name: string;

  @nested(AnyEntryContract)
  at: object;
}

class StoredForceContract {
  @IsString()
  @Length(1, 80)
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
  @Length(1, 80)
  name: string;

  @nestedList(SectionContract, 60)
  sections: SectionContract[];

  @nestedList(WheelContract, 40)
  wheels: WheelContract[];

  @nestedList(BearingContract, 20)
  bearings: BearingContract[];

  @nestedList(StoredForceContract, 20)
  forces: StoredForceContract[];
}

class SupplyContract {
  @given()
  @nested(AnyEntryContract)
  voltage?: object;

  @given()
  @nested(AnyEntryContract)
  frequency?: object;

  @given()
  @nested(AnyEntryContract)
  breaker?: object;
}

/** A build as it may cross an edge: shape and absurd values are refused, missing inputs are not. */
export class BuildContract {
  @Equals(buildFormat)
  format: Build['format'];

  @Equals(buildVersion)
  version: Build['version'];

  @IsString()
  @Length(1, 120)
  name: string;

  @IsString()
  @MaxLength(4_000)
  brief: string;

  @nested(SupplyContract)
  supply: SupplyContract;

  @nestedList(LineContract, 12)
  @ArrayMinSize(1)
  lines: LineContract[];

  @nestedList(ShaftContract, 60)
  shafts: ShaftContract[];

  @IsString()
  @MaxLength(20_000)
  notes: string;
}
