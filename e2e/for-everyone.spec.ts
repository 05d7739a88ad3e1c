import AxeBuilder from '@axe-core/playwright';
import type { Browser, Locator, Page } from '@playwright/test';
import { expect, test } from './parts/hobrek.js';

/** What hangs on colours. All else is the same by day and in the evening, and is looked at once. */
const colours = ['color-contrast', 'link-in-text-block'];

type Theme = 'day' | 'evening';

/** Of what lies open over a page only what is serious counts: it is outside the page's landmarks by nature. */
const faults = async (page: Page, theme: Theme, over = false) => {
  // A page without frames is told of without a second page that puts the parts together.
  const axe = new AxeBuilder({ page }).setLegacyMode(true);
  const { violations } = await (theme === 'day' ? axe : axe.withRules(colours)).analyze();
  return violations
    .filter(({ impact }) => !over || impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target).join(', ')}`);
};

/** Every page, by what it is called, at an address with a build. */
const pages = {
  'the list': (address: string) => address,
  'the overview': (address: string, id: string) => `${address}/builds/${id}`,
  'the work': (address: string, id: string) => `${address}/builds/${id}/work`,
  'the drive': (address: string, id: string) => `${address}/builds/${id}/drive`,
  'the brief': (address: string, id: string) => `${address}/builds/${id}/brief`,
  'the motor': (address: string, id: string) => `${address}/builds/${id}/motor`,
  'what the motor needs': (address: string, id: string) => `${address}/builds/${id}/needs`,
  'what it could drive': (address: string, id: string) => `${address}/builds/${id}/drives`,
  'the log': (address: string, id: string) => `${address}/builds/${id}/log`,
  backups: (address: string) => `${address}/backups`,
  'two side by side': (address: string, id: string) => `${address}/compare/${id}/${id}`,
  'deleted builds': (address: string) => `${address}/deleted`,
  'letting a phone in': (address: string) => `${address}/phone`,
} as const;

const chosen = (page: Page, theme: Theme) =>
  page.evaluate(
    (wanted) =>
      localStorage.setItem('hobrek-habits', JSON.stringify({ state: { gallon: 'us', letters: true, units: 'metric', theme: wanted }, version: 0 })),
    theme,
  );

/** By day and in the evening, of the same page. */
async function faultsOfBoth(page: Page, over = false): Promise<readonly string[]> {
  const wear = (theme: Theme) => page.evaluate((name) => document.documentElement.setAttribute('data-theme', name), theme);
  await wear('day');
  const day = await faults(page, 'day', over);
  await wear('evening');
  expect(await page.evaluate(() => getComputedStyle(document.body).backgroundColor)).toBe('rgb(18, 23, 29)');
  return [...day, ...(await faults(page, 'evening', over))];
}

for (const [name, where] of Object.entries(pages)) {
  test(`nothing is in anyone's way on ${name}, by day and in the evening`, async ({ page, stored, address }) => {
    await page.goto(where(address, stored.id));
    await page.waitForLoadState('networkidle');
    expect(await faultsOfBoth(page)).toEqual([]);
  });
}

for (const open of [/^add after the V-belt/, 'Preferences, keys'] as const) {
  test(`nothing is in anyone's way in what opens over the drive: ${open}`, async ({ page, stored, address }) => {
    await page.goto(pages['the drive'](address, stored.id));
    await page.getByRole('button', { name: open }).click();
    expect(await faultsOfBoth(page, true)).toEqual([]);
  });
}

test("nothing is in anyone's way where why is answered", async ({ page, stored, address }) => {
  await page.goto(pages['the drive'](address, stored.id));
  await page.getByText(/more figures$/).click();
  await page.getByRole('button', { name: /^Belt length at/ }).click();
  await page.getByRole('dialog', { name: 'why' }).waitFor();
  expect(await faultsOfBoth(page, true)).toEqual([]);
});

test("nothing is in anyone's way among the commands", async ({ page, stored, address }) => {
  await page.goto(pages['the drive'](address, stored.id));
  await page.getByTestId('sentence').waitFor();
  await page.keyboard.press('Control+k');
  await page.getByPlaceholder('a field, a stage, something to do').waitFor();
  expect(await faultsOfBoth(page, true)).toEqual([]);
});

