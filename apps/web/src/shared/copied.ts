import { type Build, withoutPartsList } from '@hobrek/core';

/** Longest name of a build. */
const longest = 120;

/** A build to begin another one with. */
export const copied = (build: Build, name: string): Build => ({ ...withoutPartsList(build), name: name.slice(0, longest) });
