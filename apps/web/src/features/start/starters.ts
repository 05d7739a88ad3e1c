/** The machines to begin from, with all kinds they are made of: comes in when someone looks for one. */
export { starters, startFrom } from '@hobrek/core';