test('everything that is pressed is at least 24 px, or is clear of its neighbours', async ({ page, crusher: _ }) => {
  const small = await page.evaluate(() => {
    // A word within a sentence is as high as its line.
    const boxes = [...document.querySelectorAll<HTMLElement>('button:not(.term), select, summary, input, a[href]')]
      .filter((each) => each.getClientRects().length > 0 && !each.closest('.sr-only') && getComputedStyle(each).display !== 'inline')
      .map((each) => ({ each, box: each.getBoundingClientRect() }));
    return boxes
      .filter(({ box }) => box.width < 24 || box.height < 24)
      .map(
        ({ each, box }) =>
          `${each.tagName} ${each.getAttribute('aria-label') ?? each.textContent?.trim().slice(0, 30)} ${box.width.toFixed(0)}×${box.height.toFixed(0)}`,
      );
  });
  // The name in a field's corner that converts it has its key, and no tab stop of its own.
  expect(small.filter((each) => !/^INPUT .*(checkbox|radio)/.test(each))).toEqual([]);
});

test('at twice the size, and on a telephone, nothing runs out of the page', async ({ page, stored, address }) => {
  for (const [width, height] of [
    [640, 400],
    [390, 800],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const path of ['', '/brief', '/work', '/motor', '/needs', '/drives', '/drive', '/log']) {
      await page.goto(`${address}/builds/${stored.id}${path}`);
      await page.getByTestId('sentence').waitFor();
      const { wide, room } = await page.evaluate(() => ({ wide: document.documentElement.scrollWidth, room: document.documentElement.clientWidth }));
      expect(wide, `${width} px, ${path || 'overview'}`).toBeLessThanOrEqual(room);
    }
  }
});

test('with the person’s own colours the sentence and every verdict still stand there', async ({ page, crusher: _ }) => {
  await page.emulateMedia({ forcedColors: 'active', reducedMotion: 'reduce' });
  const seen = await page.getByTestId('headline').evaluate((sentence) => {
    const { color, backgroundColor } = getComputedStyle(sentence);
    const mark = sentence.querySelector('svg');
    return { color, backgroundColor, body: getComputedStyle(document.body).backgroundColor, mark: mark?.getBoundingClientRect().width ?? 0 };
  });
  expect(seen.color).not.toBe(seen.body);
  expect(seen.mark).toBeGreaterThan(10);
  const moving = await page.evaluate(
    () =>
      [...document.querySelectorAll('*')].filter(
        (each) => getComputedStyle(each).transitionProperty !== 'none' && getComputedStyle(each).transitionDuration !== '0s',
      ).length,
  );
  expect(moving).toBe(0);
});

test('a build is seen after few files, each with what belongs together', async ({ page, crusher: _ }) => {
  const scripts = await page.evaluate(() => performance.getEntriesByType('resource').filter(({ name }) => name.endsWith('.js')).length);
  expect(scripts).toBeGreaterThan(3);
  // The page's own are two dozen; those of its workers, which come after it, count as well.
  expect(scripts).toBeLessThan(50);
});

/** What comes over the wire until somebody who was never here sees a page, kB, and in how many requests: as the browser counts it, heads and all. */
async function onTheWire(browser: Browser, url: string, seen: (page: Page) => Locator, then = seen) {
  const context = await browser.newContext();
  const page = await context.newPage();
  const client = await context.newCDPSession(page);
  await client.send('Network.enable');
  let [bytes, requests] = [0, 0];
  const encodings = new Set<string>();
  const urls: string[] = [];
  client.on('Network.responseReceived', ({ response }) => {
    urls.push(new URL(response.url).pathname);
    if (/\.(js|css)$/.test(response.url)) encodings.add(response.headers['content-encoding'] ?? response.headers['Content-Encoding'] ?? 'none');
  });
  client.on('Network.loadingFinished', ({ encodedDataLength }) => {
    bytes += encodedDataLength;
    requests += 1;
  });
  // What works a build out, and what scrolls through hundreds, is held back until the first screen is seen without.
  let letGo = () => {};
  const isSeen = new Promise<void>((resolve) => {
    letGo = resolve;
  });
  await page.route(/assets\/(core|kinds|dialogs|build|long-rows)-/, (route) => isSeen.then(() => route.continue()));
  await page.goto(url);
  await seen(page).first().waitFor();
  // Fonts come when the first letter is drawn.
  await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(400);
  const first = { kB: bytes / 1000, requests };
  letGo();
  await then(page).first().waitFor();
  await page.waitForTimeout(400);
  const told = { first, kB: bytes / 1000, requests, urls, packed: !encodings.has('none') || encodings.size > 1 };
  await context.close();
  return told;
}

