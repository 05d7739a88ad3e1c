import { execFile } from 'node:child_process';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import type { Drawer, StoredBuild } from '@hobrek/contracts';
import type { Build } from '@hobrek/core';
import type { Page } from '@playwright/test';
import { addBuild, choose, demo, expect, test } from './parts/hobrek.js';

const root = resolve(import.meta.dirname, '..');
const parts = readFileSync(join(root, 'samples/drawer.txt'), 'utf8');

// One drawer for the whole workshop: whoever changes it here waits for the others.
test.describe.configure({ mode: 'serial' });

/** The crusher's motor and its roll with nothing between them, and a wish for so slow a tool that one stage does not do. */
function bare(name: string): Build {
  const build = demo();
  const lines = build.lines.map((line) => ({ ...line, stages: [], stations: line.stations.slice(-1) }));
  const rpm = (value: number) => ({ text: `${value} rpm`, value, unit: 'rpm', how: 'chosen' }) as const;
  return { ...build, name, lines, wishes: { leastSpeed: rpm(95), mostSpeed: rpm(105) } };
}

async function drawerOf(address: string): Promise<Drawer> {
  return (await (await fetch(`${address}/api/drawer`)).json()) as Drawer;
}
async function putDrawer(address: string, text: string): Promise<void> {
  const { version } = await drawerOf(address);
  const headers = { 'content-type': 'application/json', 'if-match': `"${version}"` };
  const answer = await fetch(`${address}/api/drawer`, { method: 'PUT', headers, body: JSON.stringify({ text }) });
  expect(answer.status).toBe(200);
}

const found = (page: Page) => page.getByRole('list', { name: 'drives that were found' });
const answer = (page: Page) => page.getByTestId('found-says');
const drawerField = (page: Page) => page.getByRole('textbox', { name: /^Own parts, a line each/ });
/** Opens what is folded away: the wishes, or the drawer. */
const unfold = (page: Page, what: 'Wishes' | 'The drawer') => page.locator('summary').filter({ hasText: what }).click();
/** All of it was looked through, not only the first look. */
const done = (page: Page) => expect(answer(page)).toHaveAttribute('aria-busy', 'false');

