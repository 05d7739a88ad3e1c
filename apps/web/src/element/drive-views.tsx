import { ViewsBeside } from './views-beside.js';

const views = [
  ['drive', 'What is there'],
  ['shafts', 'Shafts'],
  ['finder', 'Find a drive'],
] as const;

/** The pages about what lies between motor and tool. */
export const DriveViews = () => <ViewsBeside called="about the drive" views={views} />;
