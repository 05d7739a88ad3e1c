// What a key costs in the browser, typed into a build of six stages.
import { chromium } from '../parts/system.mjs';
import { demo, median, sixStages } from './six-stages.mjs';
import { ms, share } from './spread.mjs';

/**
 * From the first listener that hears a key to the last, with the layout it makes necessary forced: of the best of five runs, all keys, and those after
 * which figures have to be worked out anew.
 */
export async function keystrokes(base, post, row) {
  const { id } = await post(sixStages(demo()));
  await withBrowser(async (browser) => {
    for (const rate of [1, 4]) {
      const runs = [];
      for (let k = 0; k < 5; k++) runs.push(await typeIn(browser, `${base}/builds/${id}`, rate));
      const of = (which) => {
        const spans = runs.map((run) => run.filter(which).map(({ span }) => span));
        const best = spans.sort((a, b) => median(a) - median(b))[0];
        return `${ms(median(best))} / ${ms(share(best, 0.95))}`;
      };
      const slowed = rate === 1 ? '' : `, CPU slowed ${rate} times`;
      const wanted = rate === 1 ? 'wanted: 4 ms / 8 ms' : 'printed only';
      row(
        `a keystroke on six stages${slowed}, half / 95 of 100`,
        of(() => true),
        wanted,
      );
      row(
        `a keystroke that changes figures${slowed}, half / 95 of 100`,
        of(({ changes }) => changes),
        rate === 1 ? '' : 'printed only',
      );
    }
  });
}

/** Does a piece of work with a browser, and closes it. */
export async function withBrowser(work) {
  const { chromium: browserType } = await import('@playwright/test');
  const browser = await browserType.launch({
    executablePath: chromium,
    args: ['--headless', '--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking'],
  });
  try {
    await work(browser);
  } finally {
    await browser.close();
  }
}

/** All keys of one round at a build of six stages that stands at this address: how long each took, and whether it changed figures. */
export const typedBy = (browser, url) => typeIn(browser, url, 1);

/** What is typed, character by character, and taken out again: words, bare numbers, a fraction; at the source, in the middle and at the work. */
const typing = [
  ['main/source/power', ['0.55 kW', '550 W', '1/2 hp']],
  ['main/source/speed', ['1425']],
  ['main/belt-3/driven', ['250 mm', '10 in']],
  ['main/belt-5/centres', ['420']],
  ['main/work/torque', ['8 N m']],
];

/** Whether each text that the field then holds means something else than the one before. @param core what is built of it: nothing is, when this file is first read */
function* whatChanges({ enter, meansTheSame, placesOf, withInput }, build) {
  for (const [path, texts] of typing) {
    const { field } = placesOf(build).find((place) => place.path === path);
    const before = placesOf(build).find((place) => place.path === path).input;
    for (const text of texts) {
      const sofar = Array.from({ length: text.length + 1 }, (_, k) => text.slice(0, k));
      // The field is emptied before the first, and is empty before the others.
      const held = [...(text === texts[0] ? sofar : sofar.slice(1)), ...sofar.slice(0, -1).reverse()];
      for (const each of held) {
        const now = placesOf(build).find((place) => place.path === path).input;
        const next = withInput(build, path, enter(field, each, now).input);
        yield !meansTheSame(next, build);
        build = next;
      }
    }
    build = withInput(build, path, before);
  }
}

/** A field, at its stop where the page has one for each part. */
async function shown(page, path) {
  const field = page.locator(`input[data-path="${path}"]`);
  if ((await field.count()) > 0) return field;
  const [line, element] = path.split('/');
  const stop = element === 'source' ? 'motor' : element === 'work' ? 'work' : 'drive';
  await page.locator(`nav[aria-label=stops] a[href*="/${stop}"]`).first().click();
  if (stop === 'drive') await page.locator(`[data-stage="${line}/${element}"] button.font-head`).click();
  await field.waitFor();
  return field;
}

async function typeIn(browser, url, rate) {
  const page = await browser.newPage();
  await page.goto(url);
  await page.getByTestId('sentence').waitFor();
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate });
  await page.evaluate(() => {
    window.spans = [];
    let from = 0;
    addEventListener('input', () => (from = performance.now()), true);
    addEventListener('input', (event) => {
      document.body.getBoundingClientRect();
      // Putting the old text back comes in one piece and is no key.
      if ((event.data ?? '').length < 2) window.spans.push(performance.now() - from);
    });
  });
  for (let k = 0; k < 3; k++) {
    for (const [path, texts] of typing) {
      const field = await shown(page, path);
      const before = await field.inputValue();
      for (const text of texts) {
        if (text === texts[0]) {
          await field.press('Control+A');
          await page.keyboard.press('Backspace');
        }
        await field.pressSequentially(text);
        for (let n = 0; n < text.length; n++) await page.keyboard.press('Backspace');
      }
      await field.fill(before);
    }
  }
  const spans = await page.evaluate(() => window.spans);
  // The next run begins with what this one leaves.
  await page.locator('[data-save-state="kept"]').waitFor();
  await page.close();
  const changes = [...whatChanges(await import('../../packages/core/dist/index.js'), sixStages(demo()))];
  if (spans.length !== 3 * changes.length) throw new Error(`${spans.length} keys were heard, ${3 * changes.length} were pressed`);
  return spans.map((span, k) => ({ span, changes: changes[k % changes.length] })).slice(changes.length);
}
