/** The machines to begin from, with all kinds they are made of: comes in when someone starts a build, not with the list. */
export { starters, startFrom } from '@hobrek/core';
