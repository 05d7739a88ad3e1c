// `npm run bench -- shed`: a large shed taken as one file and imported into an empty one by the page, and how much memory that needs. Ten minutes or more: only
// when asked for. `HOBREK_SHED` sets how many builds; each has five notes and one photo of about a megabyte.
import { randomBytes } from 'node:crypto';
import { createWriteStream, mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { withBrowser } from './keystrokes.mjs';

const count = Number(process.env.HOBREK_SHED ?? 2_000);
const megabytes = (bytes) => `${Math.round(bytes / 1e6)} MB`;

/** Server and page, each its most. @param withServer starts a server with a database of its own */
export async function largeShed(withServer, post, demo, row, say) {
  const folder = mkdtempSync(join(tmpdir(), 'hobrek-shed-'));
  const file = join(folder, 'shed.json');
  try {
    await withServer(async (base, client, pid) => {
      say(`Putting ${count} builds with ${5 * count} notes and ${count} photos into a shed …`);
      await filled(base, client, post, demo);
      say(`the server’s memory before: ${megabytes(resident(pid))}`);
      const most = watched(() => resident(pid));
      const from = performance.now();
      const answer = await fetch(`${base}/api/shed`);
      await pipeline(Readable.fromWeb(answer.body), createWriteStream(file));
      const seconds = (performance.now() - from) / 1_000;
      row(`all of ${count} builds taken: the server’s memory`, megabytes(await most()), 'wanted: 300 MB');
      say(`${megabytes(statSync(file).size)} in ${seconds.toFixed(0)} s`);
    });
    await withServer(async (base, client, pid) => {
      // Not that of a browser that is open for something else.
      const others = new Set(withWord(pageProcess));
      await withBrowser(async (browser) => {
        const page = await browser.newPage();
        await page.goto(`${base}/?all`);
        await page.getByTestId('bring-in').waitFor({ state: 'attached' });
        const [renderer] = withWord(pageProcess)
          .filter((each) => !others.has(each))
          .sort((a, b) => own(b) - own(a));
        const mosts = [watched(() => resident(pid)), watched(() => own(renderer))];
        const from = performance.now();
        await page.getByTestId('bring-in').setInputFiles(file);
        await page.getByRole('button', { name: `Import ${count}` }).click({ timeout: 1_800_000 });
        const read = performance.now();
        await page.getByRole('button', { name: 'Close' }).waitFor({ timeout: 3_600_000 });
        const [server, inPage] = await Promise.all(mosts.map((most) => most()));
        row(`a file of ${count} builds imported: the server’s memory`, megabytes(server), 'wanted: 300 MB');
        row(`a file of ${count} builds imported: the page’s memory`, megabytes(inPage), 'wanted: 300 MB');
        say(`read in ${Math.round((read - from) / 1_000)} s, imported in ${Math.round((performance.now() - read) / 1_000)} s`);
        const { rows } = await client.query(
          `select (select count(*) from builds where document->>'brief' = 'of a large shed') as builds, (select count(*) from notes where text = 'oiled') as notes, (select count(*) from photos where note is not null) as photos`,
        );
        say(`there now: ${rows[0].builds} builds, ${rows[0].notes} notes, ${rows[0].photos} photos`);
      });
    });
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** One of each by the server’s own doors, the rest as copies of it. */
async function filled(base, client, post, demo) {
  const { default: sharp } = await import('sharp');
  const { id } = await post(base, { ...demo(), brief: 'of a large shed' });
  await client.query(
    `insert into builds (name, document, summary, engine) select 'Mangle ' || n, jsonb_set(b.document, '{name}', to_jsonb('Mangle ' || n)), b.summary, b.engine from generate_series(2, $1::int) n, (select * from builds where id = $2) b`,
    [count, id],
  );
  await client.query(`delete from builds where document->>'brief' is distinct from 'of a large shed'`);
  await client.query(`insert into notes (build, text, made_by) select id, 'oiled', 'Ann' from builds, generate_series(1, 5)`);
  const noise = await sharp(randomBytes(1600 * 1200 * 3), { raw: { width: 1600, height: 1200, channels: 3 } })
    .blur(0.7)
    .webp({ quality: 80 })
    .toBuffer();
  await client.query(
    `insert into photos (build, note, width, height, whole, small) select build, (array_agg(id))[1], 1600, 1200, $1, ''::bytea from notes group by build`,
    [noise],
  );
}

/** Looks at it four times a second. @returns ends that, and tells the most that there was */
function watched(look) {
  let most = 0;
  const every = setInterval(() => {
    most = Math.max(most, look());
  }, 250);
  return async () => {
    clearInterval(every);
    return most;
  };
}

const figure = (text, name) => 1024 * Number(new RegExp(`^${name}:\\s+(\\d+) kB`, 'm').exec(text)?.[1] ?? 0);
const resident = (pid) => figure(readFileSync(`/proc/${pid}/status`, 'utf8'), 'VmRSS');

/** What a process has for itself: without the pages of the program that it shares with others. */
function own(pid) {
  const text = readFileSync(`/proc/${pid}/smaps_rollup`, 'utf8');
  return figure(text, 'Private_Dirty') + figure(text, 'Private_Clean');
}

const pageProcess = '--type=renderer';

/** Processes whose command says this, and that are not ending. */
function withWord(word) {
  return readdirSync('/proc').filter((pid) => {
    try {
      return /^\d+$/.test(pid) && readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(word) && own(pid) > 0;
    } catch {
      return false;
    }
  });
}