test('three speeds on stepped pulleys: found, taken as settings that are worked out each, and all of it undone', async ({ page, address }) => {
  await putDrawer(address, 'C1 cone pulley A 75/112/150 mm\nB1 belt A38\n');
  const { lines, ...build } = bare(`Three speeds ${Date.now()}`);
  const torque = { text: '1.3 N·m', value: 1.3, unit: 'N·m', how: 'measured' } as const;
  const light = lines.map((line) => ({ ...line, work: { ...line.work, inputs: { ...line.work.inputs, torque, breakaway: torque } } }));
  const { id } = await addBuild(address, { ...build, lines: light, wishes: {} });
  await page.goto(`${address}/builds/${id}/finder`);
  await unfold(page, 'Wishes');
  for (const [name, text] of Object.entries({ speed1: '540 to 620', speed2: '980 to 1100', speed3: '1700 to 1950', stages: '1' }))
    await page.locator(`[data-path="finder/${name}"]`).fill(text);
  await page.locator('[data-path="finder/stages"]').press('Tab');
  await done(page);
  await expect(answer(page)).toContainText(/Best: V-belt at [\d,]+\srpm, [\d,]+\srpm and [\d,]+\srpm/);
  await found(page).getByRole('button').filter({ hasText: 'V-belt A, 75/112/150 to 180/150/112 mm, belt A38' }).first().click();
  const takes = page.getByRole('region', { name: 'what it takes' });
  await expect(takes).toContainText('C1');
  await expect(takes.getByRole('list', { name: 'its speeds' }).getByRole('listitem')).toHaveCount(3);
  await expect(takes).toContainText('One belt on all steps');
  await takes.getByRole('button', { name: 'Use this drive' }).click();
  await page.getByRole('link', { name: 'What is there' }).click();
  const settings = page.getByRole('region', { name: 'settings' });
  await expect(settings.getByRole('heading', { name: /^Setting/i })).toHaveCount(3);
  await expect(settings).toContainText(/third speed.*\d rpm at the tool/);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await settings.getByRole('button', { name: /take out setting “second speed”/i }).click();
  await expect(settings.getByRole('heading', { name: 'Setting “second speed”' })).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(settings.getByRole('heading', { name: 'Setting “second speed”' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(settings).toBeHidden();
});

test('a motor of the drawer comes with the drive that is found for it', async ({ page, address }) => {
  await putDrawer(address, 'M1 motor 1.5 kW 2850 rpm 230 V, start capacitor, shaft 24 mm\n');
  const build = bare(`Which motor ${Date.now()}`);
  const { id } = await addBuild(address, { ...build, finder: { motors: { text: 'own', how: 'chosen' } } });
  await page.goto(`${address}/builds/${id}/finder`);
  await done(page);
  const row = found(page).getByRole('button').filter({ hasText: 'M1: motor 1.5 kW, 2850 rpm' }).first();
  await row.click();
  await page.getByRole('button', { name: 'Use this drive' }).click();
  await expect(page.getByText('It is in the build now, with M1 as its motor')).toBeVisible();
  await page.getByRole('link', { name: /^Motor/ }).click();
  await expect(page.locator('[data-path="main/source/power"]')).toHaveValue('1.5 kW');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('[data-path="main/source/power"]')).not.toHaveValue('1.5 kW');
});

test('from a wish and a drawer of thirty parts to a machine of two stages, opened as a variant; the command line has the same best', async ({
  page,
  address,
}) => {
  await putDrawer(address, '');
  const name = `Slow roll ${Date.now()}`;
  const { id } = await addBuild(address, bare(name));
  await page.goto(`${address}/builds/${id}/drive`);
  await page.getByRole('link', { name: 'Find a drive' }).click();
  await expect(page.getByText('13.6 to 15.0 by the speed that is wished')).toBeVisible();
  await unfold(page, 'The drawer');
  await drawerField(page).fill(parts);
  const region = page.getByRole('region', { name: 'the drawer' });
  await expect(region).toContainText(/34 parts understood; kept/);
  await expect.poll(async () => (await drawerOf(address)).text).toBe(parts);
  await unfold(page, 'Wishes');
  await page.locator('[data-path="finder/gearboxes"]').click();
  await choose(page.locator('[data-path="finder/slip"]'), 'must');
  await done(page);
  await expect(page.locator('summary').filter({ hasText: 'Wishes' })).toContainText(/no gearboxes · in a jam something must slip/);
  const row = found(page)
    .getByRole('button')
    .filter({ hasText: /V-belt, then chain/ })
    .first();
  await row.click();
  await expect(row).toHaveAttribute('aria-pressed', 'true');
  const takes = page.getByRole('region', { name: 'what it takes' });
  await expect(takes).toContainText(/own.*sprocket 10B, 45.teeth.*S4/);
  await expect(takes).toContainText('guarded before the first run');
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

  // Its chain is kept, and the rest looked for around it.
  await takes.getByRole('group', { name: 'Keep, and look for the rest around it' }).getByRole('checkbox').nth(1).check();
  await expect(page.getByText('Kept in each:')).toBeVisible();
  await done(page);
  for (const each of await found(page)
    .getByRole('button', { name: /reserve/ })
    .all())
    await expect(each).toContainText(/chain 10B, .*45.teeth/);
  await page.getByRole('button', { name: /^no longer keep/ }).click();
  await done(page);

  // The same by the command line, of the same build and the same drawer.
  await expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');
  const { build } = (await (await page.request.get(`${address}/api/builds/${id}`)).json()) as StoredBuild;
  const file = join(tmpdir(), `hobrek-found-${Date.now()}.json`);
  writeFileSync(file, JSON.stringify(build));
  const out = await new Promise<string>((told, failed) => {
    execFile(process.execPath, [join(root, 'bin/hobrek.mjs'), 'find', file, '--drawer', join(root, 'samples/drawer.txt')], (error, said) =>
      error ? failed(error) : told(said),
    );
  });
  rmSync(file);
  const best = ((await found(page).getByRole('button').first().textContent()) ?? '').replaceAll('\u00a0', ' ');
  const first = /^1\. .+? \(\w+\): (.*)$/m.exec(out)?.[1] ?? 'nothing';
  for (const stage of first.split('; ')) expect(best).toContain(stage.replaceAll('\u00a0', ' '));

  await row.click();
  await takes.getByRole('button', { name: 'Open it as a variant' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(`${name}: V-belt, then chain`);
  await expect(page.locator('[data-stage]')).toHaveCount(2);
  const variant = (await (await page.request.get(`${address}/api/builds/${page.url().split('/builds/')[1]?.split('/')[0]}`)).json()) as StoredBuild;
  const [belt, chain] = variant.build.lines[0]?.stages ?? [];
  expect([belt?.kind, chain?.kind]).toEqual(['v-belt', 'roller-chain']);
  expect([chain?.inputs.z2?.text, chain?.inputs.chain?.text, belt?.inputs.driver?.text]).toEqual(['45', '10B', '80 mm']);
  // The build that it was found for is as it was.
  const before = (await (await page.request.get(`${address}/api/builds/${id}`)).json()) as StoredBuild;
  expect(before.build.lines[0]?.stages).toEqual([]);
});

test('nothing fits: the wish that rules it out is named with what would loosen it, and taken back it is all there again', async ({
  page,
  address,
}) => {
  await putDrawer(address, parts);
  const { id } = await addBuild(address, bare(`Held ${Date.now()}`));
  await page.goto(`${address}/builds/${id}/finder`);
  await expect(found(page)).toBeVisible();
  await unfold(page, 'Wishes');
  await page.locator('[data-path="finder/gearboxes"]').click();
  await page.locator('[data-path="finder/holds"]').click();
  await expect(answer(page)).toContainText('Nothing fits. Nothing that is allowed holds a load');
  const rules = page.getByRole('list', { name: 'what rules it out' });
  await expect(rules).toContainText(/that it must hold the load.*with a brake that holds the load.*drives, such as/);
  await expect(found(page)).toBeHidden();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(found(page)).toBeVisible();
});

test('stopped in the middle it keeps what it has; by keys a drive is picked along the chart and used, which undo takes out', async ({
  page,
  address,
}) => {
  await putDrawer(address, parts);
  const { id } = await addBuild(address, bare(`Stopped ${Date.now()}`));
  await page.goto(`${address}/builds/${id}/finder`);
  await unfold(page, 'Wishes');
  await page.locator('[data-path="finder/stages"]').fill('4');
  await expect(found(page)).toBeVisible();
  const stop = page.getByRole('button', { name: 'Stop', exact: true });
  if (await stop.isVisible()) await stop.click().catch(() => undefined);
  await done(page);
  await expect(found(page).getByRole('button').first()).toBeVisible();

  await page.locator('[data-path="finder/stages"]').fill('2');
  await done(page);
  const chart = page.getByRole('slider', { name: /cost against reserve/ });
  await chart.focus();
  await expect(chart).toHaveAttribute('aria-label', /of \d\d+ drives/);
  const was = await chart.getAttribute('aria-valuetext');
  for (let k = 0; k < 5; k++) await page.keyboard.press('ArrowRight');
  await expect(chart).not.toHaveAttribute('aria-valuetext', was ?? '');
  await page.getByRole('button', { name: 'Use this drive' }).press('Enter');
  await expect(page.getByText('It is between motor and tool now')).toBeVisible();
  await page.getByRole('link', { name: 'What is there' }).click();
  await expect(page.locator('[data-stage]').first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('[data-stage]')).toHaveCount(0);
});

test('on a phone: a line that is not understood is named, another device’s drawer is not overwritten, a drive is used by thumb', async ({
  browser,
  address,
}) => {
  await putDrawer(address, 'P1 pulley A 80 mm, bore 19 mm\nhat\n');
  const { id } = await addBuild(address, bare(`In the shed ${Date.now()}`));
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  await page.goto(`${address}/builds/${id}/finder`);
  const bad = page.getByRole('list', { name: 'lines that were not understood' });
  await expect(bad).toContainText(/line 2, hat: “hat” is no part that is known: pulley A 80.mm/);
  await putDrawer(address, 'S1 sprocket 10B 13 teeth');
  await drawerField(page).fill('P1 pulley A 80 mm, bore 19 mm\nB1 belt A53');
  await expect(page.getByText('Another device has changed the drawer.')).toBeVisible();
  expect((await drawerOf(address)).text).toBe('S1 sprocket 10B 13 teeth');
  await page.getByRole('button', { name: 'keep what is here' }).tap();
  await expect.poll(async () => (await drawerOf(address)).text).toBe('P1 pulley A 80 mm, bore 19 mm\nB1 belt A53');
  await expect(bad).toBeHidden();
  await done(page);
  await page.getByRole('button', { name: 'Use this drive' }).tap();
  await expect(page.getByText('It is between motor and tool now')).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await context.close();
});

test('a drive that is used reserves its own parts and lists what is to buy, in one step; another build is not offered them', async ({
  page,
  address,
}) => {
  await putDrawer(address, 'P9 pulley A 80 mm, bore 19 mm\nP10 pulley A 250 mm, bore 20 mm\n');
  const name = `Reserves ${Date.now()}`;
  const { lines, ...build } = bare(name);
  const wishes = {
    leastSpeed: { text: '430 rpm', value: 430, unit: 'rpm', how: 'chosen' },
    mostSpeed: { text: '480 rpm', value: 480, unit: 'rpm', how: 'chosen' },
  } as const;
  const one = await addBuild(address, { ...build, lines, wishes });
  const other = await addBuild(address, { ...build, lines, wishes, name: `${name}, the other` });
  const offered = found(page).getByRole('button').filter({ hasText: 'own' });
  await page.goto(`${address}/builds/${one.id}/finder`);
  await done(page);
  await offered.first().click();
  await expect(page.getByRole('region', { name: 'what it takes' })).toContainText('P9');
  await page.getByRole('button', { name: 'Use this drive' }).click();
  await expect(page.getByText(/Its parts are on the list of this build: \d reserved in the drawer, \d to buy/)).toBeVisible();
  const list = page.getByRole('region', { name: 'Parts of this build' });
  await page.locator('summary').filter({ hasText: 'Parts of this build' }).click();
  const states = list.getByRole('combobox', { name: /^State, part/ });
  await expect(states.filter({ hasText: 'reserved, from the drawer' }).first()).toBeVisible();
  await expect(states.filter({ hasText: 'to buy' }).first()).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');

  const beside = await page.context().newPage();
  await beside.goto(`${address}/builds/${other.id}/finder`);
  await done(beside);
  await expect(beside.getByText(`Reserved for other builds and left out: P9 (${name})`, { exact: false })).toBeVisible();
  await unfold(beside, 'The drawer');
  await expect(beside.getByRole('list', { name: 'reserved for other builds' })).toContainText(`reserved for ${name}`);

  // Undone, it is free again.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('none yet: a drive that is used adds its parts')).toBeVisible();
  await expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');
  await beside.reload();
  await done(beside);
  await expect(found(beside).getByRole('button').filter({ hasText: 'own' }).first()).toBeVisible();
  await expect(beside.getByText('Reserved for other builds and left out')).toHaveCount(0);
});
