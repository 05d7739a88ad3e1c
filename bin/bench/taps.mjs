// How soon a press on a phone is answered, and how long the page of the finder keeps anybody waiting.
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
