import { readFile } from 'node:fs/promises';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { addBuild, at, choose, demo, enter, expect, goTo, test } from './parts/hobrek.js';

const P = 'main/source/power';
const T = 'main/work/torque';
const D = 'main/belt/driven';

const sentence = (page: Page) => page.getByTestId('sentence');
const kept = (page: Page) => expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');

test('from the list to the machine: half a horsepower changes the sentence, and it is still there after a reload', async ({ page, address }) => {
  await addBuild(address, demo());
  await page.goto(address);
  await page
    .getByRole('link', { name: /Apple crusher/ })
    .first()
    .click();
  await expect(sentence(page)).toContainText('The motor is strong enough');
  await expect(sentence(page)).toHaveAttribute('data-verdict', 'close');

  await enter(page, P, '');
  await (await at(page, P)).pressSequentially('1/2 hp');
  await expect(sentence(page)).toContainText(
    /The motor may be too weak: 7\.41 to 8\.16.N·m reaches the roll, the work needs 8.N·m; at worst overloaded 1\.1.times/,
  );
  await expect(page.getByRole('button', { name: /^Try a 0\.55 kW motor/ })).toBeVisible();
  // Tried beside the page, so that the next key does not wait for it.
  expect(page.workers()).toHaveLength(1);
  await expect(page.getByRole('button', { name: /^speed, roll: 42\d rpm/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^torque, roll: 8 N·m/ })).toBeVisible();
  await goTo(page, 'drive');
  await page.getByText(/more figures$/).click();
  await expect(page.getByRole('button', { name: /^Belt speed, unloaded: 5\.89 m\/s/ })).toBeVisible();
  await kept(page);

  await page.reload();
  await expect(await at(page, P)).toHaveValue('1/2 hp');
  await expect(sentence(page)).toHaveAttribute('data-verdict', 'fails');
});

test('a doubled tab leaves alone what the first has not sent yet; both come together when it can be', async ({ page, context, crusher: _ }) => {
  await page.route('**/api/builds/**', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
  await enter(page, P, '0.9 kW');
  await expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'away');
  // What a browser does when a tab is doubled: the new one begins with all that the session of the first remembers.
  const [double] = await Promise.all([context.waitForEvent('page'), page.evaluate(() => void window.open(location.href))]);
  await sentence(double).waitFor();
  await expect(await at(double, P)).toHaveValue('0.55 kW');
  await enter(double, T, '9 N·m');
  await kept(double);
  await page.unroute('**/api/builds/**');
  await kept(page);
  await expect(await at(page, T)).toHaveValue('9 N·m');
  await expect(await at(double, P)).toHaveValue('0.9 kW');
});

const unreadable = [
  ['abc', 'does not start with a number: “abc”'],
  ['-5 kW', 'was read as −5 kW; it takes 1 W to 1000 kW'],
  ['5 parsecs', 'was read as 5, but “parsecs” is not a unit of power'],
] as const;

test('what cannot be read: a sentence names the field, the last good figures stay greyed, nothing is lost over a reload', async ({
  page,
  crusher: _,
}) => {
  for (const [typed, words] of unreadable) {
    await enter(page, P, typed);
    const see = async () => {
      await expect(page.getByText(`Plate power ${words}`)).toBeVisible();
      await expect(page.getByText('Until then the figures are for 0.55 kW.')).toBeVisible();
      await expect(sentence(page)).toContainText('The motor is strong enough');
      await expect(sentence(page)).toHaveAttribute('data-stale', 'true');
      await expect(page.getByRole('button', { name: /^speed, roll: 430/ })).toHaveAttribute('data-stale', 'true');
      await expect(page.getByRole('button', { name: /^torque, roll: 8/ })).not.toHaveAttribute('data-stale');
    };
    await see();
    await kept(page);
    await page.reload();
    await expect(await at(page, P)).toHaveValue(typed);
    await see();
  }
  await enter(page, P, '0.75 kW');
  await expect(sentence(page)).not.toHaveAttribute('data-stale');
});

