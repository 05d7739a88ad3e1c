/** Names of the databases of a restore: put back beside, and what it takes the place of. */
export const [restoredName, replacedName] = ['hobrek_restored', 'hobrek_replaced'];

const endOrphans = `do $$
begin
  for n in 1..50 loop
    perform pg_terminate_backend(pid) from pg_stat_activity where application_name in ('psql', 'pg_restore') and pid <> pg_backend_pid();
    exit when not found;
    perform pg_sleep(0.1);
    perform pg_stat_clear_snapshot();
  end loop;
end $$`;

/**
 * Finishes or takes back what a restore that was broken off left behind, and says so. Only for who holds the run lock: a restore may be under way.
 * @param admin address of the database `hobrek` for the cluster's superuser
 */
export async function tidyRestores(admin, say) {
  const { default: pg } = await import('pg');
  const postgres = new URL(admin);
  postgres.pathname = '/postgres';
  const client = new pg.Client({ connectionString: String(postgres) });
  await client.connect();
  try {
    // What a killed restore had under way goes on without it: it is ended, and waited for.
    await client.query(endOrphans);
    const { rows } = await client.query(`select datname from pg_database where datname = any ($1)`, [['hobrek', restoredName, replacedName]]);
    const there = new Set(rows.map(({ datname }) => datname));
    if (!there.has('hobrek') && there.has(replacedName)) {
      await client.query(`alter database ${replacedName} rename to hobrek`);
      there.delete(replacedName);
      say('A restore was broken off: what was there before it is back.');
    }
    if (there.has(replacedName)) {
      await client.query(`drop database ${replacedName} with (force)`);
      say('A restore had put its backup in place and was broken off after it: what it replaced is taken away now.');
    }
    if (there.has(restoredName)) {
      await client.query(`drop database ${restoredName} with (force)`);
      say('A restore was broken off before it changed anything: what it had begun is taken away.');
    }
  } finally {
    await client.end();
  }
}
