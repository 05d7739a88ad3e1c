import { type Build, buildFormat, buildVersion, finderFields, phaseFields, supplyFields, wishFields } from '@hobrek/core';
import { ArrayMinSize, Equals, IsDefined, IsIn, IsString, Length, Matches, MaxLength } from 'class-validator';
import { given, nested, nestedByKind, nestedList, nestedListByKind } from '../decorators.js';
import { AtContract, elementClasses, pieceClasses } from './elements.js';
import { anyInputs, inputsClass } from './entries.js';
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

class SettingContract {
  @Matches(slug)
  id: string;

  @IsString()
  @Length(1, limits.name)
  name: string;

  @IsDefined()
  @anyInputs
  inputs: object;
}

class PhaseContract {
  @Matches(slug)
  id: string;

  @IsString()
  @Length(1, limits.name)
  name: string;

  @given()
  @Matches(slug)
  setting?: string;

  @nested(inputsClass({ fields: phaseFields }))
  inputs: object;
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

  @given()
  @nestedList(SettingContract, limits.settings)
  settings?: SettingContract[];

  @given()
  @nestedList(PhaseContract, limits.phases)
  phases?: PhaseContract[];
}

class WheelContract {
  @Matches(slug)
  line: string;

  @Matches(slug)
  stage: string;

  @IsIn(['in', 'out'])
  end: 'in' | 'out';
}

const sections = pieceClasses('section');
const seats = pieceClasses('seat', (prototype) => nested(WheelContract)(prototype, 'of'));
const bearings = pieceClasses('bearing');
const forces = pieceClasses('force', (prototype) => {
  given()(prototype, 'on');
  nested(AtContract)(prototype, 'on');
});

class ShaftContract {
  @Matches(slug)
  id: string;

  @IsString()
  @Length(1, limits.name)
  name: string;

  @nestedListByKind(sections, limits.sections)
  sections: object[];

  @nestedListByKind(seats, limits.wheels)
  seats: object[];

  @nestedListByKind(bearings, limits.bearings)
  bearings: object[];
}

const SupplyContract = inputsClass({ fields: supplyFields });
const WishesContract = inputsClass({ fields: wishFields });
const FinderContract = inputsClass({ fields: finderFields });

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

  @given()
  @nested(FinderContract)
  finder?: object;

  @nestedList(LineContract, limits.lines)
  @ArrayMinSize(1)
  lines: LineContract[];

  @nestedList(ShaftContract, limits.shafts)
  shafts: ShaftContract[];

  @given()
  @nestedListByKind(forces, limits.forces)
  forces?: object[];

  @IsString()
  @MaxLength(limits.notes)
  notes: string;
}