test('a figure is believed: why, down to what was typed, by keyboard', async ({ page, crusher: _ }) => {
  await page.getByRole('button', { name: /^torque at full load, roll/ }).focus();
  await page.keyboard.press('Enter');
  // For the eye with its numbers lowered, for the ear in words.
  await expect(page.getByRole('dialog', { name: 'why' })).toContainText('T2 = T1 × i × k');
  await page.getByRole('button', { name: /^T sub 1 3\.69/ }).press('Enter');
  await expect(page.getByRole('dialog', { name: 'why' })).toContainText(
    '60 times 550 divided by open bracket 2 times pi times 1425 close bracket is 3.69 N·m',
  );
  await page.getByRole('button', { name: /^P 550 W/ }).press('Enter');
  await expect(page.getByText('typed “0.55 kW”')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText('typed “0.55 kW”')).toBeHidden();
});

test('a build started from nothing names what it needs, and is believed once that is typed', async ({ page, address }) => {
  await page.goto(address);
  await page.getByRole('link', { name: 'Start a build' }).click();
  await page.getByRole('button', { name: 'A blank sheet' }).click();
  await expect(sentence(page)).toContainText('not known yet: enter plate power, speed');
  await goTo(page, 'builds');
  await expect(page.getByText('not to scale yet')).toBeVisible();
  await page.getByLabel('name of the build').fill('Clay mixer');
  for (const [path, text] of [
    ['source/power', '1/2 hp'],
    ['source/powerIs', 'shaft'],
    ['source/speed', '1425'],
    ['belt/driver', '3 in'],
    ['belt/driven', '10 in'],
    ['work/torque', '4 lbf ft'],
  ] as const)
    await enter(page, `main/${path}`, text);
  await expect(sentence(page)).toContainText('The motor is strong enough');
  await kept(page);
  await page.getByRole('link', { name: 'Hobrek' }).click();
  await expect(page.getByRole('link', { name: /Clay mixer/ })).toContainText('1/2 hp motor → V-belt 3 in to 10 in → tool shaft');
});

test('two devices, one deaf: different fields are both kept, the same field is left to choose with both entries', async ({
  page,
  crusher,
  address,
  browser,
}) => {
  const other = await browser.newPage();
  await other.route('**/api/events', (route) => route.abort());
  await other.goto(`${address}/builds/${crusher.id}`);
  await enter(other, T, '9 N·m');
  await kept(other);
  await enter(page, P, '1 hp');
  await kept(page);
  await expect(await at(page, T)).toHaveValue('9 N·m');

  await enter(other, P, '2 hp');
  await expect(other.getByRole('alert')).toContainText('changed elsewhere in the same places. Nothing was overwritten');
  await expect(await at(other, T)).toHaveValue('9 N·m');
  await other.reload();
  await other.getByRole('button', { name: 'take theirs: 1 hp' }).click();
  await kept(other);
  await expect(await at(other, P)).toHaveValue('1 hp');

  await enter(page, P, '3 hp');
  await kept(page);
  await enter(other, P, '4 hp');
  await other.getByRole('button', { name: 'keep mine: 4 hp' }).click();
  await kept(other);
  await expect(await at(page, P)).toHaveValue('4 hp');
  await other.close();
});

test('undo and redo by key, in a field and outside', async ({ page, crusher: _ }) => {
  await enter(page, P, '');
  await (await at(page, P)).pressSequentially('1/2 hp');
  await enter(page, D, '280 mm');
  await page.keyboard.press('Control+z');
  await expect(await at(page, D)).toHaveValue('250 mm');
  await page.getByRole('heading', { name: 'Checks' }).click();
  await page.keyboard.press('z');
  await expect(await at(page, P)).toHaveValue('0.55 kW');
  await page.keyboard.press('Shift+Z');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(await at(page, D)).toHaveValue('280 mm');
  await expect(await at(page, P)).toHaveValue('1/2 hp');
  await kept(page);
});

