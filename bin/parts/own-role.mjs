import { randomBytes } from 'node:crypto';
import { existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs';

/**
 * The role by which the server works and a backup is put back: it owns the database `hobrek` and is no superuser, so that nothing in a dump can run a program
 * or read a file of this machine.
 */
export const ownRoleName = 'hobrek_own';

/** What was made before there was such a role becomes its own: everything of the schemas that Hobrek has. */
const takeOver = `do $$
declare each record;
begin
  for each in select nspname from pg_namespace where nspname in ('public', 'drizzle') and nspowner <> '${ownRoleName}'::regrole
    and nspname <> 'public' loop
    execute format('alter schema %I owner to ${ownRoleName}', each.nspname);
  end loop;
  for each in select n.nspname, c.relname from pg_class c join pg_namespace n on n.oid = c.relnamespace
    where n.nspname in ('public', 'drizzle') and c.relkind in ('r', 'p', 'v', 'm') and c.relowner <> '${ownRoleName}'::regrole loop
    execute format('alter table %I.%I owner to ${ownRoleName}', each.nspname, each.relname);
  end loop;
end $$`;

/**
 * Makes the role where it is not there, and gives it the database.
 * @param admin address of the database for the cluster's superuser
 * @param place where its password is kept, beside that of the superuser
 * @returns its password
 */
export async function ownRole(admin, { ownSecret }) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: admin });
  await client.connect();
  try {
    const { rows } = await client.query('select rolsuper from pg_roles where rolname = $1', [ownRoleName]);
    const known = existsSync(ownSecret) ? readFileSync(ownSecret, 'utf8').trim() : '';
    const secret = known || randomBytes(24).toString('base64url');
    if (rows.length === 0) await client.query(`create role ${ownRoleName} login nosuperuser nocreatedb nocreaterole`);
    if (rows.length === 0 || !known) await client.query(`alter role ${ownRoleName} password '${secret}'`);
    if (!known) {
      writeFileSync(`${ownSecret}.new`, secret, { mode: 0o600 });
      renameSync(`${ownSecret}.new`, ownSecret);
    }
    await client.query(`alter database hobrek owner to ${ownRoleName}`);
    await client.query(takeOver);
    return secret;
  } finally {
    await client.end();
  }
}
