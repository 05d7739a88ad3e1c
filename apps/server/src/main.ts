import { createApp } from './app.js';
import { openDatabase } from './db/database.js';
import { loadDemo } from './db/demo.js';
import { migrateDatabase } from './db/migrate.js';
import { backUpDaily } from './modules/backups/backups.js';
import { BuildsRepository } from './modules/builds/builds.repository.js';
import { NotesRepository } from './modules/notes/notes.repository.js';
import { SessionsRepository } from './modules/pairing/sessions.repository.js';
import { type Config, configFrom } from './platform/config.js';
import { lanAddresses } from './platform/lan.js';

const say = (line: string) => process.stdout.write(`${line}\n`);

async function prepare(config: Config): Promise<void> {
  await migrateDatabase(config, say);
  const database = openDatabase(config.databaseUrl);
  try {
    const loaded = await loadDemo(database, config.demo);
    if (loaded > 0) say(`Loaded the demo shed: ${loaded} ${loaded === 1 ? 'build' : 'builds'}`);
  } finally {
    await database.$client.end();
  }
}

const hour_ms = 60 * 60 * 1000;

/** Looks once an hour whether a day has gone by: then a backup is made, and only after it old states are thinned. What fails is said and tried again. */
function lookAfter(config: Config, builds: BuildsRepository, notes: NotesRepository, sessions: SessionsRepository): void {
  const look = async () => {
    try {
      if (!(await backUpDaily(config))) return;
      await builds.thin();
      await builds.forget();
      await notes.sweep();
      await sessions.sweep();
    } catch (error) {
      process.stderr.write(`The daily backup failed: ${(error as Error).message}\n`);
    }
  };
  if (process.env.HOBREK_DAILY === 'off') return;
  setTimeout(() => void look(), 5_000).unref();
  setInterval(() => void look(), hour_ms).unref();
}

try {
  const config = configFrom(process.env);
  await prepare(config);
  const app = await createApp(config);
  await app.listen(config.port, config.lan ? '0.0.0.0' : '127.0.0.1');
  lookAfter(
    config,
    app.get(BuildsRepository, { strict: false }),
    app.get(NotesRepository, { strict: false }),
    app.get(SessionsRepository, { strict: false }),
  );
  if (config.lan) {
    const where = lanAddresses().map((address) => `http://${address}:${config.port}`);
    say(
      `On the network: ${where.join(', ') || 'no address of this machine on a network was found'}. A device is let in by the code that the page Phone shows.`,
    );
  }
  // Started by a parent that talks to it: tell it, and go when it goes, even if it was killed.
  process.send?.({ listening: config.port });
  process.on('disconnect', () => process.kill(process.pid, 'SIGTERM'));
} catch (error) {
  const { code, message } = error as NodeJS.ErrnoException;
  const taken = code === 'EADDRINUSE';
  process.stderr.write(
    taken
      ? `Port ${process.env.HOBREK_PORT ?? 4310} is taken by another program. Set HOBREK_PORT to a free one.\n`
      : `Hobrek could not start: ${message || code}\n`,
  );
  process.exit(taken ? 98 : 1);
}