test('the server goes away while typing: the page says so, a reload after it is back loses nothing', async ({ page, crusher: _ }) => {
  await page.route('**/api/builds/*', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
  await enter(page, P, '1 hp');
  await expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'away');
  await expect(page.getByRole('alert')).toContainText('The server does not answer. What you typed is kept on this device and will be sent.');
  // It is tried again every few seconds: the page is loaded anew before it can be sent.
  await page.reload();
  await expect(await at(page, P)).toHaveValue('1 hp');
  const notice = page.getByText('What was typed here and had not been kept was restored.');
  await expect(notice).toBeVisible();
  await page.unroute('**/api/builds/*');
  await page.getByRole('button', { name: 'seen', exact: true }).click();
  await expect(notice).toHaveCount(0);
  await kept(page);
});

test('the log tells what changed, keeps a note, and restores a state', async ({ page, crusher: _ }) => {
  await enter(page, P, '1 hp');
  await (await at(page, P)).press('Tab');
  await kept(page);
  await page.getByRole('link', { name: 'Log' }).click();
  await expect(page.getByText('Plate power 0.55 kW → 1 hp')).toBeVisible();
  await page.getByLabel('Your name on this device').fill('Ode');
  await page.getByLabel('What happened, what was measured').fill('The roll squeals.');
  await page.getByRole('button', { name: 'Write down' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'The roll squeals.' })).toContainText(', Ode');
  await page.getByRole('button', { name: 'restore this' }).click();
  await expect(page.getByText('Plate power 1 hp → 0.55 kW')).toBeVisible();
  await expect(await at(page, P)).toHaveValue('0.55 kW');
});

test('an element is picked in one zone and followed in the others, by key and by hand', async ({ page, crusher: _ }) => {
  await page.keyboard.press('ArrowRight');
  await expect(page).toHaveURL(/\/motor$/);
  await page.keyboard.press('ArrowRight');
  await expect(page).toHaveURL(/\/drive$/);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Section', { exact: true })).toBeFocused();
  // Out of the field, and to the first page.
  await page.getByRole('heading', { name: 'Checks' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: /^Needs attention/ })).toBeVisible();
  await page.getByRole('button', { name: 'All checks' }).click();
  await page
    .getByRole('region', { name: 'holds', exact: true })
    .getByRole('button', { name: /^The motor is strong enough/ })
    .click();
  await expect(page).toHaveURL(/\/work$/);
  await expect(page.locator('[data-element="main/work"]')).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('heading', { name: /^Needs attention/ })).toBeVisible();
  await page.getByRole('button', { name: /^belt slips/ }).click();
  await expect(page.locator('[data-element="main/belt"]')).toBeVisible();
});

test('a deleted build can be had back; left alone it is gone', async ({ page, stored, address }) => {
  await page.goto(address);
  const row = page.getByRole('link', { name: new RegExp(stored.build.name) });
  await page.getByRole('button', { name: `Delete ${stored.build.name}` }).click();
  await expect(row).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row).toBeVisible();
  await page.getByRole('button', { name: `Delete ${stored.build.name}` }).click();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Builds' })).toBeVisible();
  await expect.poll(async () => (await fetch(`${address}/api/builds/${stored.id}`)).status).toBe(404);
});

test('an address where there is nothing says so and offers the way back', async ({ page, address }) => {
  await page.goto(`${address}/builds/00000000-0000-4000-8000-000000000000`);
  await expect(page.getByText('There is no such build; it may have been deleted.')).toBeVisible();
  await page.goto(`${address}/shed/unknown`);
  await page.getByRole('link', { name: 'See all builds' }).click();
  await expect(page.getByRole('heading', { name: 'Builds' })).toBeVisible();
});

