import type { Build } from '@hobrek/core';
import type { Browser, Page } from '@playwright/test';
import { addBuild, at, choose, demo, enter, expect, goTo, test } from './parts/hobrek.js';

const names = ['apple-crusher', 'bowl-lathe', 'sea-glass-tumbler', 'clock-plate-mill', 'kindling-splitter', 'kelp-cart'];
const D = 'main/belt/driven';

/** The stops of a build where something of the machine is entered, one for each stage. */
const places = ({ lines: [line] }: Build): string[] => ['work', 'motor', ...(line?.stages.map(({ id }) => `drive?part=${id}`) ?? [])];

for (const name of names) {
  test(`whatever is typed into the ${name}, its sentence and its shafts stay in sight, and the field is below them`, async ({ page, address }) => {
    const build = demo(name);
    const { id } = await addBuild(address, build);
    let many = 0;
    for (const place of places(build)) {
      await page.goto(`${address}/builds/${id}/${place}`);
      await page.locator('[data-path]').first().waitFor();
      const { fields, hidden } = await page.evaluate(async () => {
        for (const each of document.querySelectorAll('details')) each.open = true;
        const found: string[] = [];
        const all = [...document.querySelectorAll<HTMLElement>('[data-path]')];
        const shown = ['[data-testid=headline]', '[aria-label^="speed, "]'];
        for (const field of all) {
          field.focus();
          await new Promise(requestAnimationFrame);
          const stays = document.querySelector('.stays')?.getBoundingClientRect();
          const box = field.getBoundingClientRect();
          const seen = shown.every((each) => {
            const rect = document.querySelector(each)?.getBoundingClientRect();
            return rect && rect.top >= 0 && rect.bottom <= innerHeight;
          });
          if (!seen || !stays || box.top < stays.bottom - 1 || box.bottom > innerHeight)
            found.push(`${field.dataset.path} ${box.top} ${stays?.bottom}`);
        }
        return { fields: all.length, hidden: found };
      });
      many += fields;
      expect(hidden, place).toEqual([]);
    }
    expect(many).toBeGreaterThan(10);
  });
}

test('stop and picked part are in the address: back and a reload come back to both', async ({ page, address }) => {
  const { id } = await addBuild(address, demo('kelp-cart'));
  await page.goto(`${address}/builds/${id}`);
  await goTo(page, 'drive');
  const [, chain] = demo('kelp-cart').lines[0]?.stages ?? [];
  await page.locator(`[data-stage="main/${chain?.id}"] button.font-head`).click();
  await expect(page).toHaveURL(new RegExp(`/drive\\?part=${chain?.id}$`));
  await page.reload();
  await expect(page.locator(`[data-element="main/${chain?.id}"]`)).toBeVisible();
  await page.waitForTimeout(800);
  await goTo(page, 'work');
  await expect(page.locator('[data-element="main/work"]')).toBeVisible();
  await page.goBack();
  await expect(page.locator(`[data-element="main/${chain?.id}"]`)).toBeVisible();
  await page.goBack();
  await expect(
    page.locator('[data-element="main/gearbox"], [data-element="main/box"]').or(page.locator('[data-stage] [aria-current]')).first(),
  ).toBeVisible();
});

test('two tabs in conflict: seen and marked wherever one types, and answered from another stop', async ({ page, crusher, address, browser }) => {
  const other = await browser.newPage();
  await other.route('**/api/events', (route) => route.abort());
  await other.goto(`${address}/builds/${crusher.id}/drive`);
  await expect(await at(other, D)).toHaveValue('250 mm');
  await enter(page, D, '280 mm');
  await expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');
  await enter(other, D, '224 mm');
  await expect(other.getByText('Changed elsewhere too: choose above.')).toBeVisible();
  await expect(other.getByRole('alert')).toBeInViewport();
  await goTo(other, 'work');
  await expect(other.getByRole('alert')).toContainText('Driven pulley');
  await other.getByRole('alert').getByRole('button', { name: 'Driven pulley', exact: true }).click();
  await expect(other.locator(`[data-path="${D}"]`)).toBeFocused();
  await goTo(other, 'log');
  await other.getByRole('button', { name: /^take theirs: 280 mm/ }).click();
  await expect(other.getByRole('alert')).toHaveCount(0);
  await expect(await at(other, D)).toHaveValue('280 mm');
  await other.close();
});

test('an entry that is not read is counted in the head, which leads to it', async ({ page, crusher: _ }) => {
  await enter(page, 'main/source/speed', '1,725');
  await goTo(page, 'log');
  await page.getByRole('button', { name: 'one entry is not read' }).click();
  await expect(page.locator('[data-path="main/source/speed"]')).toBeFocused();
});

test('why is answered by its key, of the worst check or of the figure that has the focus; units are chosen in the head', async ({
  page,
  crusher: _,
}) => {
  const why = page.getByRole('dialog', { name: 'why' });
  await page.keyboard.press('?');
  await expect(why).toContainText('575 W');
  await page.keyboard.press('Escape');
  await expect(why).toHaveCount(0);
  await page.getByRole('button', { name: /^torque at full load, roll/ }).focus();
  await page.keyboard.press('?');
  await expect(why).toContainText('T2 = T1 × i × k');
  await page.keyboard.press('Escape');
  await choose(page.getByLabel('units of the figures'), 'in, lbf·ft, hp');
  await expect(page.getByRole('button', { name: /^torque, roll: .* lbf·ft/ })).toBeVisible();
});