const row = (page: Page) => page.locator('a[id^="row-"]');
const machine = (page: Page) => page.getByLabel(/^Power path/);
/** The build as the server last worked it out. */
const glance = (page: Page) => page.getByRole('img', { name: /, drawn to scale$/ });

test('what comes over the wire until a page is seen is packed: the list; a build, first as the server has it, then with what works it out, without its other pages', async ({
  browser,
  address,
  crusher,
}) => {
  const list = await onTheWire(browser, `${address}/`, row);
  expect(list.packed).toBe(true);
  expect(list.first.kB).toBeLessThan(150);
  expect(list.requests).toBeLessThanOrEqual(25);
  const build = await onTheWire(browser, `${address}/builds/${crusher.id}`, glance, machine);
  expect(build.first.kB).toBeLessThan(300);
  expect(build.first.requests).toBeLessThanOrEqual(25);
  expect(build.kB).toBeLessThan(530);
  expect(build.requests).toBeLessThanOrEqual(25);
  // Letters beyond the usual ones are fetched for who writes them.
  expect([...list.urls, ...build.urls].filter((url) => /latin/.test(url))).toEqual([]);
});

const nowhere = '00000000-0000-4000-8000-000000000000';
const held: Readonly<Record<string, (id: string) => readonly string[]>> = {
  'every page': (id) => ['/', '/start', '/deleted', '/backups', '/phone', `/compare/${id}/${id}`, '/no/such/page', `/builds/${nowhere}`],
  'every stop': (id) => ['', '/brief', '/work', '/motor', '/needs', '/drives', '/drive', '/log'].map((stop) => `/builds/${id}${stop}`),
};
for (const [where, routesOf] of Object.entries(held)) {
  test(`colours and units that were chosen hold on ${where}, from the first paint on`, async ({ page, crusher, address }) => {
    await chosen(page, 'evening');
    await page.evaluate(() => {
      const habits = JSON.parse(localStorage.getItem('hobrek-habits') ?? '{}');
      localStorage.setItem('hobrek-habits', JSON.stringify({ ...habits, state: { ...habits.state, units: 'inch' } }));
    });
    // By the device it would be day.
    await page.emulateMedia({ colorScheme: 'light' });
    // What the page was when its body first was there, before any code of the application ran.
    await page.addInitScript(() => {
      new MutationObserver((_, watch) => {
        if (!document.body) return;
        (globalThis as { first?: string }).first = document.documentElement.dataset.theme ?? 'none';
        watch.disconnect();
      }).observe(document, { childList: true, subtree: true });
    });
    for (const route of routesOf(crusher.id)) {
      await page.goto(`${address}${route}`);
      await page.locator('h1').waitFor();
      const seen = await page.evaluate(() => ({
        first: (globalThis as { first?: string }).first,
        theme: document.documentElement.dataset.theme,
        ground: getComputedStyle(document.body).backgroundColor,
        has: ['main', 'h1'].filter((each) => document.querySelector(each) === null),
      }));
      // What was typed stays as it was, the path of a machine too (coupling 30 N·m → gearbox); whatever is told is in the units that were chosen.
      await page.waitForTimeout(300);
      const metric = await page.evaluate(() => {
        const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT, ({ parentElement, textContent }) =>
          textContent?.includes('N·m') && !textContent.includes(' → ') && !parentElement?.closest('.sr-only, summary')
            ? NodeFilter.FILTER_ACCEPT
            : NodeFilter.FILTER_SKIP,
        );
        return walk.nextNode()?.textContent ?? '';
      });
      expect(metric, route).toBe('');
      expect(seen, route).toEqual({ first: 'evening', theme: 'evening', ground: 'rgb(18, 23, 29)', has: [] });
    }
    await page.goto(`${address}/builds/${crusher.id}`);
    await expect(page.getByRole('button', { name: /^torque, roll: .* lbf·ft/ })).toBeVisible();
  });
}

test('an address of no build leads to all of them', async ({ page, address }) => {
  await page.goto(`${address}/builds/${nowhere}`);
  await page.getByRole('link', { name: 'See all builds' }).click();
  await expect(page.getByRole('heading', { name: 'Builds' })).toBeVisible();
});