test('by keyboard alone, from the list to a sentence that is believed, in under 40 keys beside the values', async ({ page, address }) => {
  await page.goto(address);
  await expect(page.getByRole('link', { name: 'Start a build' })).toBeVisible();
  let keys = 0;
  const press = async (...names: string[]) => {
    keys += names.length;
    for (const name of names) await page.keyboard.press(name);
  };
  while (!(await page.getByRole('link', { name: 'Start a build' }).evaluate((button) => button === document.activeElement))) await press('Tab');
  await press('Enter');
  await expect(page.getByPlaceholder('apple, stones, barrow')).toBeFocused();
  await press(...'blank', 'Enter');
  await sentence(page).waitFor();
  // Work goes on with the motor's plate.
  await expect(page.locator(`[data-path="${P}"]`)).toBeFocused();
  await page.keyboard.type('0.55 kW');
  await press('Tab');
  await page.keyboard.type('1425');
  // A list is opened by an arrow key, gone down and taken from.
  const take = async (down: number) => {
    await press('ArrowDown');
    await expect(page.getByRole('option').first()).toBeFocused();
    for (let k = 1; k <= down; k++) {
      await press('ArrowDown');
      await expect(page.getByRole('option').nth(k)).toBeFocused();
    }
    await press('Enter');
    await expect(page.getByRole('listbox')).toHaveCount(0);
  };
  await press('Tab');
  await take(1);
  await press('Tab');
  await take(1);
  await press('Tab');
  await take(2);
  await press('Control+Enter');
  await page.keyboard.type('A');
  await press('Tab');
  await page.keyboard.type('75');
  await press('Tab');
  await page.keyboard.type('250');
  await press('Tab', 'Tab');
  await page.keyboard.type('420');
  await press('Control+Enter');
  await page.keyboard.type('8');
  await expect(sentence(page)).toContainText(/The motor is strong enough: 10\.9 to 12\.0.N·m reaches the tool shaft, the work needs 8.N·m/);
  expect(keys).toBeLessThan(40);
  await expect(await at(page, 'main/source/start')).toHaveAttribute('data-value', 'capacitor-start');
  await goTo(page, 'builds');
  await page.getByText('What happens in a jam').click();
  await expect(page.getByText(/^In a jam /).last()).toBeVisible();
  await kept(page);
});

