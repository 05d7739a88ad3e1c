/** Runs a program of PostgreSQL on a database. @param bin folder of the programs; empty for those on the path */
export function programOn(bin: string, url: string, name: string, args: readonly string[], patient?: boolean): Promise<string>;
/** The same database server, another database. */
export function beside(url: string, database: string): string;
