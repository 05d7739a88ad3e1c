// How soon a press on a phone is answered, how long the page of the finder keeps anybody waiting, and how soon it is told what a motor could drive.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../parts/places.mjs';
import { ms, share } from './spread.mjs';

const phone = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };
/** Nobody has read a look and made it sooner than so long after the last. */
const looking_ms = 1_500;
/** What the page of the finder needs is fetched for so long after the first. */
const settled_ms = 9_500;

/** From the press on an answer until the page is made and laid out anew, on a CPU slowed four times from its first byte on: nine looks at a motor without a plate, three times over. */
export async function taps(base, browser, post, demo, row) {
  const all = [];
  const [line] = demo().lines;
  for (let turn = 0; turn < 3; turn++) {
    const { id } = await post(base, { ...demo(), lines: [{ ...line, source: { kind: 'no-plate', v: 1, inputs: {} } }] });
    const context = await browser.newContext(phone);
    const page = await context.newPage();
    const session = await context.newCDPSession(page);
    await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
    await page.goto(`${base}/builds/${id}/motor`);
    const asked = page.getByRole('region', { name: 'what is this motor' });
    await asked.waitFor();
    await page.evaluate(() => {
      window.taken = [];
      let from = 0;
      addEventListener('click', () => (from = performance.now()), true);
      // React has drawn by now: it does so behind its own listener.
      addEventListener('click', () => {
        document.body.getBoundingClientRect();
        window.taken.push(performance.now() - from);
      });
    });
    await page.waitForTimeout(looking_ms);
    for (let k = 0; k < 9; k++) {
      const answers = asked.locator('li > button[aria-pressed]');
      await ((await answers.count()) > 0 ? answers.first() : asked.getByRole('button', { name: 'Another look first' })).tap();
      await page.waitForTimeout(looking_ms);
    }
    all.push(...(await page.evaluate(() => window.taken)));
    await context.close();
  }
  const within = all.filter((each) => each <= 1000 / 60).length;
  row(
    'a motor’s look answered, CPU slowed 4 times, half / 95 of 100',
    `${ms(share(all, 0.5))} / ${ms(share(all, 0.95))}; ${within} of ${all.length} in a frame`,
    'wanted: a frame',
  );
}

/** The longest that the page of the finder keeps a key waiting, from its first visit on. */
export async function finderTasks(base, browser, post, demo, row) {
  const longest = [];
  for (let turn = 0; turn < 4; turn++) {
    const { id } = await post(base, demo());
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    await page.goto(`${base}/builds/${id}/drive`);
    await page.waitForTimeout(settled_ms);
    await page.evaluate(() => {
      window.tasks = [0];
      new PerformanceObserver((list) => window.tasks.push(...list.getEntries().map(({ duration }) => duration))).observe({ type: 'longtask' });
    });
    await page.getByRole('link', { name: 'Find a drive' }).click();
    await page.locator('[data-testid=found-says][aria-busy=false]').waitFor();
    await page.waitForTimeout(1_500);
    longest.push(Math.max(...(await page.evaluate(() => window.tasks))));
    await context.close();
  }
  // A browser tells of tasks over 50 ms only.
  const says = longest.map((each) => (each === 0 ? 'none' : ms(each))).join(', ');
  row('longest task over 50 ms of the finder’s page at a first visit, four times', says, 'wanted: none');
}

/** Builds that a motor is tried in. */
const shed = 100;

/** From the press on *What it could drive* until five rows are there, and until all kinds of work and a hundred builds are; with the longest task of the page. */
export async function couldDrive(base, browser, post, demo, row) {
  const machines = readdirSync(join(root, 'demo')).map((name) => JSON.parse(readFileSync(join(root, 'demo', name), 'utf8')));
  for (let k = 0; k < shed; k++) await post(base, { ...machines[k % machines.length], name: `Machine ${k}` });
  const { id } = await post(base, demo());
  const [few, all, longest] = [[], [], []];
  for (let turn = 0; turn < 4; turn++) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    await page.goto(`${base}/builds/${id}/motor`);
    await page.waitForTimeout(settled_ms);
    await page.evaluate(
      ([shed]) => {
        window.tasks = [0];
        new PerformanceObserver((list) => window.tasks.push(...list.getEntries().map(({ duration }) => duration))).observe({ type: 'longtask' });
        window.told = new Promise((done) => {
          let [from, few] = [0, 0];
          addEventListener('click', () => (from ||= performance.now()), true);
          new MutationObserver((_, watch) => {
            const rows = document.querySelectorAll('ul[aria-label$="it could drive"] > li').length;
            if (rows >= 5) few ||= performance.now() - from;
            if (rows <= shed || ![...document.querySelectorAll('[role=status]')].some(({ textContent }) => / tried\. /.test(textContent))) return;
            watch.disconnect();
            done({ few, all: performance.now() - from });
          }).observe(document.body, { childList: true, subtree: true, characterData: true });
        });
      },
      [shed],
    );
    await page.getByRole('link', { name: 'What it could drive' }).click();
    const told = await page.evaluate(() => window.told);
    few.push(told.few);
    all.push(told.all);
    longest.push(Math.max(...(await page.evaluate(() => window.tasks))));
    await context.close();
  }
  const spread = (values) => `${ms(share(values, 0.5))} to ${ms(Math.max(...values))}`;
  row(`what a motor could drive: five told after, of ${shed} builds and all kinds of work`, spread(few), 'wanted: 200 ms');
  row('all of them', spread(all), 'wanted: 1 s in the worker');
  row('longest task over 50 ms of that page, four times', longest.map((each) => (each === 0 ? 'none' : ms(each))).join(', '), 'wanted: none');
}