test('the motor’s run-up is drawn, and every figure of it can be asked why', async ({ page, crusher: _ }) => {
  await page.getByRole('link', { name: 'Motor' }).click();
  await expect(page.getByRole('img', { name: /torque over speed; it settles at 14\d\d rpm/ })).toBeVisible();
  await page.getByRole('button', { name: /^Speed under the load: 14\d\d rpm/ }).click();
  await expect(page.getByText('The first speed from rest at which the source’s torque has fallen to what the work needs of it')).toBeVisible();
  await page.keyboard.press('Escape');
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target).join(', ')}`)).toEqual([]);
});

test('what fails in a jam: the set screw is found, a key is offered, and with it the sentence is glad again', async ({ page, crusher: _ }) => {
  await goTo(page, 'drive');
  await page.locator('summary', { hasText: 'Hub fixing, driven pulley' }).click();
  await choose(page.getByLabel('Hub fixing, driven pulley'), 'a set screw on a D-flat');
  await choose(page.getByLabel('Set screw, driven pulley'), 'M5');
  await expect(sentence(page)).toContainText('In a jam the set screw of the driven pulley slips');
  // What would do is tried, seen, left, and taken.
  const cure = page.getByRole('button', { name: /^Try a key in the driven pulley/ });
  await cure.click();
  const change = page.getByRole('dialog', { name: 'what it would change' });
  await expect(change).toContainText(/Hub fixing, driven pulley a set screw on a D-flat → a key/);
  await expect(change).toContainText('The motor is strong enough, reserve 26 %; close: the power rating of the belt');
  await change.getByRole('button', { name: 'Leave it' }).click();
  await expect(page.getByLabel('Hub fixing, driven pulley')).toHaveAttribute('data-value', /flat/);
  await cure.click();
  await change.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByLabel('Hub fixing, driven pulley')).toHaveAttribute('data-value', 'key');
  await expect(sentence(page)).toHaveAttribute('data-verdict', 'close');
  await expect(page.getByText(/A53: the shaft moves 5\.32 mm out\./)).toBeVisible();
});

test('a second stage is put in, made a chain, moved and taken out again, and every step can be undone', async ({ page, crusher: _ }) => {
  await goTo(page, 'drive');
  const stages = page.getByRole('list', { name: 'stages, from motor to tool' }).locator('[data-stage]');
  await page.getByRole('button', { name: 'add after the V-belt: what could go here' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /V-belt/ })
    .click();
  await choose(page.getByLabel('kind of stage'), 'roller chain');
  await choose(page.getByLabel('Chain', { exact: true }), '08B');
  await page.getByLabel('Driving sprocket, teeth').fill('15');
  await page.getByLabel('Driven sprocket, teeth').fill('42');
  await page.getByLabel('Centre distance').fill('369 mm');
  await expect(sentence(page)).toContainText(/28\.5 to 33\.0.N·m reaches the roll/);
  const layshaft = page.getByRole('button', { name: /^torque at full load, layshaft: / });
  const before = await layshaft.getAttribute('aria-label');
  await page.getByRole('button', { name: 'earlier' }).click();
  await expect(layshaft).not.toHaveAttribute('aria-label', before ?? '');
  await page.getByRole('button', { name: 'take out' }).click();
  await expect(stages).toHaveCount(1);
  for (const _step of ['taken out', 'moved']) await page.keyboard.press('Control+z');
  await expect(stages).toHaveCount(2);
  await goTo(page, 'work');
  await choose(page.getByLabel('kind of work'), 'fruit crusher, fruit mill');
  await expect(page.getByLabel('Roll, diameter over the teeth')).toBeVisible();
  await kept(page);
  await goTo(page, 'drive');
  await stages
    .last()
    .getByRole('button', { name: /^Roller chain/ })
    .click();
  await expect(page).toHaveURL(/\/drive\?part=/);
  await page.reload();
  await expect(page.getByLabel('Driven sprocket, teeth')).toHaveValue('42');
});

test('the motor’s place is taken by an engine, which has its own fields, cautions and run-up', async ({ page, crusher: _ }) => {
  await goTo(page, 'motor');
  await choose(page.getByLabel('kind of source'), 'small petrol engine');
  await page.getByLabel('Rated power').fill('6.5 hp');
  await page.getByLabel('Rated speed', { exact: true }).fill('3600 rpm');
  await choose(page.getByLabel('Clutch'), 'centrifugal');
  await expect(sentence(page)).toContainText('The engine is strong enough');
  await expect(page.getByText('its exhaust kills without a smell')).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'stops' })).toContainText('Engine');
  await page.keyboard.press('Control+z');
  await choose(page.getByLabel('kind of source'), 'hand crank');
  await expect(sentence(page)).toContainText('Whether the crank is strong enough is not known yet: enter handle, from the shaft');
});

test('a build is copied, changed, and laid beside the first: what was entered, and what that changes', async ({ page, crusher, address }) => {
  const { name } = crusher.build;
  await page.goto(address);
  await page.getByRole('button', { name: `Copy ${name}` }).click();
  await page.getByRole('link', { name: new RegExp(`^${name}, copy`) }).click();
  await enter(page, D, '315 mm');
  await kept(page);
  await page.goto(address);
  await page.getByRole('button', { name: `Compare ${name}`, exact: true }).click();
  await page.getByRole('button', { name: `Compare ${name}, copy` }).click();
  const driven = page.getByLabel('Driven pulley', { exact: true });
  await expect(driven.nth(0)).toHaveValue('250 mm');
  await expect(driven.nth(1)).toHaveValue('315 mm');
  const torques = (a: string, b: string) => page.getByRole('row', { name: new RegExp(`^roll: torque at full load ${a} .* ${b} `) });
  await expect(torques('11\\.8', '14\\.9')).toBeVisible();
  // By hand: 11.8 N·m × 280 / 250 = 13.2, × 224 / 250 = 10.6.
  // Either can be changed where they are laid beside each other, with steps of its own.
  await driven.nth(1).fill('280 mm');
  await expect(torques('11\\.8', '13\\.2')).toBeVisible();
  await driven.nth(0).fill('224 mm');
  await expect(torques('10\\.6', '13\\.2')).toBeVisible();
  await driven.nth(1).press('Control+z');
  await expect(torques('10\\.6', '14\\.9')).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(torques('11\\.8', '14\\.9')).toBeVisible();
  await expect(page.getByText(/The belt needs the motor .* further in/).last()).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target).join(', ')}`)).toEqual([]);
});

