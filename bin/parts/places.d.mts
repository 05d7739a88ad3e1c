/** The checkout, and what is kept in it that is no part of it. */
export const root: string;
export const cache: string;
/** A program of the project's own. @throws Error when it is not installed */
export function tool(name: string): string;