test('commands are on every page; what is looked for in the list is in its address', async ({ page, stored, address }) => {
  await page.goto(`${address}/backups`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.keyboard.press('Control+k');
  await page.getByPlaceholder('a page, a build').fill(stored.build.name);
  await page.getByRole('option', { name: stored.build.name }).waitFor();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('headline')).toBeVisible();
  await page.goto(address);
  await page.getByLabel('find a build').pressSequentially(stored.build.name);
  await expect(page.getByText('one found')).toBeVisible();
  // All of it: what is still on its way would draw the list anew under the press.
  await expect(page).toHaveURL((url) => url.searchParams.get('find') === stored.build.name);
  await page.waitForLoadState('networkidle');
  await page.getByRole('link', { name: stored.build.name }).first().click();
  await expect(page.getByTestId('headline')).toBeVisible();
  await page.goBack();
  await expect(page.getByLabel('find a build')).toHaveValue(stored.build.name);
  await expect(page.getByText('one found')).toBeVisible();
});

test('what is typed while the list of commands is on its way is typed into it, and is no key of the page', async ({ page, address }) => {
  await page.goto(`${address}/backups`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  let arrives = () => {};
  const isTyped = new Promise<void>((resolve) => {
    arrives = resolve;
  });
  const isAsked = page.waitForRequest(/assets\/.*\.js$/);
  await page.route(/assets\/.*\.js$/, (route) => isTyped.then(() => route.continue()));
  await page.keyboard.press('Control+k');
  await isAsked;
  await page.keyboard.type('deletedx');
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Enter');
  expect(new URL(page.url()).pathname).toBe('/backups');
  arrives();
  await expect(page).toHaveURL(`${address}/deleted`);
  await expect(page.getByPlaceholder('a page, a build')).toHaveCount(0);
});

test('what a field is and where it is measured opens at its label, by a press or by F1, and is heard with the field', async ({
  page,
  stored,
  address,
}) => {
  await page.goto(`${address}/builds/${stored.id}/motor`);
  const power = page.locator('[data-path="main/source/power"]');
  await expect(power).toHaveAccessibleDescription(/plate/i);
  await power.focus();
  await page.keyboard.press('F1');
  const help = page.getByRole('dialog', { name: 'help' });
  await expect(help).toContainText('Plate power');
  await page.keyboard.press('Escape');
  await expect(help).toHaveCount(0);
  await page.getByRole('button', { name: 'Phases: what it is, where to measure' }).click();
  await expect(help).toContainText('Phases');
});

test('the list of commands finds fields, figures, formulas, terms and what is not here yet, the nearest first', async ({ page, crusher: _ }) => {
  const found = async (text: string) => {
    await page.keyboard.press('Control+k');
    await page.getByPlaceholder('a field, a stage, something to do').fill(text);
  };
  const option = (name: RegExp) => page.getByRole('option', { name }).first();
  await found('section');
  await expect(page.getByRole('option').first()).toContainText('Section · V-belt');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-path="main/belt/section"]')).toBeFocused();
  await found('service factor');
  await option(/^service factor$/).click();
  await expect(page.getByRole('dialog', { name: 'service factor' })).toContainText('so that it lasts under shocks');
  await page.keyboard.press('Escape');
  await found('hp');
  await expect(option(/Plate power/)).toBeVisible();
  await found('bearing');
  await expect(option(/bearing/i)).toBeVisible();
  await found('reverse');
  await option(/^reversing, and control$/).click();
  await expect(page.getByRole('dialog', { name: 'reversing, and control' })).toContainText('written into the brief');
  await page.keyboard.press('Escape');
  await found('belt speed');
  await option(/^Belt speed · V-belt/).click();
  await expect(page.getByRole('dialog', { name: /^Belt speed/ })).toContainText('m/s');
});

test('a term opens from the sentence that it is in', async ({ page, crusher: _ }) => {
  await page.getByTestId('headline').getByRole('button', { name: 'reserve' }).click();
  await expect(page.getByRole('dialog', { name: 'term' })).toContainText('The share of a limit that the machine does not need.');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('printed by the browser it is dark on white, with every check and without what is pressed', async ({ page, crusher: _ }) => {
  await page.emulateMedia({ media: 'print', colorScheme: 'dark' });
  await page.evaluate(() => dispatchEvent(new Event('beforeprint')));
  const looks = await page.evaluate(() => {
    const { backgroundColor, color } = getComputedStyle(document.body);
    return [backgroundColor, color];
  });
  expect(looks).toEqual(['rgb(255, 255, 255)', 'rgb(0, 0, 0)']);
  await expect(page.getByRole('region', { name: 'holds', exact: true }).getByRole('listitem').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeHidden();
  await expect(page.getByRole('navigation', { name: 'stops' })).toBeHidden();
});