test('the brief is written, kept and undone like anything else', async ({ page, crusher: _ }) => {
  await page.getByRole('link', { name: 'Brief' }).click();
  const words = page.getByLabel('What must it do?');
  await expect(words).toHaveValue(/Crush windfalls/);
  await words.fill('Crush pears as well.');
  await words.blur();
  await kept(page);
  await page.reload();
  await expect(words).toHaveValue('Crush pears as well.');
  await words.fill('Nothing but pears.');
  await page.getByRole('heading', { name: /^Brief/ }).click();
  await page.keyboard.press('Control+z');
  await expect(words).toHaveValue('Crush pears as well.');
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id }) => id)).toEqual([]);
});

test('a build is taken away as its file and imported again; a damaged file says where', async ({ page, crusher, address }) => {
  await page.getByRole('button', { name: 'Export' }).click();
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('menuitem', { name: /its file/ }).click()]);
  const text = await readFile(await download.path(), 'utf8');
  expect(download.suggestedFilename()).toMatch(/^crusher-\d+\.json$/);
  expect(JSON.parse(text)).toEqual(crusher.build);

  await page.goto(address);
  const bring = (name: string, contents: string) =>
    page.getByTestId('bring-in').setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(contents) });
  await bring('half.json', text.slice(0, 300));
  await expect(page.getByRole('dialog')).toContainText('half.json: is not JSON');
  await page.getByRole('button', { name: 'Close' }).click();

  await bring('odd.json', text.replace('"value": 550', '"value": -550'));
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await expect(page.getByRole('dialog')).toContainText('was not imported: lines.0.source.inputs.power.value: must not be less than 1 (it is -550)');
  await page.getByRole('button', { name: 'Leave it' }).click();

  await bring('copy.json', text.replace(crusher.build.name, `Copy of ${crusher.build.name}`));
  await expect(page.getByRole('dialog')).toContainText('will be put into the shed');
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByLabel('find a build').fill(`Copy of ${crusher.build.name}`);
  await expect(page.getByRole('listitem')).toHaveCount(1);
  await expect(page.getByText('one found')).toBeVisible();
});

test('single letters can be kept from being keys; the chord still is', async ({ page, crusher: _ }) => {
  await page.getByRole('button', { name: 'Preferences, keys' }).click();
  await page.getByLabel(/single letters are keys/).uncheck();
  await page.keyboard.press('Escape');
  await enter(page, P, '1 hp');
  await page.getByRole('heading', { name: 'Checks' }).click();
  await page.keyboard.press('z');
  await expect(await at(page, P)).toHaveValue('1 hp');
  await page.keyboard.press('Control+z');
  await expect(await at(page, P)).toHaveValue('0.55 kW');
});

test('needs nothing from outside, complains of nothing, fits 390 px', async ({ page, crusher, address }) => {
  const outside: string[] = [];
  const complaints: string[] = [];
  page.on('request', (request) => request.url().startsWith(address) || request.url().startsWith('data:') || outside.push(request.url()));
  page.on('console', (message) => (message.type() === 'error' || message.type() === 'warning') && complaints.push(message.text()));
  for (const path of ['/', `/builds/${crusher.id}`, `/builds/${crusher.id}/drive`]) {
    await page.goto(`${address}${path}`);
    await page.getByText('The motor is strong enough').first().waitFor();
    await page.setViewportSize({ width: 390, height: 844 });
    await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await page.setViewportSize({ width: 1280, height: 800 });
  }
  expect(outside).toEqual([]);
  expect(complaints).toEqual([]);
});
