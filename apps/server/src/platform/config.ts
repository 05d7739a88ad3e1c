import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The folder of the project, from wherever in apps/server this runs: the sources, what was built of them, or the bundle. */
const root = /^(.*)[\\/]apps[\\/]server[\\/]/.exec(fileURLToPath(import.meta.url))?.[1] ?? '.';

export interface Config {
  readonly port: number;
  /** Listens on the network too, and lets devices there in by a code. */
  readonly lan: boolean;
  readonly databaseUrl: string;
  /** The built web application; served when it is there. */
  readonly web: string;
  /** Builds to load into an empty shed, once. */
  readonly demo: string;
  readonly migrations: string;
  /** Where a dump goes before a migration, and the program that makes it. */
  readonly dumps: string;
  readonly pgDump: string;
}

/**
 * Reads the settings of this process from its environment.
 * @throws Error naming the setting that is missing or cannot be
 */
export function configFrom(env: NodeJS.ProcessEnv): Config {
  const asked = env.HOBREK_PORT ?? '4310';
  const port = Number(asked);
  if (!/^[1-9]\d*$/.test(asked) || port > 65_535) throw new Error(`HOBREK_PORT is “${env.HOBREK_PORT}”; it must be a port from 1 to 65535`);
  if (!env.DATABASE_URL) throw new Error('DATABASE_URL is not set: say where PostgreSQL is, or use npm start, which starts its own');
  const { HOBREK_LAN = '' } = env;
  if (!['', '0', '1'].includes(HOBREK_LAN)) throw new Error(`HOBREK_LAN is “${HOBREK_LAN}”; it must be 1, or not set`);
  return {
    port,
    lan: HOBREK_LAN === '1',
    databaseUrl: env.DATABASE_URL,
    web: env.HOBREK_WEB ?? resolve(root, 'apps/web/dist'),
    demo: env.HOBREK_DEMO ?? resolve(root, 'demo'),
    migrations: resolve(root, 'apps/server/migrations'),
    dumps: env.HOBREK_DUMPS ?? resolve(root, '.cache/dumps'),
    pgDump: env.HOBREK_PG_DUMP ?? 'pg_dump',
  };
}