/** Presses of Tab until a field has the focus. */
async function tabsToField(page: Page): Promise<number> {
  for (let k = 1; k <= 30; k++) {
    await page.keyboard.press('Tab');
    if (await page.evaluate(() => document.activeElement?.hasAttribute('data-path'))) return k;
  }
  return Number.POSITIVE_INFINITY;
}

test('at most ten stops of Tab before the first field; F6 goes round the frame and back to the field last typed in', async ({
  page,
  stored,
  address,
}) => {
  for (const stop of ['work', 'motor', 'drive']) {
    await page.goto(`${address}/builds/${stored.id}/${stop}`);
    await page.locator('[data-path]').first().waitFor();
    expect(await tabsToField(page), stop).toBeLessThanOrEqual(10);
  }
  const driven = await at(page, D);
  await driven.fill('280 mm');
  const within = () => page.evaluate(() => document.activeElement?.closest<HTMLElement>('[data-round]')?.dataset.round);
  const round: (string | undefined)[] = [];
  for (let k = 0; k < 4; k++) {
    await page.keyboard.press('F6');
    round.push(await within());
  }
  expect(round).toEqual(['head', 'stops', 'machine', 'content']);
  await expect(driven).toBeFocused();
  // Along the stops by arrow keys, and in by Enter.
  await page.keyboard.press('F6');
  await page.keyboard.press('F6');
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/brief$/);
});

/** The crusher with so many belts one after the other, each one to one. */
function long(many: number): Build {
  const build = demo();
  return {
    ...build,
    name: `Long ${many}`,
    lines: build.lines.map((line) => {
      const [belt] = line.stages;
      const stages = Array.from({ length: many }, (_, k) => ({ ...(belt as NonNullable<typeof belt>), id: `belt-${k}` }));
      const [first, last] = [line.stations[0], line.stations.at(-1)] as [(typeof line.stations)[number], (typeof line.stations)[number]];
      const between = Array.from({ length: many - 1 }, (_, k) => ({ ...first, id: `shaft-${k}`, name: `shaft ${k + 1}` }));
      return { ...line, stages, stations: [first, ...between, last] };
    }),
  };
}

for (const [many, most] of [
  [6, 1_500],
  [40, 3_000],
] as const) {
  test(`with ${many} stages the page of one of them has under ${most} nodes`, async ({ page, address }) => {
    const { id } = await addBuild(address, long(many));
    await page.goto(`${address}/builds/${id}/drive?part=belt-3`);
    await page.locator('[data-path]').first().waitFor();
    expect(await page.locator('[data-stage]').count()).toBe(many);
    expect(await page.evaluate(() => document.querySelectorAll('*').length)).toBeLessThan(most);
  });
}

/** A phone's page, and a finger that moves over it by so much from there. */
async function withFinger(browser: Browser) {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  const finger = await context.newCDPSession(page);
  const swipe = async (x: number, y: number, dx: number, dy: number) => {
    await finger.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [{ x, y }] });
    for (const part of [0.3, 0.6, 1])
      await finger.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: [{ x: x + part * dx, y: y + part * dy }] });
    await finger.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  };
  return { page, swipe, close: () => context.close() };
}

const stored = async (address: string, id: string) => ((await (await fetch(`${address}/api/builds/${id}`)).json()) as { build: Build }).build;

for (const name of names) {
  test(`a finger that scrolls over the drawings of the ${name} moves no shaft`, async ({ browser, address }) => {
    const { page, swipe, close } = await withFinger(browser);
    const build = demo(name);
    const { id } = await addBuild(address, build);
    const stages = build.lines[0]?.stages ?? [];
    for (const path of ['', ...stages.map((stage) => `/drive?part=${stage.id}`)]) {
      await page.goto(`${address}/builds/${id}${path}`);
      const drawing = page.locator(path === '' ? '[aria-label^="Power path"] svg' : '[aria-label^="the stage in side view"] svg').first();
      await drawing.scrollIntoViewIfNeeded();
      const box = await drawing.boundingBox();
      if (!box) throw new Error('no drawing');
      for (const at of [0.1, 0.3, 0.5, 0.7, 0.9]) await swipe(box.x + at * box.width, box.y + box.height / 2, 30, -60);
    }
    await page.waitForTimeout(200);
    expect((await stored(address, id)).lines).toEqual(build.lines);
    await close();
  });
}

test('a finger moves a shaft once shafts may be moved, and what it moved is chosen', async ({ browser, address }) => {
  const { page, swipe, close } = await withFinger(browser);
  const { id } = await addBuild(address, demo());
  await page.goto(`${address}/builds/${id}/drive`);
  await page.getByRole('button', { name: 'Move shafts' }).tap();
  const shaft = await page.getByRole('button', { name: /^move the roll/ }).boundingBox();
  if (!shaft) throw new Error('no shaft');
  await swipe(shaft.x + 14, shaft.y + 14, 20, -30);
  await expect.poll(async () => (await stored(address, id)).lines[0]?.stages[0]?.inputs.centres?.how).toBe('chosen');
  await page.getByRole('button', { name: 'Undo', exact: true }).last().tap();
  await expect.poll(async () => (await stored(address, id)).lines[0]?.stages[0]?.inputs.centres?.text).toBe('420 mm');
  await close();
});
